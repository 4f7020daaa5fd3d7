package urnstew.core.kitchen;

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
 */
public record HeatSource(UUID id, String name, HeatKind kind, Power labelPower) {
  public HeatSource {
    Require.within("labelPower", labelPower.watts(), 100, 60_000, "W");
  }

  /** Power that likely enters the pot at the highest setting. */
  public Power powerIntoPot() {
    return labelPower.times(kind.likelyShare());
  }
}
