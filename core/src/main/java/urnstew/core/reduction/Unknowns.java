package urnstew.core.reduction;

import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;

/**
 * What is not known about a pot before it is read.
 *
 * @param evaporationFactor factor on the rate below the boil
 * @param powerFactor factor on the heat that burner or oven give
 * @param massFactor factor on what was put in at the start
 * @param solidsFactor factor on the solids that the start holds, at the same mass
 * @param warmthKelvins by which a simmer is kept warmer than its level says
 * @param driftFactor factor on rate and heat from {@code driftFromSeconds} on
 * @param driftFromSeconds when hand, flame or pot begin to differ from what they were
 */
public record Unknowns(
    double evaporationFactor,
    double powerFactor,
    double massFactor,
    double solidsFactor,
    double warmthKelvins,
    double driftFactor,
    double driftFromSeconds) {
  /** Everything as assumed. */
  public static final Unknowns NOMINAL = of(1, 1, 1);

  /** Factors on rate, heat and mass; everything else is as assumed. */
  public static Unknowns of(double evaporationFactor, double powerFactor, double massFactor) {
    return new Unknowns(evaporationFactor, powerFactor, massFactor, 1, 0, 1, 0);
  }

  /** Factor on the rate below the boil at a time. */
  double evaporationAt(double seconds) {
    return seconds < driftFromSeconds ? evaporationFactor : evaporationFactor * driftFactor;
  }

  /** Factor on the heat at a time. */
  double powerAt(double seconds) {
    return seconds < driftFromSeconds ? powerFactor : powerFactor * driftFactor;
  }

  /** The contents at the start, with the factors on mass and solids. */
  Filling really(Filling filling) {
    PotContents planned = filling.rest();
    Composition sauce = planned.sauce();
    double more = sauce.solids().kilograms() * (solidsFactor - 1);
    Composition richer =
        sauce.withSolidsTimes(solidsFactor).withWater(Math.max(0, sauce.waterKilograms() - more));
    return new Filling(
            new PotContents(richer, planned.thickeningKilograms(), planned.pieces()),
            filling.kinds())
        .times(massFactor);
  }
}
