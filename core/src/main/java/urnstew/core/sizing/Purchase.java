package urnstew.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/**
 * One ingredient to buy, for however many stages it enters.
 *
 * @param ingredient as it is bought
 * @param needed before peel, bone and what is drained off
 * @param packs that hold it; none where it is not bought in any
 */
public record Purchase(Ingredient ingredient, Mass needed, PackChoice packs) {

  /** What a batch takes, in the order in which it is first used. */
  public static List<Purchase> of(List<Portion> portions, PackGoal goal) {
    return portions.stream()
        .collect(
            Collectors.groupingBy(
                portion -> portion.ingredient().id(), LinkedHashMap::new, Collectors.toList()))
        .values()
        .stream()
        .map(same -> of(same.get(0).ingredient(), bought(same), goal))
        .toList();
  }

  private static Mass bought(List<Portion> portions) {
    return portions.stream().map(Portion::bought).reduce(Mass.ZERO, Mass::plus);
  }

  /** So much of one ingredient. */
  public static Purchase of(Ingredient ingredient, Mass needed, PackGoal goal) {
    PackChoice packs =
        ingredient.buying().packs().isEmpty()
            ? new PackChoice(List.of(), needed)
            : PackChoice.of(ingredient.buying().packs(), needed, goal);
    return new Purchase(ingredient, needed, packs);
  }
}
