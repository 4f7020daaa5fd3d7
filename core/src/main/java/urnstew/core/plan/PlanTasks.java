package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Heating;
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
  private final List<Need> held;
  private final List<Task> tasks = new ArrayList<>();

  /** Key of the stage before, and how long what it leaves may wait. */
  private Optional<Follows> before = Optional.empty();

  private PlanTasks(PlanInputs inputs, Plan plan) {
    this.inputs = inputs;
    this.plan = plan;
    this.subject =
        new Subject(Place.PLAN, inputs.formula().formula().id(), inputs.formula().formula().name());
    this.held = held(inputs);
  }

  /** In the order of the work. */
  public static List<Task> of(PlanInputs inputs, Plan plan) {
    PlanTasks all = new PlanTasks(inputs, plan);
    all.work();
    return List.copyOf(all.tasks);
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
    tasks.addAll(
        MiseEnPlace.of(Map.of(subject.name(), plan.size().batch())).tasks(subject, lightAt));
    List<Follows> cut = tasks.stream().map(task -> Follows.whenever(task.key())).toList();
    Task light =
        Task.of("light", Kind.LIGHT, subject, "light it", Due.at(lightAt), MOMENT)
            .holding(held)
            .after(cut);
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

  private void simmer(Instant simmerAt, Optional<Scheduled> hours) {
    for (Stage stage : stages(StageRole.REDUCE)) {
      Span lasts =
          hours
              .map(
                  known ->
                      new Span(
                          Duration.between(simmerAt, known.earliest()),
                          Duration.between(simmerAt, known.thickAt()),
                          Duration.between(simmerAt, known.latest())))
              .orElse(Span.NONE);
      Task simmer = put(Kind.START_SIMMER, stage, Due.fromThen(simmerAt), lasts);
      int place = inputs.formula().formula().stages().indexOf(stage);
      plan.size().batch().additions().stream()
          .filter(portion -> portion.stage() == place)
          .forEach(portion -> tasks.add(addition(portion, simmerAt, simmer)));
    }
    hours.ifPresent(known -> tasks.add(thick(known)));
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

  private Task addition(Portion portion, Instant simmerAt, Task simmer) {
    String name = portion.ingredient().name().toLowerCase(Locale.ROOT);
    return Task.of(
            "add-" + portion.ingredient().id() + "@" + portion.after().toSeconds(),
            Kind.ADD,
            subject,
            "add the " + name,
            Due.at(simmerAt.plus(portion.after())),
            MOMENT)
        .with(new Figure.Much(portion.mass()))
        .after(List.of(new Follows(simmer.key(), portion.after(), Optional.of(portion.after()))));
  }

  private void finish(Optional<Instant> thickAt) {
    Instant at = thickAt.orElse(inputs.readyBy());
    for (Stage stage : stages(StageRole.FINISH)) {
      put(Kind.FINISH, stage, Due.fromThen(at), Span.exactly(stage.time()));
      at = at.plus(stage.time());
    }
  }

  private Task put(Kind kind, Stage stage, Due due, Span lasts) {
    StageWork work = StageWork.of(stage);
    int place = inputs.formula().formula().stages().indexOf(stage);
    Task task =
        Task.of(
                "stage-" + place,
                kind,
                subject,
                stage.title().toLowerCase(Locale.ROOT),
                due,
                work.effort(lasts))
            .holding(held)
            .after(before.stream().toList());
    tasks.add(task);
    before =
        Optional.of(
            work.longestGap()
                .map(gap -> Follows.within(task.key(), gap))
                .orElse(Follows.whenever(task.key())));
    return task;
  }

  private List<Stage> stages(StageRole role) {
    return inputs.formula().formula().stages().stream()
        .filter(stage -> stage.role() == role)
        .toList();
  }
}
