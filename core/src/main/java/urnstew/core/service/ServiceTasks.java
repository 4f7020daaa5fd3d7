package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.holding.HotHold;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.lot.Reheating;
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

  private static final double VARIES = 0.25;

  private static final Effort LADLED = Effort.ofMinutes(1, 2, 4);

  private final List<Task> all = new ArrayList<>();

  /**
   * A dish.
   *
   * @param subject its own among all of the service
   * @param out when its plates are out
   * @param sauce what it is served with; empty where it has none
   * @param drops pieces that go into that sauce; empty where none do
   * @param sides what else goes with it
   */
  public record Dish(
      Subject subject,
      PickUps out,
      Optional<Sauce> sauce,
      Optional<InSauce> drops,
      List<Side> sides) {
    public Dish {
      sides = List.copyOf(sides);
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
    all.addAll(new DishTasks(dish).all());
  }
}
