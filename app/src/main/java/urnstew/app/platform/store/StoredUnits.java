package urnstew.app.platform.store;

/** Quantities in SI units, temperatures in °C. */
public final class StoredUnits {
  private StoredUnits() {}

  /** In kg/m³. */
  public record Density(double kilogramsPerCubicMeter) {}

  /** In m. */
  public record Length(double meters) {}

  /** In kg. */
  public record Mass(double kilograms) {}

  /** Between 0 and 1. */
  public record MassFraction(double value) {}

  /** In W. */
  public record Power(double watts) {}

  /** In °C. */
  public record Temperature(double celsius) {}

  /** A difference of temperatures, K. */
  public record TemperatureDifference(double kelvins) {}

  /** In m³. */
  public record Volume(double cubicMeters) {}
}
