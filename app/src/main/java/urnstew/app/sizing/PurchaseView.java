package urnstew.app.sizing;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.sizing.PackChoice;
import urnstew.core.sizing.Purchase;

/**
 * One ingredient to buy.
 *
 * @param ingredientId which
 * @param name in a cook's words
 * @param kind shelf of the pantry
 * @param neededMassKilograms before peel, bone and what is drained off
 * @param fromStockKilograms what of it is there already; absent in plans of earlier releases
 * @param packs whole packs that hold the rest
 * @param leftMassKilograms what is over
 * @param cost of the packs; absent where a price is missing
 */
public record PurchaseView(
    String ingredientId,
    String name,
    IngredientKind kind,
    double neededMassKilograms,
    @Nullable Double fromStockKilograms,
    List<PackCountView> packs,
    double leftMassKilograms,
    @Nullable BigDecimal cost) {

  /** So many packs of one size; loose ones are bought by weight. */
  public record PackCountView(String name, int count, double netMassKilograms, boolean loose) {
    public static PackCountView of(PackChoice.Bought bought) {
      return new PackCountView(
          bought.pack().name(),
          bought.count(),
          bought.pack().net().kilograms(),
          bought.pack().loose());
    }
  }

  public static PurchaseView of(Purchase purchase) {
    return new PurchaseView(
        purchase.ingredient().id(),
        purchase.ingredient().name(),
        purchase.ingredient().kind(),
        purchase.needed().kilograms(),
        purchase.fromStock().kilograms(),
        purchase.packs().bought().stream().map(PackCountView::of).toList(),
        purchase.packs().bought().isEmpty() ? 0 : purchase.packs().left().kilograms(),
        purchase.packs().cost().orElse(null));
  }
}
