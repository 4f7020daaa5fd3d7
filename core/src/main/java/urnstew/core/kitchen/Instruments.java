package urnstew.core.kitchen;

import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * How far the kitchen's instruments can be trusted.
 *
 * @param scaleError standard error of a weighing, 0.1 g to 1 kg
 * @param dipError standard error of a dip-stick depth, 0.2 to 50 mm
 */
public record Instruments(Mass scaleError, Length dipError) {
  public Instruments {
    Require.within("scaleError", scaleError.grams(), 0.1, 1000, "g");
    Require.within("dipError", dipError.millimeters(), 0.2, 50, "mm");
  }
}
