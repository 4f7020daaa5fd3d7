package urnstew.core.thermo;

import urnstew.units.Temperature;

/**
 * The saturation line of {@link Steam}, tabulated for kernels that ask for it a million times:
 * cubic Hermite pieces of ln p and of the latent heat, half a kelvin wide, from 0.01 to 130 °C,
 * held at both ends. They differ from the line by less than a millionth.
 */
public final class SteamLine {
  private static final double FIRST = 0.01;
  private static final double STEP = 0.5;
  private static final int POINTS = 262;
  private static final double SLOPE_STEP = 0.01;

  private static final double[][] LOG_PRESSURE =
      table(t -> Math.log(Steam.saturationPressure(new Temperature(t)).pascals()));
  private static final double[][] LATENT_HEAT =
      table(t -> Steam.latentHeatJoulesPerKilogram(new Temperature(t)));

  private SteamLine() {}

  /** Pressure at which water of this temperature boils, Pa. */
  public static double saturationPascals(double celsius) {
    return Math.exp(value(LOG_PRESSURE, celsius));
  }

  /** Heat that turns a kilogram of water into steam, J/kg. */
  public static double latentJoulesPerKilogram(double celsius) {
    return value(LATENT_HEAT, celsius);
  }

  private interface Line {
    double at(double celsius);
  }

  private static double[][] table(Line line) {
    double[][] table = new double[2][POINTS];
    for (int i = 0; i < POINTS; i++) {
      double celsius = FIRST + i * STEP;
      double low = Math.max(FIRST, celsius - SLOPE_STEP);
      double high = celsius + SLOPE_STEP;
      table[0][i] = line.at(celsius);
      table[1][i] = (line.at(high) - line.at(low)) / (high - low) * STEP;
    }
    return table;
  }

  private static double value(double[][] table, double celsius) {
    double place = Math.max(0, Math.min(POINTS - 1.001, (celsius - FIRST) / STEP));
    int i = (int) place;
    double t = place - i;
    double a = table[0][i];
    double b = table[0][i + 1];
    double c = t * t * (3 - 2 * t);
    double d = t * (1 - t) * (1 - t);
    double e = t * t * (t - 1);
    return a + c * (b - a) + d * table[1][i] + e * table[1][i + 1];
  }
}
