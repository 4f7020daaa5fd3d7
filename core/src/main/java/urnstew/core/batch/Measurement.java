package urnstew.core.batch;

import urnstew.units.Length;
import urnstew.units.Mass;

/** What was read, raw. */
public sealed interface Measurement {
  /**
   * A weighing.
   *
   * @param gross what the scale showed
   * @param tare what of it is pot; zero if sauce alone was weighed
   */
  record Weighed(Mass gross, Mass tare) implements Measurement {}

  /**
   * A dip-stick depth.
   *
   * @param depth wet length of the stick
   */
  record Dipped(Length depth) implements Measurement {}
}
