package urnstew.units;

/**
 * Absolute pressure.
 *
 * @param pascals pressure in Pa, above 0
 */
public record Pressure(double pascals) implements Comparable<Pressure> {

  /** Checks the range stated for the component. */
  public Pressure {
    Require.positive("pressure", pascals, "Pa");
  }

  public double kilopascals() {
    return pascals / 1000;
  }

  @Override
  public int compareTo(Pressure other) {
    return Double.compare(pascals, other.pascals);
  }
}
