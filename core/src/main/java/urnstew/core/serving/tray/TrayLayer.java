package urnstew.core.serving.tray;

import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * A sauce, cheese or vegetable of a tray, and the water that it can give.
 *
 * @param name as a cook says it
 * @param mass all of it, raw, up to 200 kg
 * @param solids share of it that thickens now: a sauce's equivalent solids, all that is not water
 *     of the rest
 * @param atLeast share at which it is as dry as it should become: the upper end of its band
 */
public record TrayLayer(String name, Mass mass, MassFraction solids, MassFraction atLeast) {
  private static final double KILOGRAMS_PER_CUBIC_METER = 1040;

  public TrayLayer {
    Require.within("mass", mass.kilograms(), 0, 200, "kg");
    Require.within("solids", solids.percent(), 1, 100, "%");
    Require.within("atLeast", atLeast.percent(), 1, 100, "%");
  }

  /** Water above its band, kg; negative where it is too dry as it is. */
  public double freeKilograms() {
    return mass.kilograms() * (1 - solids.value() / atLeast.value());
  }

  double cubicMeters() {
    return mass.kilograms() / KILOGRAMS_PER_CUBIC_METER;
  }

  /** With so much more water in it. */
  TrayLayer with(double waterKilograms) {
    double all = mass.kilograms() + waterKilograms;
    return new TrayLayer(
        name, new Mass(all), new MassFraction(solids.value() * mass.kilograms() / all), atLeast);
  }
}
