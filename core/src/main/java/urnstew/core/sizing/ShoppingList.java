package urnstew.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/**
 * One list for a whole meal, less what is in stock.
 *
 * @param items one for each ingredient, in the order in which the dishes first use them
 */
public record ShoppingList(List<Item> items) {
  public ShoppingList {
    items = List.copyOf(items);
  }

  /**
   * One ingredient.
   *
   * @param ingredient as it is bought
   * @param needed for all dishes, before peel and bone
   * @param fromStock what of it is taken from the shelf
   * @param toBuy packs for the rest
   */
  public record Item(Ingredient ingredient, Mass needed, Mass fromStock, PackChoice toBuy) {}

  /**
   * The list of some batches.
   *
   * @param stock what is there, by ingredient id
   */
  public static ShoppingList of(
      List<ResolvedFormula> batches, Map<String, Mass> stock, PackGoal goal) {
    List<Portion> all = batches.stream().flatMap(batch -> batch.portions().stream()).toList();
    List<Item> items = new ArrayList<>();
    for (Purchase purchase : Purchase.of(all, goal)) {
      Ingredient ingredient = purchase.ingredient();
      double there = stock.getOrDefault(ingredient.id(), Mass.ZERO).kilograms();
      double taken = Math.min(there, purchase.needed().kilograms());
      Mass rest = new Mass(purchase.needed().kilograms() - taken);
      items.add(
          new Item(
              ingredient,
              purchase.needed(),
              new Mass(taken),
              Purchase.of(ingredient, rest, goal).packs()));
    }
    return new ShoppingList(items);
  }

  /** What it costs; empty where a price is missing. */
  public Optional<Cost> cost() {
    return Cost.of(
        items.stream()
            .map(item -> new Purchase(item.ingredient(), item.toBuy().needed(), item.toBuy()))
            .toList());
  }
}
