package urnstew.core.sizing;

import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.units.Mass;

/**
 * How much of one ingredient goes into this batch.
 *
 * @param portion ingredient, stage and note, at the batch's own size
 */
public record Amount(Portion portion) {
  /** All of it. */
  public Mass mass() {
    return portion.mass();
  }

  /** The same in pieces, for what comes in them. */
  public Optional<PieceCount> pieces() {
    return PieceCount.of(portion);
  }

  /** What goes in before tasting. */
  public Mass firstDose() {
    return mass().times(portion.firstDose().value());
  }

  /** What waits for the tasting. */
  public Mass heldBack() {
    return new Mass(Math.max(0, mass().kilograms() - firstDose().kilograms()));
  }
}
