package urnstew.core.conduction;

import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A slab with heat passing through both faces, or a cylinder or sphere through its surface, put at
 * once into other surroundings.
 *
 * <p>For equal faces the half thickness counts, for one insulated face the whole one; for unlike
 * faces the slab's own series is used: tan z = z(b₁ + b₂)/(z² − b₁b₂). Range: constant properties;
 * enough terms are summed that the last is below 1e-10. Worked number: 25 mm of sauce in a still
 * refrigerator, 7 W/(m² K) on both faces, from 90 °C to 21 °C in 3.36 h.
 *
 * @param conductivity W/(m K)
 * @param density kg/m³
 * @param specificHeat J/(kg K)
 */
public record Cooling(double conductivity, double density, double specificHeat) {
  private static final double FOUND_SECONDS = 0.5;
  private static final int ORDER = 5;
  private static final int MOST_TRIES = 60;
  private static final int MOST_TERMS = 60;
  private static final double NEGLIGIBLE = 1e-10;
  private static final int PLACES = 64;

  /** α, m²/s. */
  public double diffusivity() {
    return conductivity / (density * specificHeat);
  }

  /**
   * Share of the first difference that is left at the middle, 0 to 1.
   *
   * @param body the shape
   * @param radiusMeters radius, or half thickness
   * @param coefficient outside, W/(m² K)
   * @param seconds since it was put there
   */
  public double leftAtMiddle(Body body, double radiusMeters, double coefficient, double seconds) {
    double biot = coefficient * radiusMeters / conductivity;
    double fourier = diffusivity() * seconds / (radiusMeters * radiusMeters);
    double sum = 0;
    for (int n = 0; n < MOST_TERMS; n++) {
      double zeta = body.eigenvalue(n, biot);
      double fading = Math.exp(-zeta * zeta * fourier);
      sum += body.coefficient(zeta) * fading;
      if (fading < NEGLIGIBLE) {
        break;
      }
    }
    return sum;
  }

  /**
   * The same for a short cylinder, such as a cutlet or a tub: the product of a slab and a long
   * cylinder, which is exact.
   *
   * @param radiusMeters of the cylinder
   * @param halfHeightMeters half its height
   * @param coefficient outside, all round, W/(m² K)
   * @param seconds since it was put there
   */
  public double leftInShortCylinder(
      double radiusMeters, double halfHeightMeters, double coefficient, double seconds) {
    return leftAtMiddle(Body.SLAB, halfHeightMeters, coefficient, seconds)
        * leftAtMiddle(Body.CYLINDER, radiusMeters, coefficient, seconds);
  }

  /**
   * Share of the first difference that is left at the hottest point of a layer with unlike faces.
   *
   * @param depthMeters of the layer
   * @param top coefficient of the upper face, W/(m² K)
   * @param bottom coefficient of the lower face, W/(m² K)
   * @param seconds since it was put there
   */
  public double leftInLayer(double depthMeters, double top, double bottom, double seconds) {
    return new Layer(this, depthMeters, top, bottom).hottest(seconds, PLACES);
  }

  /**
   * Time until the hottest point of a layer has fallen to a temperature, s.
   *
   * @param from at the start, °C
   * @param to wanted, °C; above the surroundings
   * @param surroundings °C
   */
  public double secondsInLayer(
      double depthMeters, double top, double bottom, double from, double to, double surroundings) {
    double wanted = (to - surroundings) / (from - surroundings);
    Layer layer = new Layer(this, depthMeters, top, bottom);
    double low = 0;
    double high = 3600;
    while (layer.hottest(high, PLACES) > wanted) {
      low = high;
      high *= 2;
    }
    return new BracketingNthOrderBrentSolver(FOUND_SECONDS, ORDER)
        .solve(
            MOST_TRIES,
            seconds -> layer.hottest(seconds, PLACES) - wanted,
            low,
            high,
            AllowedSolution.BELOW_SIDE);
  }
}
