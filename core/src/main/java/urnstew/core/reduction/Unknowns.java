package urnstew.core.reduction;

/**
 * What is not known about a pot before it is read, as factors on the assumed values.
 *
 * @param evaporation on the rate below the boil
 * @param power on the power that enters the pot
 * @param mass on what was put in
 */
public record Unknowns(double evaporation, double power, double mass) {
  /** Everything as assumed. */
  public static final Unknowns NOMINAL = new Unknowns(1, 1, 1);

  /** From the logarithms of the three factors. */
  static Unknowns ofLogs(double[] logs) {
    return new Unknowns(Math.exp(logs[0]), Math.exp(logs[1]), Math.exp(logs[2]));
  }
}
