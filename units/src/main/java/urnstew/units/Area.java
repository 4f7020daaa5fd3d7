package urnstew.units;

/**
 * Area.
 *
 * @param squareMeters area in m², 0 or more
 */
public record Area(double squareMeters) implements Comparable<Area> {

  /** Checks the range stated for the component. */
  public Area {
    Require.notNegative("area", squareMeters, "m²");
  }

  @Override
  public int compareTo(Area other) {
    return Double.compare(squareMeters, other.squareMeters);
  }
}
