package urnstew.core.sizing;

import java.util.List;
import urnstew.core.explain.Working;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;

/**
 * The size of one batch.
 *
 * @param scale times the formula's own size
 * @param amounts what goes in
 * @param start contents of the pot when the simmer starts
 * @param reduced the same when it is thick enough
 * @param end with what goes in at the finish
 * @param portions servings it gives after what clings to the pot
 * @param workings how the figures came about
 */
public record BatchSize(
    double scale,
    List<Amount> amounts,
    Composition start,
    Composition reduced,
    Composition end,
    double portions,
    List<Working> workings) {
  public BatchSize {
    amounts = List.copyOf(amounts);
    workings = List.copyOf(workings);
  }

  /** Water that must leave the pot. */
  public Mass waterToLose() {
    return new Mass(start.waterKilograms() - reduced.waterKilograms());
  }
}
