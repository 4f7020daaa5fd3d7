package urnstew.core.sizing;

import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Pack;
import urnstew.units.Mass;

/**
 * How much of one ingredient goes into this batch.
 *
 * @param portion ingredient, stage and note
 * @param mass how much goes in
 * @param packs whole packs to open, where it comes in packs
 */
public record Amount(Portion portion, Mass mass, Optional<WholePacks> packs) {

  /**
   * Whole packs of one size.
   *
   * @param pack the size
   * @param count how many to open
   * @param left what is left in the last one
   */
  public record WholePacks(Pack pack, int count, Mass left) {
    /** The fewest whole packs that hold this mass. */
    static WholePacks holding(Mass mass, Pack pack) {
      int count = (int) Math.ceil(mass.kilograms() / pack.net().kilograms() - 1e-9);
      double left = count * pack.net().kilograms() - mass.kilograms();
      return new WholePacks(pack, count, new Mass(Math.max(0, left)));
    }
  }
}
