package urnstew.core.serving.pasta;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** The work of pasta: its water, each drop, and the pan. */
public final class PastaTasks {
  /** Filled, carried and salted; the drop itself with a stir (common practice). */
  static final Duration HANDS = Duration.ofMinutes(1);

  /** Water at the boil may wait so long before it is fewer (common practice). */
  static final Duration WATER_WAITS = Duration.ofMinutes(20);

  /** Drained, it sticks and dries (common practice). */
  static final Duration DRAINED_WAITS = Duration.ofMinutes(1);

  private PastaTasks() {}

  /**
   * In the order of the work.
   *
   * @param plates when they are out
   */
  public static List<Task> of(
      PastaAtStove stove, Vessel pot, HeatSource burner, Subject subject, Instant plates) {
    List<Need> held =
        List.of(
            new Need.OfVessel(pot.id(), pot.name()), new Need.OfBurner(burner.id(), burner.name()));
    List<Task> all = new ArrayList<>();
    Task water = water(stove, subject, plates.minus(stove.litBefore()), held);
    all.add(water);
    Instant at = plates.minus(stove.dropBefore());
    Follows before = Follows.within(water.key(), WATER_WAITS);
    for (int drop = 1; drop <= stove.drops(); drop++) {
      Task in =
          Task.of("drop-" + drop, Kind.COOK, subject, "pasta in", Due.at(at), inWater(stove))
              .with(new Figure.Much(stove.batch().dry()))
              .holding(held)
              .after(List.of(before));
      all.add(in);
      all.add(toss(drop, stove, in));
      at = at.plus(stove.minutes().out().likely()).plus(stove.fall().back());
      before = new Follows(in.key(), stove.fall().back(), Optional.empty());
    }
    return List.copyOf(all);
  }

  /** On its fire until it boils. */
  static Task water(PastaAtStove stove, Subject subject, Instant lit, List<Need> held) {
    return Task.of(
            "water",
            Kind.LIGHT,
            subject,
            "water to the boil",
            Due.at(lit),
            new Effort(Span.exactly(HANDS), stove.pot().toTheBoil()))
        .with(new Figure.Much(stove.water()))
        .holding(held);
  }

  /** Each drop is in the pan, with its sauce, as soon as it is drained. */
  private static Task toss(int drop, PastaAtStove stove, Task in) {
    Instant out = in.due().at().plus(in.effort().total().likely());
    return Task.of(
            "toss-" + drop,
            Kind.TOSS,
            in.subject(),
            "into the pan",
            Due.at(out),
            Effort.ofHands(Span.exactly(stove.pan())))
        .after(List.of(Follows.within(in.key(), DRAINED_WAITS)));
  }

  private static Effort inWater(PastaAtStove stove) {
    Span out = stove.minutes().out();
    Duration hands = out.least().compareTo(HANDS) < 0 ? out.least() : HANDS;
    return new Effort(
        Span.exactly(hands),
        new Span(out.least().minus(hands), out.likely().minus(hands), out.most().minus(hands)));
  }
}
