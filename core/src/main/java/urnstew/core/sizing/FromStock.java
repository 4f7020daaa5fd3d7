package urnstew.core.sizing;

import java.util.Comparator;
import java.util.List;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/**
 * The other direction: what there is decides how much can be made. The scale is the least of there
 * over needed, k = min(aᵢ/nᵢ), both as bought; of what is not named there is enough.
 *
 * @param scaleFactor times the formula's own size
 * @param bound what runs out first
 * @param unused what is left of the rest
 */
public record FromStock(double scaleFactor, Ingredient bound, List<Unused> unused) {
  public FromStock {
    unused = List.copyOf(unused);
  }

  /** What is left of one ingredient. */
  public record Unused(Ingredient ingredient, Mass mass) {}

  /** So much of one ingredient, as bought. */
  public record There(String ingredientId, Mass mass) {}

  /**
   * Sizes a formula by what there is.
   *
   * @param there at least one, each more than nothing
   * @throws InvalidInput naming the ingredient that the formula does not take
   */
  public static FromStock of(ResolvedFormula formula, List<There> there) {
    List<Purchase> own = Purchase.of(formula.portions(), PackGoal.LEAST_COST);
    List<Named> named = there.stream().map(one -> named(own, one)).toList();
    Named first =
        named.stream()
            .min(Comparator.comparingDouble(Named::feeds))
            .orElseThrow(
                () ->
                    fault(
                        "empty",
                        "Nothing is named that there is.",
                        "Choose an ingredient and type how much of it there is."));
    return new FromStock(
        first.feeds(),
        first.own().ingredient(),
        named.stream()
            .filter(one -> one != first)
            .map(one -> new Unused(one.own().ingredient(), one.left(first.feeds())))
            .toList());
  }

  private record Named(Purchase own, Mass there) {
    double feeds() {
      return there.kilograms() / own.needed().kilograms();
    }

    Mass left(double scaleFactor) {
      return new Mass(Math.max(0, there.kilograms() - scaleFactor * own.needed().kilograms()));
    }
  }

  private static Named named(List<Purchase> own, There there) {
    if (there.mass().grams() < 1) {
      throw fault(
          "not-positive",
          "Of one ingredient there is none.",
          "Type how much there is, or take the line out.");
    }
    return own.stream()
        .filter(purchase -> purchase.ingredient().id().equals(there.ingredientId()))
        .findFirst()
        .map(purchase -> new Named(purchase, there.mass()))
        .orElseThrow(
            () ->
                fault(
                    "not-in-formula",
                    "The formula takes no '" + there.ingredientId() + "'.",
                    "Choose one that the formula takes."));
  }

  private static InvalidInput fault(String code, String message, String remedy) {
    return new InvalidInput(
        "available", code, message, "1 g or more of an ingredient of the formula", remedy);
  }
}
