package urnstew.core.kitchen;

import urnstew.core.thermo.Altitude;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * The air of the kitchen.
 *
 * @param altitude height above sea level
 * @param room air temperature
 * @param relativeHumidity share of saturation, 0 to 1
 */
public record Surroundings(Altitude altitude, Temperature room, MassFraction relativeHumidity) {
  /** A room at 20 °C and half saturated: the default where nobody measured (assumption). */
  public static Surroundings at(Altitude altitude) {
    return new Surroundings(altitude, Temperature.ofCelsius(20), new MassFraction(0.5));
  }
}
