package urnstew.core.reduction;

import java.util.Locale;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BrentSolver;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Know the stove: from the time that a measured amount of water takes to the boil on the highest
 * setting to the power that really enters the pot.
 *
 * <p>The power at which the model of the pot reaches the local boiling point in that time: P ≈ (m·c
 * + C_pot)·ΔT/t + losses. Range: 0.5 to 30 l, 1 to 90 minutes. Worked number: 2 l from 15 °C in a
 * 1.6 kg steel pot, lid on, at sea level in 6 min 30 s is about 1.9 kW.
 *
 * @param vessel in which it was heated
 * @param water how much
 * @param start its temperature
 * @param lid whether it was covered
 * @param seconds until it boiled
 */
public record StoveTiming(Vessel vessel, Mass water, Temperature start, Lid lid, double seconds) {
  /** A cook sees the boil a little before the last bubble is as hot as the rest. */
  private static final double SEEN_KELVINS = 0.5;

  private static final double LEAST_WATTS = 30;

  public StoveTiming {
    Require.within("water", water.kilograms(), 0.4, 31, "kg");
    Require.within("seconds", seconds, 60, 5400, "s");
    Require.within("startTemperature", start.celsius(), 0, 60, "°C");
  }

  /**
   * Power that entered the pot.
   *
   * @throws InvalidInput if no power up to the label's does it in that time
   */
  public Power truePower(HeatSource source, Surroundings surroundings) {
    double most = source.labelPower().watts();
    if (over(source, surroundings, most) < 0) {
      throw new InvalidInput(
          "seconds",
          "faster-than-label",
          String.format(
              Locale.ROOT,
              "Even with all of its %.0f W the burner could not boil that in %.0f s.",
              most,
              seconds),
          "the power on the label",
          "Check the amount of water, the clock and the label.");
    }
    double watts =
        new BrentSolver(1e-3)
            .solve(100, power -> over(source, surroundings, power), LEAST_WATTS, most);
    return new Power(watts);
  }

  /** Kelvins above the boil that is seen, after the time, at a power. */
  private double over(HeatSource source, Surroundings surroundings, double watts) {
    HeatSource known =
        new HeatSource(
            source.id(),
            source.name(),
            source.kind(),
            source.labelPower(),
            Optional.of(new Power(watts)));
    SimmerSetting setting = new SimmerSetting(vessel, known, BurnerSet.FULL, lid, surroundings);
    Composition pure = new Composition(water.kilograms(), 0, 0, 0, 0, 0, 0, 0);
    Program program = Program.of(setting, PotContents.of(pure));
    Program warmed = program.from(start);
    double boiling = surroundings.altitude().boilingPoint().celsius();
    double celsius = Reduction.during(warmed, seconds, Unknowns.NOMINAL).last().celsius();
    return celsius - (boiling - SEEN_KELVINS);
  }
}
