package urnstew.core.conduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Check-values d30 to d35 (Incropera and DeWitt, Table 5.1) and l01, l05, l09 (reference). */
class ConductionTest {
  private static final Cooling SAUCE = new Cooling(0.55, 1030, 3900);

  @ParameterizedTest
  @CsvSource({
    "SLAB,0.1,0.3111,1.0161",
    "SLAB,1,0.8603,1.1191",
    "SLAB,10,1.4289,1.2620",
    "CYLINDER,0.1,0.4417,1.0246",
    "CYLINDER,1,1.2558,1.2071",
    "CYLINDER,10,2.1795,1.5677",
    "SPHERE,0.1,0.5423,1.0298",
    "SPHERE,1,1.5708,1.2732",
    "SPHERE,10,2.8363,1.9249"
  })
  void firstTerms(Body body, double biot, double zeta, double coefficient) {
    double found = body.eigenvalue(0, biot);
    assertEquals(zeta, found, 0.0002);
    assertEquals(coefficient, body.coefficient(found), 0.0002);
  }

  /** l01: 25 mm, still refrigerator at 3 °C, 7 W/(m² K) on both faces; ±3 %. */
  @ParameterizedTest
  @CsvSource({"57,1.05", "21,3.36", "5,7.97"})
  void aPanInAStillRefrigerator(double to, double hours) {
    double seconds = SAUCE.secondsInLayer(0.025, 7, 7, 90, to, 3);
    assertEquals(hours, seconds / 3600, 0.03 * hours);
  }

  /** l05: 50 mm in an ice bath at 0.5 °C, 150 W/(m² K) below, insulated above; ±3 %. */
  @ParameterizedTest
  @CsvSource({"57,1.65", "21,4.05", "5,7.64"})
  void aPanInAnIceBath(double to, double hours) {
    double seconds = SAUCE.secondsInLayer(0.05, 0, 150, 90, to, 0.5);
    assertEquals(hours, seconds / 3600, 0.03 * hours);
  }

  /** l09: the deepest pan that passes both cooling marks in a still refrigerator is 22 mm, ±1.5. */
  @Test
  void theDeepestPanThatPasses() {
    double deepest = 0;
    for (double depth = 0.015; depth < 0.03; depth += 0.0005) {
      double warm = SAUCE.secondsInLayer(depth, 7, 7, 90, 57, 3);
      double cool = SAUCE.secondsInLayer(depth, 7, 7, 90, 21, 3) - warm;
      double cold = SAUCE.secondsInLayer(depth, 7, 7, 90, 5, 3) - warm;
      if (cool <= 2 * 3600 && cold <= 6 * 3600) {
        deepest = depth;
      }
    }
    assertEquals(0.022, deepest, 0.0015);
  }

  /** d40: the middle of a short cylinder against finite volumes of its own section, ±1 %. */
  @ParameterizedTest
  @CsvSource({"0.03,0.02,300,600", "0.04,0.015,25,1800", "0.02,0.03,1000,400"})
  void aShortCylinderIsAProduct(double radius, double half, double coefficient, double seconds) {
    double product = SAUCE.shareLeftInShortCylinder(radius, half, coefficient, seconds);
    assertEquals(byVolumes(radius, half, coefficient, seconds), product, 0.01);
  }

  private static double byVolumes(double radius, double half, double coefficient, double seconds) {
    int n = 24;
    double dr = radius / n;
    double dz = half / n;
    double[][] warm = new double[n][n];
    for (double[] ring : warm) {
      Arrays.fill(ring, 1);
    }
    double smaller = Math.min(dr, dz);
    int steps =
        (int) Math.ceil(seconds * SAUCE.squareMetersPerSecond() / (0.15 * smaller * smaller));
    double step = seconds / steps;
    double outside = coefficient / SAUCE.wattsPerMeterKelvin();
    for (int s = 0; s < steps; s++) {
      double[][] next = new double[n][n];
      for (int i = 0; i < n; i++) {
        for (int j = 0; j < n; j++) {
          double here = warm[i][j];
          double out = i == n - 1 ? -here / (1 / outside + dr / 2) : (warm[i + 1][j] - here) / dr;
          double in = i == 0 ? 0 : (here - warm[i - 1][j]) / dr;
          double up = j == n - 1 ? -here / (1 / outside + dz / 2) : (warm[i][j + 1] - here) / dz;
          double down = j == 0 ? 0 : (here - warm[i][j - 1]) / dz;
          double round = ((i + 1) * out - i * in) / ((i + 0.5) * dr);
          next[i][j] = here + step * SAUCE.squareMetersPerSecond() * (round + (up - down) / dz);
        }
      }
      warm = next;
    }
    return warm[0][0];
  }

  /**
   * T-08 (common practice): a minute a side in the pan and five covered in the sauce cook a fish
   * steak: the core of cod two centimetres thick, from the refrigerator, is then between 50 and 63
   * °C. Conductivity and density from memory; 600 W/(m² K) in a hot pan and in simmering sauce, 92
   * °C on the mean, are assumptions. A steak of 30 mm is far from done in that time.
   */
  @Test
  void aFishSteakIsDoneWhenCooksSay() {
    Cooling cod = new Cooling(0.50, 1050, 3600);
    assertTrue(core(cod, 0.020) > 50 && core(cod, 0.020) < 63, "steak " + core(cod, 0.020));
    assertTrue(core(cod, 0.030) < 40, "far too thick " + core(cod, 0.030));
  }

  private static double core(Cooling fish, double thickMeters) {
    return 92 - (92 - 5) * fish.shareLeftAtMiddle(Body.SLAB, thickMeters / 2, 600, 7 * 60);
  }

  @Test
  void laws() {
    double both = SAUCE.shareLeftInLayer(0.03, 20, 20, 3600);
    assertEquals(SAUCE.shareLeftAtMiddle(Body.SLAB, 0.015, 20, 3600), both, 1e-4, "equal faces");
    assertEquals(1, SAUCE.shareLeftAtMiddle(Body.SPHERE, 0.02, 100, 1), 0.01, "nothing at once");
    double thin = SAUCE.secondsInLayer(0.02, 20_000, 20_000, 90, 21, 3);
    double thick = SAUCE.secondsInLayer(0.04, 20_000, 20_000, 90, 21, 3);
    assertEquals(4, thick / thin, 0.1, "time goes with the square of the depth");
    assertTrue(
        SAUCE.shareLeftAtMiddle(Body.SPHERE, 0.02, 100, 600)
            < SAUCE.shareLeftAtMiddle(Body.CYLINDER, 0.02, 100, 600),
        "a ball is faster than a roll");
  }
}
