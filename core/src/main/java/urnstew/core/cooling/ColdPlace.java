package urnstew.core.cooling;

/**
 * Where something cools, with the coefficient that passes heat there, W/(m² K). The coefficients
 * are assumptions of the usual order (still air 7, moved air 15, a blast 35, a bath 150); the bench
 * is still air.
 */
public enum ColdPlace {
  BENCH(7, false, 20, 24),
  STILL_REFRIGERATOR(7, false, 3, 4),
  FAN_REFRIGERATOR(15, false, 3, 4),
  BLAST_CHILLER(35, false, -2, 2),
  COLD_WATER(150, true, 14, 18),
  ICE_BATH(150, true, 0.5, 2);

  private final double wattsPerSquareMeterKelvin;
  private final boolean bath;
  private final double usualCelsius;
  private final double warmestCelsius;

  ColdPlace(
      double wattsPerSquareMeterKelvin, boolean bath, double usualCelsius, double warmestCelsius) {
    this.wattsPerSquareMeterKelvin = wattsPerSquareMeterKelvin;
    this.bath = bath;
    this.usualCelsius = usualCelsius;
    this.warmestCelsius = warmestCelsius;
  }

  /** Outside coefficient of the wetted or blown side, W/(m² K). */
  public double wattsPerSquareMeterKelvin() {
    return wattsPerSquareMeterKelvin;
  }

  /** Whether the vessel stands in water, with room air above it. */
  public boolean bath() {
    return bath;
  }

  /** Temperature where nobody measured, °C. */
  public double usualCelsius() {
    return usualCelsius;
  }

  /** The same on the warm side, °C. */
  public double warmestCelsius() {
    return warmestCelsius;
  }
}
