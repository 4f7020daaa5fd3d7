package urnstew.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/**
 * One ingredient to buy, for however many stages and dishes it enters.
 *
 * @param ingredient as it is bought
 * @param needed before peel, bone and what is drained off
 * @param fromStock what of it is there already
 * @param packs for the rest; none where it is not bought in any, or nothing is to be bought
 */
public record Purchase(Ingredient ingredient, Mass needed, Mass fromStock, PackChoice packs) {

  /**
   * What a batch and its parts take when nothing is there, in the order in which it is first used.
   */
  public static List<Purchase> of(List<Portion> portions, PackGoal goal) {
    return of(portions, Map.of(), goal);
  }

  /**
   * The same less what is there.
   *
   * @param there masses by ingredient id, as bought
   */
  public static List<Purchase> of(List<Portion> portions, Map<String, Mass> there, PackGoal goal) {
    return portions.stream()
        .flatMap(Portion::goods)
        .collect(
            Collectors.groupingBy(
                portion -> portion.ingredient().id(), LinkedHashMap::new, Collectors.toList()))
        .values()
        .stream()
        .map(
            same -> {
              Ingredient ingredient = same.get(0).ingredient();
              Mass stock = there.getOrDefault(ingredient.id(), Mass.ZERO);
              return of(ingredient, bought(same), stock, goal);
            })
        .toList();
  }

  private static Mass bought(List<Portion> portions) {
    return portions.stream().map(Portion::bought).reduce(Mass.ZERO, Mass::plus);
  }

  /** So much of one ingredient, of which some is there. */
  private static Purchase of(Ingredient ingredient, Mass needed, Mass there, PackGoal goal) {
    double taken = Math.min(there.kilograms(), needed.kilograms());
    Mass rest = new Mass(needed.kilograms() - taken);
    return new Purchase(ingredient, needed, new Mass(taken), packs(ingredient, rest, goal));
  }

  private static PackChoice packs(Ingredient ingredient, Mass needed, PackGoal goal) {
    return ingredient.buying().packs().isEmpty()
        ? new PackChoice(List.of(), needed)
        : PackChoice.of(ingredient.buying().packs(), needed, goal);
  }

  /** The same from packs chosen otherwise. */
  Purchase by(PackGoal goal) {
    return of(ingredient, needed, fromStock, goal);
  }

  /** The same purchase with nothing in stock, for the price of all of it. */
  Purchase withoutStock(PackGoal goal) {
    return of(ingredient, needed, Mass.ZERO, goal);
  }
}
