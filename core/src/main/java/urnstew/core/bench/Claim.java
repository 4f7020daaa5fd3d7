package urnstew.core.bench;

import urnstew.units.Require;

/** What a mode of an activity holds from its beginning to its end. */
public sealed interface Claim {
  /** Which vessel, burner, machine or oven. */
  String resource();

  /** One thing at a time. */
  record Alone(String resource) implements Claim {}

  /**
   * Shelves of an oven that others share at the same heat.
   *
   * @param shelves 1 to 20
   * @param airCelsius that it needs, 40 to 320 °C
   */
  record Shelf(String resource, int shelves, int airCelsius) implements Claim {
    public Shelf {
      Require.within("shelves", shelves, 1, 20, "");
      Require.within("airCelsius", airCelsius, 40, 320, "°C");
    }
  }
}
