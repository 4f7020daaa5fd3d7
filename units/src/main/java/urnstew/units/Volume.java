package urnstew.units;

/**
 * Volume.
 *
 * @param cubicMeters volume in m³, 0 or more
 */
public record Volume(double cubicMeters) implements Comparable<Volume> {
  /** US gallon of 231 cubic inches, exact (NIST Handbook 44, Appendix C). */
  public static final double CUBIC_METERS_PER_US_GALLON = 231 * 0.0254 * 0.0254 * 0.0254;

  /** Checks the range stated for the component. */
  public Volume {
    Require.notNegative("volume", cubicMeters, "m³");
  }

  public static Volume ofLiters(double liters) {
    return new Volume(liters / 1000);
  }

  public double liters() {
    return cubicMeters * 1000;
  }

  public Volume times(double factor) {
    return new Volume(cubicMeters * factor);
  }

  /** Mass of this volume at a density. */
  public Mass at(Density density) {
    return new Mass(cubicMeters * density.kilogramsPerCubicMeter());
  }

  @Override
  public int compareTo(Volume other) {
    return Double.compare(cubicMeters, other.cubicMeters);
  }
}
