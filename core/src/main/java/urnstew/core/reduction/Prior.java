package urnstew.core.reduction;

import urnstew.core.kitchen.HeatKind;

/**
 * What is believed about the unknowns before a reading, as standard deviations of their logarithms.
 *
 * @param evaporation below the boil
 * @param power into the pot
 * @param mass put in
 */
public record Prior(double evaporation, double power, double mass) {
  /** Times or divided by 1.5 taken as nine tenths of all pots; 1 % on what was put in. */
  public static Prior of(HeatKind kind) {
    return new Prior(Math.log(1.5) / 1.645, kind.logSpread(), 0.01);
  }

  double[] variances() {
    return new double[] {evaporation * evaporation, power * power, mass * mass};
  }
}
