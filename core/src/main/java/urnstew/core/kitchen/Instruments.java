package urnstew.core.kitchen;

import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.TemperatureDifference;

/**
 * How far the kitchen's instruments can be trusted: one standard deviation of each.
 *
 * @param scaleError of a weighing, 0.1 g to 1 kg
 * @param dipError of a dip-stick depth, 0.2 to 50 mm
 * @param probeError of a temperature, 0.1 to 10 K
 * @param brixError of a refractometer, 0.0005 to 0.05 of the water phase
 * @param plateError of a plate test in width, 0.5 to 30 mm
 */
public record Instruments(
    Mass scaleError,
    Length dipError,
    TemperatureDifference probeError,
    MassFraction brixError,
    Length plateError) {
  /** A kitchen that never looked closely (assumption). */
  public static final Instruments ASSUMED =
      new Instruments(
          Mass.ofGrams(20),
          Length.ofMillimeters(2),
          new TemperatureDifference(1),
          MassFraction.ofPercent(0.3),
          Length.ofMillimeters(3));

  public Instruments {
    Require.within("scaleError", scaleError.grams(), 0.1, 1000, "g");
    Require.within("dipError", dipError.millimeters(), 0.2, 50, "mm");
    Require.within("probeError", probeError.kelvins(), 0.1, 10, "K");
    Require.within("brixError", brixError.percent(), 0.05, 5, "°Brix");
    Require.within("plateError", plateError.millimeters(), 0.5, 30, "mm");
  }
}
