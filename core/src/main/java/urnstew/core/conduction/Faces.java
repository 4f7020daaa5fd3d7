package urnstew.core.conduction;

/**
 * What surrounds something that creeps towards its surroundings' temperature.
 *
 * @param topWattsPerSquareMeterKelvin coefficient above, W/(m² K)
 * @param bottomWattsPerSquareMeterKelvin coefficient below, W/(m² K)
 * @param sideWattsPerSquareMeterKelvin coefficient all round, W/(m² K)
 * @param topCelsius above, °C
 * @param bottomCelsius below, °C
 * @param sideCelsius all round, °C
 */
public record Faces(
    double topWattsPerSquareMeterKelvin,
    double bottomWattsPerSquareMeterKelvin,
    double sideWattsPerSquareMeterKelvin,
    double topCelsius,
    double bottomCelsius,
    double sideCelsius) {

  /** The same air or bath on every side. */
  public static Faces around(double wattsPerSquareMeterKelvin, double celsius) {
    return new Faces(
        wattsPerSquareMeterKelvin,
        wattsPerSquareMeterKelvin,
        wattsPerSquareMeterKelvin,
        celsius,
        celsius,
        celsius);
  }

  /** The same where the sides pass heat as the top does. */
  public Faces onlyFromBelow() {
    return new Faces(
        topWattsPerSquareMeterKelvin,
        bottomWattsPerSquareMeterKelvin,
        topWattsPerSquareMeterKelvin,
        topCelsius,
        bottomCelsius,
        topCelsius);
  }

  /** Heat passing so much easier. */
  public Faces times(double factor) {
    return new Faces(
        topWattsPerSquareMeterKelvin * factor,
        bottomWattsPerSquareMeterKelvin * factor,
        sideWattsPerSquareMeterKelvin * factor,
        topCelsius,
        bottomCelsius,
        sideCelsius);
  }
}
