package urnstew.core.consistency;

/**
 * What thickens without losing water. The figures are assumptions: how many kilograms of tomato
 * solids one kilogram thickens like, beyond its own solids, which count anyway. Worked number: 2 %
 * flour in a sauce of 8 % solids thickens it like one of 11.8 %.
 */
public enum Thickener {
  NONE(0),
  /** A white sauce of 5 to 6 % flour is about as thick as tomato of 10 to 12 % solids. */
  FLOUR(1),
  /** Cooked and mashed. */
  PULSES(0.3),
  CRUMBS(0.6),
  /** Emulsified, so that it does not float; free fat thickens nothing. */
  BUTTER(0.3),
  /** Egg yolk, coral or cream, warmed and never boiled. */
  LIAISON(0.4);

  private final double extraKilogramsPerKilogram;

  Thickener(double extraKilogramsPerKilogram) {
    this.extraKilogramsPerKilogram = extraKilogramsPerKilogram;
  }

  /** Tomato solids it thickens like beyond its own solids, kg/kg. */
  public double extraKilogramsPerKilogram() {
    return extraKilogramsPerKilogram;
  }
}
