package urnstew.core.acidity;

/**
 * Activity coefficients at one ionic strength, by Davies.
 *
 * @param ofOne of a single charge
 */
record Activity(double ofOne) {
  /** Above it the relation is not used further, mol/kg. */
  static final double HOLDS_TO = 0.8;

  private static final double DEBYE_HUECKEL = 0.509;

  static Activity at(double strength) {
    double within = Math.max(0, Math.min(strength, HOLDS_TO));
    double root = Math.sqrt(within);
    return new Activity(Math.pow(10, -DEBYE_HUECKEL * (root / (1 + root) - 0.3 * within)));
  }

  /** Activity coefficient of an ion; its logarithm goes with the square of the charge. */
  double of(int charge) {
    return switch (Math.abs(charge)) {
      case 0 -> 1;
      case 1 -> ofOne;
      case 2 -> ofOne * ofOne * ofOne * ofOne;
      default -> Math.pow(ofOne, charge * charge);
    };
  }
}
