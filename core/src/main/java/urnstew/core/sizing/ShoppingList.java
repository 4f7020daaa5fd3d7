package urnstew.core.sizing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.units.Mass;

/**
 * One list for a whole meal, less what is in stock.
 *
 * @param items one for each ingredient, in the order in which the dishes first use them
 */
public record ShoppingList(List<Purchase> items) {
  public ShoppingList {
    items = List.copyOf(items);
  }

  /**
   * The list of some batches.
   *
   * @param stock what is there, by ingredient id
   */
  public static ShoppingList of(
      List<ResolvedFormula> batches, Map<String, Mass> stock, PackGoal goal) {
    List<Portion> all = batches.stream().flatMap(batch -> batch.portions().stream()).toList();
    return new ShoppingList(Purchase.of(all, stock, goal));
  }

  /** What it costs; empty where a price is missing. */
  public Optional<Cost> cost() {
    return Cost.of(items);
  }
}
