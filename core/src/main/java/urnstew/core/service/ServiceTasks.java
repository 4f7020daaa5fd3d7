package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import urnstew.core.formula.Formula;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.holding.HotHold;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.lot.Reheating;
import urnstew.core.plan.StageTasks;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.piece.DropList;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;

/**
 * The whole work of a service in one list: pots, shares of a base, what goes with each dish, and
 * the plates.
 */
public final class ServiceTasks {
  /** A plain sauce keeps so long hot (common practice). */
  static final Duration SAUCE_WAITS = Duration.ofHours(1);

  /** Opened, filled in, stirred. */
  private static final Duration HEATED_HANDS = Duration.ofMinutes(3);

  /** A share that is hot goes on soon (common practice). */
  private static final Duration SHARE_WAITS = Duration.ofMinutes(30);

  private static final double VARIES = 0.25;

  private static final Effort LADLED = Effort.ofMinutes(1, 2, 4);

  private static final Set<Kind> STAGES =
      Set.of(
          Kind.STAGE,
          Kind.START_SIMMER,
          Kind.PHASE,
          Kind.THICK,
          Kind.FINISH,
          Kind.REHEAT,
          Kind.COOK,
          Kind.BUILD);

  private final List<Task> all = new ArrayList<>();

  /** Key of the work after which a part is there, by its formula. */
  private final Map<String, String> made = new HashMap<>();

  /**
   * A dish.
   *
   * @param subject its own among all of the service
   * @param out when its plates are out
   * @param sauce what it is served with; empty where it has none
   * @param drops pieces that go into that sauce; empty where none do
   * @param sides what else goes with it
   * @param apart keys of the work after which shares are there that went on apart
   */
  public record Dish(
      Subject subject,
      PickUps out,
      Optional<Sauce> sauce,
      Optional<InSauce> drops,
      List<Side> sides,
      List<String> apart) {
    public Dish {
      sides = List.copyOf(sides);
      apart = List.copyOf(apart);
    }
  }

  /**
   * A share that goes on apart from the pot of its dish, for eaters who leave something out.
   *
   * @param pot subject of that pot
   * @param last key of the work after which that pot is done
   * @param leaves before what they must not have
   * @param mass that leaves the pot then
   * @param still what goes into it from then on; all of it where it has a pot of its own
   * @param instead what of that stands in for what they leave out
   * @param held a small pot and its burner
   * @param ready when it is wanted
   */
  public record Apart(
      Subject subject,
      Subject pot,
      String last,
      Moment leaves,
      Mass mass,
      ResolvedFormula still,
      ResolvedFormula instead,
      List<Need> held,
      Instant ready) {
    public Apart {
      held = List.copyOf(held);
    }
  }

  /**
   * The sauce of a dish.
   *
   * @param of subject in whose pot it is: its own, or that of the base
   * @param last key of the work after which it is there
   * @param hold how it loses water where it stands hot; empty where nothing is known of its pot
   */
  public record Sauce(
      Subject of,
      String last,
      Optional<Vessel> pot,
      Optional<HeatSource> burner,
      Optional<HotHold> hold) {
    List<Need> held() {
      return Stream.concat(
              pot.<Need>map(one -> new Need.OfVessel(one.id(), one.name())).stream(),
              burner.<Need>map(one -> new Need.OfBurner(one.id(), one.name())).stream())
          .toList();
    }
  }

  /**
   * Pieces in the sauce of a dish.
   *
   * @param waits the one that may wait least
   */
  public record InSauce(DropList list, Duration waits) {}

  /** All so far. */
  public List<Task> all() {
    return List.copyOf(all);
  }

  /** The work of a pot, or of a part; its last is there when it is done. */
  public String pot(List<Task> work) {
    all.addAll(work);
    return work.get(work.size() - 1).key();
  }

  /**
   * A share that is taken out of a base: before a stage of it, or when it is done.
   *
   * @param base subject of the base
   * @param last key of the work after which the base is done
   * @param beforeStage place of the stage before which it leaves; empty where it is done
   */
  public Task share(
      Subject subject, Subject base, String last, Optional<Integer> beforeStage, Mass mass) {
    Optional<Task> next = beforeStage.flatMap(place -> find(base.id() + "/stage-" + place));
    Task share =
        Task.of(
                "share",
                Kind.STAGE,
                subject,
                "take it out of the base",
                next.map(Task::due).orElse(Due.fromThen(Instant.EPOCH)),
                LADLED)
            .with(new Figure.Much(mass))
            .after(next.map(Task::follows).orElse(List.of(Follows.within(last, SAUCE_WAITS))));
    next.ifPresent(stage -> replace(stage, Follows.whenever(share.key())));
    return share;
  }

  /** Whether a pot comes to that stage here: it has not joined later, and is not there in tubs. */
  public boolean comesTo(Subject pot, Moment moment) {
    return !moment.isFirst() && find(stageOf(pot, moment)).isPresent();
  }

  private static String stageOf(Subject pot, Moment moment) {
    return pot.id() + "/stage-" + moment.stage();
  }

  /**
   * Its share is out of the pot before what is not for its eaters goes in, and goes on apart; where
   * the pot does not come to that moment, they have one of their own from the beginning.
   *
   * @return key of the work after which it is there
   */
  public String apart(Apart one) {
    boolean parted = comesTo(one.pot(), one.leaves());
    String last =
        pot(
            StageTasks.apart(
                one.still(),
                one.instead(),
                parted ? one.leaves().stage() : 0,
                parted ? List.of(leaves(one)) : List.of(),
                one.subject(),
                one.ready(),
                one.held()));
    taking(one.subject(), one.still());
    return last;
  }

  private Follows leaves(Apart one) {
    Task share =
        one.leaves().after().isZero()
            ? share(
                one.subject(), one.pot(), one.last(), Optional.of(one.leaves().stage()), one.mass())
            : within(one);
    if (!one.leaves().after().isZero()) {
      waitFor(share, one);
    }
    all.add(share);
    return Follows.within(share.key(), SHARE_WAITS);
  }

  /** By the clock of the stage in which it leaves. */
  private Task within(Apart one) {
    Task stage = find(stageOf(one.pot(), one.leaves())).orElseThrow();
    Duration after = one.leaves().after();
    return Task.of(
            "share",
            Kind.MOVE_PIECES,
            one.subject(),
            "take it out of the pot",
            Due.at(stage.due().at().plus(after)),
            LADLED)
        .with(new Figure.Much(one.mass()))
        .after(List.of(new Follows(stage.key(), after, Optional.of(after))));
  }

  /** What goes in at that moment of the stage, or later in it. */
  private void waitFor(Task share, Apart one) {
    String stage = stageOf(one.pot(), one.leaves());
    List<Task> later =
        all.stream()
            .filter(task -> task.kind() == Kind.ADD)
            .filter(
                task ->
                    task.follows().stream()
                        .anyMatch(
                            goes ->
                                goes.key().equals(stage)
                                    && goes.shortest().compareTo(one.leaves().after()) >= 0))
            .toList();
    later.forEach(
        task -> replace(task, new Follows(share.key(), LADLED.hands().likely(), Optional.empty())));
  }

  /**
   * Sauce that is there already, heated as the code asks.
   *
   * @param held pot and burner
   * @param ready when it is wanted
   */
  public static Task reheat(
      Subject subject, Reheating heat, Mass mass, List<Need> held, Instant ready) {
    Duration hands = HEATED_HANDS.compareTo(heat.time()) < 0 ? HEATED_HANDS : heat.time();
    return Task.of(
            "share",
            Kind.REHEAT,
            subject,
            "heat what is in tubs",
            Due.at(ready.minus(heat.time())),
            new Effort(Span.exactly(hands), Span.about(heat.time().minus(hands), VARIES)))
        .with(new Figure.Much(mass))
        .holding(held);
  }

  private Optional<Task> find(String key) {
    return all.stream().filter(task -> task.key().equals(key)).findFirst();
  }

  /** The stage waits for the share: what follows it is no longer for everybody. */
  private void replace(Task stage, Follows share) {
    List<Follows> after = Stream.concat(stage.follows().stream(), Stream.of(share)).toList();
    all.set(all.indexOf(stage), stage.after(after));
  }

  /** What goes with a dish, and its plates. */
  public void dish(Dish dish) {
    DishTasks work = new DishTasks(dish);
    all.addAll(work.all());
    work.made().forEach(this::taking);
  }

  /**
   * Parts that formulas make for others: each once for all that take it, the deepest first.
   *
   * @param batches of the whole service
   * @param subject by the formula of the part
   * @param ready when the first is wanted
   * @param burner on which their hot stages stand
   */
  public void parts(
      List<ResolvedFormula> batches,
      Function<Formula, Subject> subject,
      Instant ready,
      List<Need> burner) {
    Map<String, MadePart> parts = new LinkedHashMap<>();
    batches.stream()
        .flatMap(batch -> batch.parts().stream())
        .forEach(
            part ->
                parts.merge(
                    part.formula().formula().id(),
                    part,
                    (one, other) ->
                        one.times(1 + other.mass().kilograms() / one.mass().kilograms())));
    parts.forEach(
        (id, part) -> {
          Subject own = subject.apply(part.formula().formula());
          List<Task> work = StageTasks.made(part.formula(), false, own, ready, burner);
          if (!work.isEmpty()) {
            made.put(id, pot(work));
            taking(own, part.formula());
          }
        });
  }

  /** What takes parts waits for them, from the stage on into which they go. */
  public void taking(Subject subject, ResolvedFormula batch) {
    batch.portions().stream()
        .filter(Portion::isMadeForIt)
        .forEach(
            portion ->
                Optional.ofNullable(made.get(portion.made().orElseThrow().formula().formula().id()))
                    .ifPresent(
                        last ->
                            into(subject, portion.stage())
                                .ifPresent(task -> replace(task, Follows.whenever(last)))));
  }

  /** The stage, or the first that is here after it. */
  private Optional<Task> into(Subject subject, int stage) {
    return all.stream()
        .filter(task -> task.subject().equals(subject))
        .filter(task -> STAGES.contains(task.kind()))
        .filter(task -> stageOf(task).map(place -> place >= stage).orElse(true))
        .findFirst();
  }

  private static Optional<Integer> stageOf(Task task) {
    String part = task.key().substring(task.key().lastIndexOf('/') + 1);
    return part.startsWith("stage-")
        ? Optional.of(Integer.valueOf(part.substring("stage-".length())))
        : Optional.empty();
  }
}
