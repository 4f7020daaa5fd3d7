package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.lot.Reheating;
import urnstew.core.serving.PlateTasks;
import urnstew.core.serving.pasta.PastaTasks;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.PieceTasks;
import urnstew.core.serving.tray.TrayTasks;
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
  private static final Duration SAUCE_WAITS = Duration.ofHours(1);

  /** Sauce of which some is baked is held until the plates. */
  private static final Duration SAUCE_HELD = Duration.ofHours(4);

  /** Opened, filled in, stirred. */
  private static final Duration HEATED_HANDS = Duration.ofMinutes(3);

  private static final double VARIES = 0.25;

  private static final Effort LADLED = Effort.ofMinutes(1, 2, 4);

  private final List<Task> all = new ArrayList<>();

  /**
   * A dish.
   *
   * @param subject its own among all of the service
   * @param covers 1 or more
   * @param hour when its plates are out
   * @param sauce key of the work after which its sauce is there; empty where tubs give it
   * @param drops pieces that go into it; empty where none do
   * @param sides what else goes with it
   */
  public record Dish(
      Subject subject,
      int covers,
      Instant hour,
      Optional<String> sauce,
      Optional<InSauce> drops,
      List<Side> sides) {
    public Dish {
      sides = List.copyOf(sides);
    }
  }

  /**
   * Pieces in the sauce of a dish.
   *
   * @param pot in which the sauce is; empty where it comes from another's
   * @param of subject whose pot that is
   * @param waits the one that may wait least
   */
  public record InSauce(
      DropList list,
      Optional<Vessel> pot,
      Optional<HeatSource> burner,
      Subject of,
      Duration waits) {
    private List<Need> held() {
      return Stream.concat(
              pot.<Need>map(one -> new Need.OfVessel(one.id(), one.name())).stream(),
              burner.<Need>map(one -> new Need.OfBurner(one.id(), one.name())).stream())
          .toList();
    }
  }

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
    next.ifPresent(stage -> replace(stage, share));
    return share;
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
  private void replace(Task stage, Task share) {
    List<Follows> after =
        Stream.concat(stage.follows().stream(), Stream.of(Follows.whenever(share.key()))).toList();
    all.set(all.indexOf(stage), stage.after(after));
  }

  /** What goes with a dish, and its plates. */
  public void dish(Dish dish) {
    List<PlateTasks.Part> parts = new ArrayList<>();
    Optional<Follows> sauce = dish.sauce().map(key -> Follows.within(key, waits(dish)));
    Optional<Follows> then = dish.drops().map(drops -> pieces(drops, dish, sauce)).or(() -> sauce);
    boolean onPlate = Side.trays(dish.sides()).stream().noneMatch(Side.Tray::everybody);
    then.filter(one -> onPlate)
        .ifPresent(one -> parts.add(part(List.of(one.key()), one.longest().orElseThrow())));
    for (int place = 0; place < dish.sides().size(); place++) {
      parts.add(side(place, dish, sauce, then));
    }
    all.addAll(PlateTasks.of(dish.covers(), dish.subject(), dish.hour(), parts));
  }

  private static Duration waits(Dish dish) {
    return Side.trays(dish.sides()).isEmpty() ? SAUCE_WAITS : SAUCE_HELD;
  }

  private static PlateTasks.Part part(List<String> loads, Duration waits) {
    return new PlateTasks.Part(loads, waits);
  }

  private Follows pieces(InSauce in, Dish dish, Optional<Follows> sauce) {
    List<Task> work =
        PieceTasks.inSauce(in.list(), in.held(), in.of(), dish.hour(), sauce.stream().toList());
    all.addAll(work);
    return Follows.within(work.get(0).key(), in.waits());
  }

  private PlateTasks.Part side(
      int place, Dish dish, Optional<Follows> sauce, Optional<Follows> then) {
    Side side = dish.sides().get(place);
    Subject own =
        new Subject(dish.subject().place(), dish.subject().id() + "-" + place, side.name());
    if (side instanceof Side.Pasta pasta) {
      return pasta(pasta, own, dish, then);
    }
    if (side instanceof Side.Tray tray) {
      return tray(tray, own, dish, sauce);
    }
    Side.Pieces pieces = (Side.Pieces) side;
    List<Task> work =
        PieceTasks.apart(pieces.cooking(), pieces.rule(), pieces.count(), own, dish.hour());
    return part(List.of(pot(work)), PieceTasks.waits(pieces.cooking()));
  }

  /** The pan wants the sauce. */
  private PlateTasks.Part pasta(Side.Pasta pasta, Subject own, Dish dish, Optional<Follows> sauce) {
    List<Task> work =
        PastaTasks.of(pasta.stove(), pasta.pot(), pasta.burner(), own, dish.hour()).stream()
            .map(task -> task.kind() == Kind.TOSS ? also(task, sauce) : task)
            .toList();
    all.addAll(work);
    return part(keys(work, Kind.TOSS), Side.Pasta.WAITS);
  }

  /** Trays are layered with it. */
  private PlateTasks.Part tray(Side.Tray tray, Subject own, Dish dish, Optional<Follows> sauce) {
    List<Task> work =
        TrayTasks.of(tray.build(), tray.bake(), tray.trays(), tray.oven(), own, dish.hour())
            .stream()
            .map(task -> task.kind() == Kind.BUILD ? also(task, sauce) : task)
            .toList();
    all.addAll(work);
    return part(keys(work, Kind.REST), Side.Tray.WAITS);
  }

  private static Task also(Task task, Optional<Follows> more) {
    return task.after(Stream.concat(task.follows().stream(), more.stream()).toList());
  }

  private static List<String> keys(List<Task> work, Kind kind) {
    return work.stream().filter(task -> task.kind() == kind).map(Task::key).toList();
  }
}
