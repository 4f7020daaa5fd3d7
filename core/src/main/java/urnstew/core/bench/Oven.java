package urnstew.core.bench;

/**
 * An oven, one heat at a time.
 *
 * @param name of it
 * @param shelves that it has
 * @param secondsPerKelvin that it takes to another heat
 */
public record Oven(String name, int shelves, int secondsPerKelvin) {
  /** Nearer than that two things bake at one heat, with minutes to match (common practice). */
  public static final int SAME_KELVINS = 10;

  /** Whether both can be in it at once. */
  static boolean agree(Claim.Shelf one, Claim.Shelf other) {
    return Math.abs(one.airCelsius() - other.airCelsius()) <= SAME_KELVINS;
  }

  /** From one heat to another. */
  public int changeSeconds(Claim.Shelf one, Claim.Shelf other) {
    return agree(one, other)
        ? 0
        : secondsPerKelvin * Math.abs(one.airCelsius() - other.airCelsius());
  }
}
