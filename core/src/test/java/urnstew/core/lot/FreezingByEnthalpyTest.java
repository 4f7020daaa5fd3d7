package urnstew.core.lot;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Plank's slab against a second reckoning that shares nothing with it: the enthalpy method in
 * finite volumes, where each volume takes up its latent heat at its freezing point before it cools
 * on. Without the heat of cooling, which Plank leaves out, both must agree as the Stefan number
 * goes to nothing.
 */
class FreezingByEnthalpyTest {
  private static final double DENSITY = 1050;
  private static final double LATENT = 250_000;
  private static final double CONDUCTIVITY = 1.5;

  /** Hardly any heat in the frozen part: Plank's own assumption, J/(kg K). */
  private static final double SPECIFIC_HEAT = 20;

  @ParameterizedTest
  @CsvSource({"0.04,15,17", "0.04,50,17", "0.08,10,30", "0.02,100,38"})
  void aSlab(double thickness, double coefficient, double kelvins) {
    double plank =
        new Plank(DENSITY, LATENT, CONDUCTIVITY)
            .seconds(Plank.Form.SLAB, thickness, coefficient, kelvins);
    double reckoned = byEnthalpy(thickness / 2, coefficient, kelvins);
    assertEquals(1, reckoned / plank, 0.03);
  }

  /**
   * Half the slab, cooled from one side, insulated in the middle; temperatures from freezing on.
   */
  private static double byEnthalpy(double half, double coefficient, double kelvins) {
    int n = 14;
    double width = half / n;
    double[] heat = new double[n];
    Arrays.fill(heat, LATENT);
    double step = 0.2 * DENSITY * SPECIFIC_HEAT * width * width / CONDUCTIVITY;
    double outer = 1 / (1 / coefficient + width / (2 * CONDUCTIVITY));
    double seconds = 0;
    while (heat[n - 1] > 0) {
      double[] celsius = Arrays.stream(heat).map(h -> h < 0 ? h / SPECIFIC_HEAT : 0).toArray();
      double[] next = heat.clone();
      for (int i = 0; i < n; i++) {
        double in =
            i == 0
                ? outer * (-kelvins - celsius[0])
                : CONDUCTIVITY * (celsius[i - 1] - celsius[i]) / width;
        double out = i == n - 1 ? 0 : CONDUCTIVITY * (celsius[i] - celsius[i + 1]) / width;
        next[i] += step * (in - out) / (DENSITY * width);
      }
      heat = next;
      seconds += step;
    }
    return seconds;
  }
}
