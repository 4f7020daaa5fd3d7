package urnstew.core.sizing;

import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Piece;
import urnstew.units.Mass;

/**
 * Pieces as a cook takes them: an egg is whole, a clove or a leaf too; what weighs more is halved,
 * what weighs much is quartered (assumption, after common practice of quarter spoons and half
 * cans).
 *
 * @param name clove, onion, egg
 * @param count rounded to what can be cut
 * @param each mass of one
 */
public record PieceCount(String name, double count, Mass each) {
  private static final double HALVED_GRAMS = 25;
  private static final double QUARTERED_GRAMS = 90;

  /** For what comes in pieces; empty for the rest. */
  public static Optional<PieceCount> of(Portion portion) {
    Ingredient ingredient = portion.ingredient();
    return ingredient.measuring().piece().map(piece -> of(ingredient, piece, portion.mass()));
  }

  private static PieceCount of(Ingredient ingredient, Piece piece, Mass mass) {
    double least = leastCut(ingredient, piece);
    double pieces = mass.kilograms() / piece.mass().kilograms();
    double count = Math.max(least, Math.round(pieces / least) * least);
    return new PieceCount(piece.name(), count, piece.mass());
  }

  private static double leastCut(Ingredient ingredient, Piece piece) {
    double grams = piece.mass().grams();
    if (ingredient.kind() == IngredientKind.EGG || grams < HALVED_GRAMS) {
      return 1;
    }
    return grams < QUARTERED_GRAMS ? 0.5 : 0.25;
  }

  /** What they weigh. */
  public Mass mass() {
    return each.times(count);
  }
}
