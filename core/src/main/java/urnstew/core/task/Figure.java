package urnstew.core.task;

import urnstew.units.Mass;
import urnstew.units.Temperature;

/** What is shown beside the words of a task, in the units of whoever reads it. */
public sealed interface Figure {
  /** So much of it. */
  record Much(Mass mass) implements Figure {}

  /** To be read, or reached. */
  record Warm(Temperature temperature) implements Figure {}

  /**
   * For so many eaters.
   *
   * @param count plates, about
   */
  record Plates(int count) implements Figure {}
}
