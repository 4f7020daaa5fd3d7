package urnstew.core.thermo;

import urnstew.units.Pressure;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Height above sea level, and the air there.
 *
 * <p>p = 101.325·(1 − 2.25577e−5·h)^5.25588 kPa, h in m. Source: US Standard Atmosphere 1976.
 * Worked number: 1,500 m gives 84.56 kPa, where water boils at 94.98 °C.
 *
 * @param meters height in m, −450 to 5,000
 */
public record Altitude(double meters) {
  public Altitude {
    Require.within("altitude", meters, -450, 5000, "m");
  }

  /** Air pressure of the standard atmosphere. */
  public Pressure pressure() {
    return new Pressure(101_325 * Math.pow(1 - 2.25577e-5 * meters, 5.25588));
  }

  /** Temperature at which pure water boils here. */
  public Temperature boilingPoint() {
    return Steam.saturationTemperature(pressure());
  }
}
