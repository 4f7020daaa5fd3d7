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
 * @param wattsPerMeterKelvin W/(m K)
 * @param kilogramsPerCubicMeter kg/m³
 * @param joulesPerKilogramKelvin J/(kg K)
 */
public record Cooling(
    double wattsPerMeterKelvin, double kilogramsPerCubicMeter, double joulesPerKilogramKelvin) {
  private static final double FOUND_SECONDS = 0.5;
  private static final int ORDER = 5;
  private static final int MOST_TRIES = 60;
  private static final int MOST_TERMS = 60;
  private static final double NEGLIGIBLE = 1e-10;
  private static final int PLACES = 64;

  /** α, m²/s. */
  public double squareMetersPerSecond() {
    return wattsPerMeterKelvin / (kilogramsPerCubicMeter * joulesPerKilogramKelvin);
  }

  /**
   * Share of the first difference that is left at the middle, 0 to 1.
   *
   * @param body the shape
   * @param radiusMeters radius, or half thickness
   * @param wattsPerSquareMeterKelvin outside, W/(m² K)
   * @param seconds since it was put there
   */
  public double shareLeftAtMiddle(
      Body body, double radiusMeters, double wattsPerSquareMeterKelvin, double seconds) {
    double biot = wattsPerSquareMeterKelvin * radiusMeters / wattsPerMeterKelvin;
    double fourier = squareMetersPerSecond() * seconds / (radiusMeters * radiusMeters);
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
   * @param wattsPerSquareMeterKelvin outside, all round, W/(m² K)
   * @param seconds since it was put there
   */
  public double shareLeftInShortCylinder(
      double radiusMeters,
      double halfHeightMeters,
      double wattsPerSquareMeterKelvin,
      double seconds) {
    return shareLeftAtMiddle(Body.SLAB, halfHeightMeters, wattsPerSquareMeterKelvin, seconds)
        * shareLeftAtMiddle(Body.CYLINDER, radiusMeters, wattsPerSquareMeterKelvin, seconds);
  }

  /**
   * Share of the first difference that is left at the hottest point of a layer with unlike faces.
   *
   * @param depthMeters of the layer
   * @param topWattsPerSquareMeterKelvin coefficient of the upper face, W/(m² K)
   * @param bottomWattsPerSquareMeterKelvin coefficient of the lower face, W/(m² K)
   * @param seconds since it was put there
   */
  public double shareLeftInLayer(
      double depthMeters,
      double topWattsPerSquareMeterKelvin,
      double bottomWattsPerSquareMeterKelvin,
      double seconds) {
    return new Layer(
            this, depthMeters, topWattsPerSquareMeterKelvin, bottomWattsPerSquareMeterKelvin)
        .hottest(seconds, PLACES);
  }

  /**
   * Time until the hottest point of a layer has fallen to a temperature, s.
   *
   * @param fromCelsius at the start, °C
   * @param toCelsius wanted, °C; above the surroundings
   * @param surroundingsCelsius °C
   */
  public double secondsInLayer(
      double depthMeters,
      double topWattsPerSquareMeterKelvin,
      double bottomWattsPerSquareMeterKelvin,
      double fromCelsius,
      double toCelsius,
      double surroundingsCelsius) {
    double wanted = (toCelsius - surroundingsCelsius) / (fromCelsius - surroundingsCelsius);
    Layer layer =
        new Layer(this, depthMeters, topWattsPerSquareMeterKelvin, bottomWattsPerSquareMeterKelvin);
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
