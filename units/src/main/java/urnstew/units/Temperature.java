package urnstew.units;

/**
 * Temperature on the Celsius scale (a difference is a {@link TemperatureDifference}).
 *
 * @param celsius temperature in °C, −273.15 or more
 */
public record Temperature(double celsius) implements Comparable<Temperature> {
  /** Absolute zero, exact. */
  public static final double ABSOLUTE_ZERO_CELSIUS = -273.15;

  /** Checks the range stated for the component. */
  public Temperature {
    Require.finite("temperature", celsius);
    if (celsius < ABSOLUTE_ZERO_CELSIUS) {
      throw new InvalidInput(
          "temperature",
          "below-absolute-zero",
          "No temperature is below −273.15 °C.",
          "-273.15 °C or more",
          "Check the number and whether it is °C or °F.");
    }
  }

  public static Temperature ofCelsius(double celsius) {
    return new Temperature(celsius);
  }

  public static Temperature ofFahrenheit(double fahrenheit) {
    return new Temperature((fahrenheit - 32) / 1.8);
  }

  public double kelvins() {
    return celsius - ABSOLUTE_ZERO_CELSIUS;
  }

  public double fahrenheit() {
    return celsius * 1.8 + 32;
  }

  public Temperature minus(TemperatureDifference difference) {
    return new Temperature(celsius - difference.kelvins());
  }

  @Override
  public int compareTo(Temperature other) {
    return Double.compare(celsius, other.celsius);
  }
}
