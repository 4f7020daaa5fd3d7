package urnstew.core.thermo;

import urnstew.units.Pressure;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;

/**
 * Height above sea level, and the air there.
 *
 * <p>p = 101.325·(1 − 2.25577e−5·h)^5.25588 kPa, h in m. Source: US Standard Atmosphere 1976.
 * Worked number: 1,500 m gives 84.56 kPa, where water boils at 94.98 °C.
 *
 * @param meters height in m, −450 to 5,000
 */
public record Altitude(double meters) {
  private static final double LOWEST_METERS = -450;
  private static final double HIGHEST_METERS = 5000;
  private static final double STEP_METERS = 10;
  private static final double SEA_KILOPASCALS = 101.325;
  private static final double PER_METER = 2.25577e-5;
  private static final double EXPONENT = 5.25588;

  public Altitude {
    Require.within("altitude", meters, LOWEST_METERS, HIGHEST_METERS, "m");
  }

  /**
   * The height at which pure water boils at this temperature: what a thermometer in a rolling boil
   * says about the place.
   *
   * @param boilingPoint 83.2 to 101.5 °C, what boils from 5,000 m down to −450 m
   * @throws urnstew.units.InvalidInput where water boils so nowhere in that range
   */
  public static Altitude boilingAt(Temperature boilingPoint) {
    double coldest = new Altitude(HIGHEST_METERS).boilingPoint().celsius();
    double hottest = new Altitude(LOWEST_METERS).boilingPoint().celsius();
    Require.within("boilingPointCelsius", boilingPoint.celsius(), coldest, hottest, "°C");
    double kilopascals = Steam.saturationPressure(boilingPoint).kilopascals();
    double meters = (1 - Math.pow(kilopascals / SEA_KILOPASCALS, 1 / EXPONENT)) / PER_METER;
    return new Altitude(Math.max(LOWEST_METERS, Math.min(HIGHEST_METERS, meters)));
  }

  /**
   * How far a height that was found by boiling may lie from the truth.
   *
   * @param error of the thermometer
   * @return m either way: about 300 m for a kelvin
   */
  public double metersWithin(TemperatureDifference error) {
    double above = Math.min(meters + STEP_METERS, HIGHEST_METERS);
    double below = above - STEP_METERS;
    double kelvins =
        new Altitude(below).boilingPoint().celsius() - new Altitude(above).boilingPoint().celsius();
    return error.kelvins() * STEP_METERS / kelvins;
  }

  /** Air pressure of the standard atmosphere. */
  public Pressure pressure() {
    return new Pressure(1000 * SEA_KILOPASCALS * Math.pow(1 - PER_METER * meters, EXPONENT));
  }

  /** Temperature at which pure water boils here. */
  public Temperature boilingPoint() {
    return Steam.saturationTemperature(pressure());
  }
}
