package urnstew.core.cooling;

import urnstew.core.conduction.Cooling;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.FoodProperties;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * What is to be cooled.
 *
 * @param contents all of it with pieces, by its composition
 */
public record CoolingSauce(Composition contents) {
  /** Middle of the way from the stove to the refrigerator, where properties are taken. */
  private static final Temperature ON_THE_WAY = Temperature.ofCelsius(45);

  private static final double ICE_MELTS_JOULES_PER_KILOGRAM = 334_000;

  /** So much of it, of the same kind. */
  public static CoolingSauce of(Composition kind, Mass mass) {
    return new CoolingSauce(kind.times(mass.kilograms() / kind.total().kilograms()));
  }

  /** How it takes and passes heat; a thick sauce that nobody stirs does not flow by itself. */
  Cooling matter() {
    return new Cooling(
        FoodProperties.conductivity(contents, ON_THE_WAY),
        FoodProperties.density(contents, ON_THE_WAY).kilogramsPerCubicMeter(),
        FoodProperties.specificHeat(contents, ON_THE_WAY));
  }

  double cubicMeters() {
    return FoodProperties.volumeCubicMeters(contents, ON_THE_WAY.celsius());
  }

  public Mass mass() {
    return contents.total();
  }

  /**
   * Ice that takes up its heat between two temperatures: m·c·ΔT over the heat of melting, 334
   * kJ/kg. Half as much again is wanted, since ice also melts to the room (assumption; not in the
   * figure).
   */
  public Mass iceBetween(Temperature from, Temperature to) {
    double joules =
        FoodProperties.heatCapacity(contents, ON_THE_WAY.celsius())
            * (from.celsius() - to.celsius());
    return new Mass(Math.max(0, joules) / ICE_MELTS_JOULES_PER_KILOGRAM);
  }
}
