package urnstew.core.batch;

import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;
import urnstew.units.Volume;

/** What was read, raw. */
public sealed interface Measurement {
  /**
   * A weighing.
   *
   * @param gross what the scale showed
   * @param tare what of it is pot; zero if sauce alone was weighed
   * @param error of the scale, one standard deviation
   */
  record Weighed(Mass gross, Mass tare, Mass error) implements Measurement {}

  /**
   * A dip-stick depth.
   *
   * @param depth wet length of the stick
   * @param error of the stick, one standard deviation
   */
  record Dipped(Length depth, Length error) implements Measurement {}

  /**
   * A probe in the stirred sauce.
   *
   * @param temperature of the sauce
   * @param error of the probe, one standard deviation
   */
  record Probed(Temperature temperature, TemperatureDifference error) implements Measurement {}

  /**
   * A refractometer.
   *
   * @param soluble share of the water phase, °Brix over a hundred
   * @param error of the instrument, one standard deviation
   */
  record Refracted(MassFraction soluble, MassFraction error) implements Measurement {}

  /**
   * A plate test.
   *
   * @param spread width of the spoonful on a cold plate
   * @param spoonful what was put on it
   * @param error in width, one standard deviation
   */
  record Plated(Length spread, Volume spoonful, Length error) implements Measurement {}
}
