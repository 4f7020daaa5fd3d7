package urnstew.units;

/**
 * A difference between two temperatures; it may be negative.
 *
 * @param kelvins difference in K
 */
public record TemperatureDifference(double kelvins) implements Comparable<TemperatureDifference> {

  /** Checks the range stated for the component. */
  public TemperatureDifference {
    Require.finite("temperatureDifference", kelvins);
  }

  @Override
  public int compareTo(TemperatureDifference other) {
    return Double.compare(kelvins, other.kelvins);
  }
}
