package urnstew.core.conduction;

/**
 * What surrounds something that creeps towards its surroundings' temperature.
 *
 * @param top coefficient above, W/(m² K)
 * @param bottom coefficient below, W/(m² K)
 * @param side coefficient all round, W/(m² K)
 * @param topCelsius above, °C
 * @param bottomCelsius below, °C
 * @param sideCelsius all round, °C
 */
public record Faces(
    double top,
    double bottom,
    double side,
    double topCelsius,
    double bottomCelsius,
    double sideCelsius) {

  /** The same air or bath on every side. */
  public static Faces around(double coefficient, double celsius) {
    return new Faces(coefficient, coefficient, coefficient, celsius, celsius, celsius);
  }

  /** Its sides stand in what is above it. */
  public Faces onlyFromBelow() {
    return new Faces(top, bottom, top, topCelsius, bottomCelsius, topCelsius);
  }

  /** Heat passing so much easier. */
  public Faces times(double factor) {
    return new Faces(
        top * factor, bottom * factor, side * factor, topCelsius, bottomCelsius, sideCelsius);
  }
}
