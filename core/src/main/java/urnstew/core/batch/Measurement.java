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
   * @param error of the scale, one standard deviation
   */
  record Weighed(Mass gross, Mass tare, Mass error) implements Measurement {}

  /**
   * A dip-stick depth.
   *
   * @param depth wet length of the stick
   * @param error of the stick, one standard deviation
   */
  record Dipped(Length depth, Length error) implements Measurement {}
}
