package urnstew.core.kitchen;

import java.util.Optional;
import java.util.UUID;
import urnstew.units.Power;
import urnstew.units.Require;

/**
 * A burner.
 *
 * @param id identity
 * @param name what the cooks call it
 * @param kind decides how much of the label power enters the pot
 * @param labelPower as printed on it, 100 W to 60 kW
 * @param measuredPower what really entered a pot at the highest setting, where it was timed
 */
public record HeatSource(
    UUID id, String name, HeatKind kind, Power labelPower, Optional<Power> measuredPower) {
  /** Spread of the logarithm of a measured power: water, clock and pot (assumption). */
  private static final double MEASURED_LOG_SPREAD = 0.05;

  public HeatSource {
    Require.within("labelPower", labelPower.watts(), 100, 60_000, "W");
    measuredPower.ifPresent(
        power -> Require.within("measuredPower", power.watts(), 10, labelPower.watts(), "W"));
  }

  /** The same with label and measured power times a factor. */
  public HeatSource stronger(double factor) {
    return new HeatSource(
        id,
        name,
        kind,
        labelPower.times(factor),
        measuredPower.map(measured -> measured.times(factor)));
  }

  /** Power that likely enters the pot at the highest setting. */
  public Power powerIntoPot() {
    return measuredPower.orElseGet(() -> labelPower.times(kind.likelyShare()));
  }

  /** Standard deviation of the logarithm of that power. */
  public double logSpread() {
    return measuredPower.isPresent() ? MEASURED_LOG_SPREAD : kind.logSpread();
  }
}
