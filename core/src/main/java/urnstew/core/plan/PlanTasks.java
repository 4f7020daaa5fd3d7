package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/**
 * The work of one batch, from what is soaked to what is stirred in at the end: mise en place, a
 * task for each stage of the formula with what it holds and how long it may wait, and what goes in
 * on the way. A plan that never gets thick is told as if it were lit now.
 */
public final class PlanTasks {
  private static final Effort MOMENT = Effort.ofMinutes(0.3, 1, 2);

  private final PlanInputs inputs;
  private final Plan plan;
  private final Subject subject;

  /** What is cut and drained for it. */
  private final ResolvedFormula cut;

  private final List<Need> held;
  private final List<Task> tasks = new ArrayList<>();

  /** Key of the stage before, and how long what it leaves may wait. */
  private Optional<Follows> before = Optional.empty();

  private PlanTasks(PlanInputs inputs, Plan plan, Subject subject, ResolvedFormula cut) {
    this.inputs = inputs;
    this.plan = plan;
    this.subject = subject;
    this.cut = cut;
    this.held = held(inputs);
  }

  /** In the order of the work, with what is cut for parts that formulas make for it. */
  public static List<Task> of(PlanInputs inputs, Plan plan) {
    Formula formula = inputs.formula().formula();
    Subject subject = new Subject(Place.PLAN, formula.id(), formula.name());
    return new PlanTasks(inputs, plan, subject, plan.size().batch()).all();
  }

  /** One pot of several of a service, in which such parts are work of their own. */
  public static List<Task> of(PlanInputs inputs, Plan plan, Subject subject) {
    return new PlanTasks(inputs, plan, subject, plan.size().batch().withoutMade()).all();
  }

  private List<Task> all() {
    work();
    return List.copyOf(tasks);
  }

  private static List<Need> held(PlanInputs inputs) {
    Need vessel = new Need.OfVessel(inputs.vessel().id(), inputs.vessel().name());
    Need heat =
        inputs.setting().heating() instanceof Heating.InOven oven
            ? new Need.OfOven(Optional.empty(), oven.air())
            : new Need.OfBurner(
                inputs.setting().heatSource().id(), inputs.setting().heatSource().name());
    return List.of(vessel, heat);
  }

  private void work() {
    Optional<Scheduled> hours =
        plan.timing() instanceof Scheduled scheduled ? Optional.of(scheduled) : Optional.empty();
    Instant lightAt = hours.map(Scheduled::lightAt).orElse(inputs.now());
    tasks.addAll(MiseEnPlace.of(Map.of(subject.name(), cut)).tasks(subject, lightAt));
    List<Follows> ready = tasks.stream().map(task -> Follows.whenever(task.key())).toList();
    Task light =
        Task.of("light", Kind.LIGHT, subject, "light it", Due.at(lightAt), MOMENT)
            .holding(held)
            .after(ready);
    tasks.add(light);
    before = Optional.of(Follows.whenever(light.key()));
    Instant simmerAt = prepare(lightAt);
    simmer(simmerAt, hours);
    finish(hours.map(Scheduled::thickAt));
  }

  /** One stage after the other, in the pot that was lit. */
  private Instant prepare(Instant lightAt) {
    Instant at = lightAt;
    for (Preparation.Step step : plan.preparation().steps()) {
      put(Kind.STAGE, step.stage(), Due.fromThen(at), Span.exactly(step.time()));
      at = at.plus(step.time());
    }
    return at;
  }

  /** Each stage as long as its phase lasts, and what goes in or moves on the way. */
  private void simmer(Instant simmerAt, Optional<Scheduled> hours) {
    SimmerPhases phases = inputs.formula().phases();
    List<Stage> all = inputs.formula().formula().stages();
    for (int phase = 0; phase < phases.all().size(); phase++) {
      Instant from = later(simmerAt, start(plan.prediction().likely(), phase));
      Span lasts = hours.isPresent() ? span(phase) : Span.NONE;
      for (int place : phases.all().get(phase).stages()) {
        Task simmer =
            put(
                phase == 0 ? Kind.START_SIMMER : Kind.PHASE,
                all.get(place),
                Due.fromThen(from),
                lasts);
        additions(phases, place, phase, from, simmer);
      }
    }
    hours.ifPresent(
        known -> {
          Task thick = thick(known);
          tasks.add(thick);
          before = before.map(one -> new Follows(thick.key(), Duration.ZERO, one.longest()));
        });
  }

  /** What goes in after a stage has begun, or comes back in it. */
  private void additions(SimmerPhases phases, int place, int phase, Instant from, Task simmer) {
    for (Portion portion : plan.size().batch().additions()) {
      Entry entry = phases.entry(portion);
      int stage = entry.back().map(SimmerPhases.MovePlace::stage).orElse(portion.stage());
      if (entry.phase() == phase && stage == place) {
        tasks.add(addition(portion, entry, from, simmer));
      }
    }
  }

  private static double start(ReductionCurve fall, int phase) {
    return fall.phaseStart(phase).orElse(fall.last().seconds());
  }

  private Span span(int phase) {
    Duration early = lasts(plan.prediction().early(), phase);
    Duration likely = lasts(plan.prediction().likely(), phase);
    Duration late = lasts(plan.prediction().late(), phase);
    return new Span(min(early, likely), likely, late.compareTo(likely) < 0 ? likely : late);
  }

  private static Duration min(Duration one, Duration other) {
    return one.compareTo(other) < 0 ? one : other;
  }

  private static Duration lasts(ReductionCurve fall, int phase) {
    return Duration.ofMillis(Math.round(1000 * (start(fall, phase + 1) - start(fall, phase))));
  }

  private static Instant later(Instant from, double seconds) {
    return from.plusMillis(Math.round(1000 * seconds));
  }

  private Task thick(Scheduled hours) {
    return Task.of(
            "thick",
            Kind.THICK,
            subject,
            "thick enough",
            Due.at(hours.earliest(), hours.thickAt(), hours.latest()),
            MOMENT)
        .holding(held)
        .after(before.stream().map(one -> Follows.whenever(one.key())).toList());
  }

  private Task addition(Portion portion, Entry entry, Instant from, Task simmer) {
    String name = portion.ingredient().name().toLowerCase(Locale.ROOT);
    Duration after = entry.after();
    boolean back = entry.back().isPresent();
    return Task.of(
            "add-" + portion.ingredient().id() + "@" + entry.phase() + "-" + after.toSeconds(),
            back ? Kind.MOVE_PIECES : Kind.ADD,
            subject,
            back ? "back in: " + name : "add the " + name,
            Due.at(from.plus(after)),
            MOMENT)
        .with(new Figure.Much(portion.mass()))
        .after(List.of(new Follows(simmer.key(), after, Optional.of(after))));
  }

  private void finish(Optional<Instant> thickAt) {
    Instant at = thickAt.orElse(inputs.readyBy());
    for (Stage stage : stages(StageRole.FINISH)) {
      put(Kind.FINISH, stage, Due.fromThen(at), Span.exactly(stage.time()));
      at = at.plus(stage.time());
    }
  }

  private Task put(Kind kind, Stage stage, Due due, Span lasts) {
    int place = inputs.formula().formula().stages().indexOf(stage);
    Task task =
        StageTasks.of(stage, place, kind, subject, due, lasts, held)
            .after(before.stream().toList());
    tasks.add(task);
    before = Optional.of(StageTasks.after(stage, task));
    return task;
  }

  private List<Stage> stages(StageRole role) {
    return inputs.formula().formula().stages().stream()
        .filter(stage -> stage.role() == role)
        .toList();
  }
}
