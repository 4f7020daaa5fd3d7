package urnstew.app.keeping;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import urnstew.app.keeping.KeepingStart.ToHold;
import urnstew.app.keeping.KeepingView.HoldView;
import urnstew.core.holding.HoldMonitor;
import urnstew.core.holding.HoldOutlook;
import urnstew.core.holding.HoldReading;
import urnstew.core.holding.HotHold;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** Holds of the core for the screens. */
final class HoldViews {
  /** So much thicker, as a share, is felt on the plate (assumption). */
  private static final double FELT = 0.05;

  private HoldViews() {}

  static HoldView of(
      ToHold start, Instant from, List<HoldReading> readings, double addedKilograms, Instant now) {
    RuleSet rules = start.rules();
    HoldOutlook outlook = HoldMonitor.at(now, from, readings, rules);
    HotHold hold = toppedUp(start.hold(), addedKilograms);
    Duration time = now.isAfter(from) ? Duration.between(from, now) : Duration.ZERO;
    MassFraction thickest = new MassFraction(start.wanted().value() * (1 + FELT));
    Optional<Instant> topUpAt = hold.until(thickest).map(from::plus);
    Duration until =
        topUpAt.filter(at -> at.isAfter(now)).map(at -> Duration.between(from, at)).orElse(time);
    double topUp = Math.max(0, hold.lostAfter(until).kilograms() - addedKilograms);
    return new HoldView(
        start.vessel(),
        hold.held().celsius(),
        hold.lid(),
        rules.of(Limit.HOT_HOLD).value(),
        outlook.state(),
        outlook.lastHot(),
        outlook.act().orElse(null),
        outlook.discard(),
        rules.of(Limit.REHEAT).value(),
        start.wanted().value(),
        hold.equivalentSolidsAfter(time).value(),
        hold.lossPerHour().kilograms(),
        topUp,
        topUpAt.orElse(null),
        from.plus(start.window().asItIs()),
        from.plus(start.window().base()),
        start.window().because(),
        start.window().toOrder(),
        start.sets().map(sets -> sets.dose(hold.contents().total(), time).kilograms()).orElse(null),
        start.sets().map(sets -> sets.how()).orElse(""),
        List.of(hold.working()));
  }

  private static HotHold toppedUp(HotHold hold, double kilograms) {
    PotContents was = hold.contents();
    Mass water = new Mass(was.sauce().waterKilograms() + kilograms);
    return new HotHold(
        new PotContents(
            was.sauce().withWater(water.kilograms()), was.thickeningKilograms(), was.pieces()),
        hold.shape(),
        hold.held(),
        hold.lid(),
        hold.surroundings());
  }
}
