package urnstew.units;

/**
 * Mass.
 *
 * @param kilograms mass in kg, 0 or more
 */
public record Mass(double kilograms) implements Comparable<Mass> {
  /** International avoirdupois pound, exact (NIST Handbook 44, Appendix C). */
  public static final double KILOGRAMS_PER_POUND = 0.45359237;

  /** No mass at all. */
  public static final Mass ZERO = new Mass(0);

  /** Checks the range stated for the component. */
  public Mass {
    Require.notNegative("mass", kilograms, "kg");
  }

  public static Mass ofGrams(double grams) {
    return new Mass(grams / 1000);
  }

  public static Mass ofKilograms(double kilograms) {
    return new Mass(kilograms);
  }

  public static Mass ofPounds(double pounds) {
    return new Mass(pounds * KILOGRAMS_PER_POUND);
  }

  public double grams() {
    return kilograms * 1000;
  }

  public double pounds() {
    return kilograms / KILOGRAMS_PER_POUND;
  }

  public Mass plus(Mass other) {
    return new Mass(kilograms + other.kilograms);
  }

  /** The difference; the other mass must not be the larger. */
  public Mass minus(Mass other) {
    return new Mass(kilograms - other.kilograms);
  }

  public Mass times(double factor) {
    return new Mass(kilograms * factor);
  }

  /** Volume of this mass at a density. */
  public Volume at(Density density) {
    return new Volume(kilograms / density.kilogramsPerCubicMeter());
  }

  @Override
  public int compareTo(Mass other) {
    return Double.compare(kilograms, other.kilograms);
  }
}
