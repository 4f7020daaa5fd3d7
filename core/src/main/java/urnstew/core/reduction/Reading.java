package urnstew.core.reduction;

import urnstew.units.Length;
import urnstew.units.Mass;

/** Something measured on the pot while it simmers. */
public sealed interface Reading {
  /** Stable key, given back with the verdict. */
  String key();

  /** Time since the simmer started, s. */
  double seconds();

  /**
   * A weighing.
   *
   * @param key stable key
   * @param seconds since the simmer started
   * @param net sauce without the pot
   * @param error standard error of the scale
   */
  record Weighing(String key, double seconds, Mass net, Mass error) implements Reading {}

  /**
   * A dip-stick depth.
   *
   * @param key stable key
   * @param seconds since the simmer started
   * @param depth of the sauce
   * @param error standard error of the stick
   */
  record Dip(String key, double seconds, Length depth, Length error) implements Reading {}
}
