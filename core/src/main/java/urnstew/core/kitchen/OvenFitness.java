package urnstew.core.kitchen;

import java.util.Locale;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/** Whether a vessel may go into an oven. */
public final class OvenFitness {
  private OvenFitness() {}

  /** Whether pot and handles bear an oven. */
  public static boolean bears(Vessel vessel, Temperature oven) {
    return vessel.ovenLimit().filter(limit -> oven.compareTo(limit) <= 0).isPresent();
  }

  /**
   * Refuses an oven that pot or handles do not bear.
   *
   * @throws InvalidInput naming the oven's temperature
   */
  public static void require(Vessel vessel, Temperature oven) {
    if (vessel.ovenLimit().isEmpty()) {
      throw new InvalidInput(
          "ovenTemperature",
          "not-for-the-oven",
          "'" + vessel.name() + "' may not go into an oven.",
          "a vessel with an oven limit",
          "Choose another pot, or give this one its oven limit in the kitchen.");
    }
    Temperature limit = vessel.ovenLimit().get();
    if (oven.compareTo(limit) > 0) {
      throw new InvalidInput(
          "ovenTemperature",
          "too-hot-for-vessel",
          String.format(
              Locale.ROOT, "%.0f °C is more than '%s' bears.", oven.celsius(), vessel.name()),
          String.format(Locale.ROOT, "%.0f °C", limit.celsius()),
          "Choose a cooler oven or another pot.");
    }
  }
}
