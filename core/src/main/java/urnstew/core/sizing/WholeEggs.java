package urnstew.core.sizing;

import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.IngredientKind;

/**
 * Nobody cracks two thirds of an egg. Where eggs make the thing, such as a dough, all of it is
 * raised to the next whole egg; where they only bind, their number is rounded.
 */
final class WholeEggs {
  /** Above this share of the mass they make it (assumption). */
  private static final double MAKES_IT = 0.15;

  /** So much of an egg is no further egg: amounts are found by halving. */
  private static final double SAME_EGG = 0.01;

  private WholeEggs() {}

  /** The scale, raised where eggs make the thing. */
  static double scale(ResolvedFormula formula, double wanted) {
    double eggs = 0;
    double grams = 0;
    for (Portion portion : formula.portions()) {
      if (isEgg(portion)) {
        grams += portion.mass().grams();
        eggs += wanted * portion.mass().kilograms() / count(portion).each().kilograms();
      }
    }
    boolean make = grams >= MAKES_IT * formula.mass().grams();
    return make && eggs > 0 ? wanted * Math.max(1, Math.ceil(eggs - SAME_EGG)) / eggs : wanted;
  }

  /** The batch with its eggs rounded to whole ones. */
  static ResolvedFormula rounded(ResolvedFormula batch) {
    return new ResolvedFormula(
        batch.formula(),
        batch.portions().stream()
            .map(portion -> isEgg(portion) ? portion.of(count(portion).mass()) : portion)
            .toList());
  }

  private static PieceCount count(Portion portion) {
    return PieceCount.of(portion).orElseThrow(IllegalStateException::new);
  }

  private static boolean isEgg(Portion portion) {
    return portion.ingredient().kind() == IngredientKind.EGG
        && portion.ingredient().measuring().piece().isPresent();
  }
}
