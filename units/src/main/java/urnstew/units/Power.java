package urnstew.units;

/**
 * Power.
 *
 * @param watts power in W, 0 or more
 */
public record Power(double watts) implements Comparable<Power> {

  /** Checks the range stated for the component. */
  public Power {
    Require.notNegative("power", watts, "W");
  }

  public Power times(double factor) {
    return new Power(watts * factor);
  }

  @Override
  public int compareTo(Power other) {
    return Double.compare(watts, other.watts);
  }
}
