package urnstew.core.formula;

import java.time.Duration;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.units.Mass;

/**
 * A moment of the work.
 *
 * @param stage place of the stage, from 0
 * @param title of the stage
 * @param after time from its start
 */
public record Moment(int stage, String title, Duration after) {
  /** When a portion goes in. */
  public static Moment of(Portion portion) {
    return new Moment(portion.stage(), portion.stageTitle(), portion.after());
  }

  /** The very start. */
  public boolean isFirst() {
    return stage == 0 && after.isZero();
  }

  /** Whether a portion is in the pot by then. */
  public boolean isAfter(Portion portion) {
    return portion.stage() < stage
        || portion.stage() == stage && portion.after().compareTo(after) < 0;
  }

  /** What is in the pot then: before its stage, or in a simmer with what went in at once. */
  public Mass pot(ResolvedFormula batch, Ribbon ribbon) {
    Mass before = stage == 0 ? Mass.ZERO : ribbon.steps().get(stage - 1).atEnd().total();
    return batch.portionsOf(stage).stream()
        .filter(this::isAfter)
        .map(Portion::mass)
        .reduce(before, Mass::plus);
  }
}
