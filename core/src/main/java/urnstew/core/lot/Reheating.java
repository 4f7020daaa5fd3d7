package urnstew.core.lot;

import java.time.Duration;
import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Area;
import urnstew.units.Power;
import urnstew.units.Temperature;

/**
 * How long a lot takes to the temperature of reheating, stirred.
 *
 * <p>t = m·(c·ΔT + share frozen·λ)/P, with P no more than the burner gives, nor than a thick sauce
 * takes through the floor without scorching, 8 to 20 kW/m² (assumption). Losses on the way are left
 * out: a lid lies on.
 *
 * @param time until all of it is there
 * @param target temperature by the rule set
 * @param within time that the rule set allows
 * @param floorLimits whether it is the floor and not the burner that decides
 */
public record Reheating(Duration time, Temperature target, Duration within, boolean floorLimits) {
  private static final double THIN_WATTS = 20_000;
  private static final double THICK_WATTS = 8_000;
  private static final double THICK = 0.2;
  private static final double MELTS_JOULES_PER_KILOGRAM = 300_000;

  /**
   * In a pot on a burner.
   *
   * @param lot all of it
   * @param frozenShare of it that is still ice, 0 to 1
   * @param from temperature of the rest
   * @param net power that enters a pot on this burner
   * @param floor of the pot
   */
  public static Reheating of(
      Composition lot, double frozenShare, Temperature from, Power net, Area floor, RuleSet rules) {
    Temperature target = rules.temperature(Limit.REHEAT);
    Temperature middle = Temperature.ofCelsius((from.celsius() + target.celsius()) / 2);
    double joules =
        ThermalProperties.joulesPerKelvin(lot, middle.celsius())
                * (target.celsius() - from.celsius())
            + frozenShare * lot.waterKilograms() * MELTS_JOULES_PER_KILOGRAM;
    double thick = Math.min(1, lot.solidsFraction().value() / THICK);
    double through = floor.squareMeters() * (THIN_WATTS + thick * (THICK_WATTS - THIN_WATTS));
    double watts = Math.min(net.watts(), through);
    return new Reheating(
        Duration.ofSeconds(Math.round(Math.max(0, joules) / watts)),
        target,
        rules.time(Limit.REHEAT_WITHIN),
        through < net.watts());
  }

  /** Whether the rule allows it to take so long. */
  public boolean inTime() {
    return time.compareTo(within) <= 0;
  }

  /** How the time came about. */
  public Working working(Composition lot, Temperature from) {
    return new Working(
        "reheating",
        "Heat that warms all of it, and melts what is frozen, over the power that goes in.",
        "t = m·(c·ΔT + φ·λ)/P",
        List.of(
            new Term("mass", "m", lot.total().kilograms(), "kg"),
            new Term("from", "T", from.celsius(), "°C"),
            new Term("to", "T_r", target.celsius(), "°C"),
            new Term("time", "t", time.toSeconds() / 60.0, "min")),
        List.of(
            "Stirred, lid on; a thick sauce takes 8 to 20 kW/m² through the floor without scorching"),
        List.of("Choi and Okos (1986)"),
        Confidence.ASSUMED);
  }
}
