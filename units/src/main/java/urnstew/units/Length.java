package urnstew.units;

/**
 * Length, depth or diameter.
 *
 * @param meters length in m, 0 or more
 */
public record Length(double meters) implements Comparable<Length> {

  /** Checks the range stated for the component. */
  public Length {
    Require.notNegative("length", meters, "m");
  }

  public static Length ofMillimeters(double millimeters) {
    return new Length(millimeters / 1000);
  }

  public static Length ofCentimeters(double centimeters) {
    return new Length(centimeters / 100);
  }

  public double millimeters() {
    return meters * 1000;
  }

  @Override
  public int compareTo(Length other) {
    return Double.compare(meters, other.meters);
  }
}
