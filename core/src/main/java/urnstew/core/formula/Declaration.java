package urnstew.core.formula;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Diet;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/**
 * What an eater has to be told of, and what causes it.
 *
 * <p>Sulphites count from 10 mg/kg in the food as served (Reg. (EU) 1169/2011, Annex II; 21 CFR
 * 101.100(a)(4)): all that goes in is counted as if none boiled off, which errs to the safe side.
 *
 * @param allergens that it carries
 * @param diets each with what breaks it; nothing where it is kept
 * @param sulphitesMilligramsPerKilogram in the food as served, at most
 */
public record Declaration(
    List<Carried> allergens, List<Kept> diets, double sulphitesMilligramsPerKilogram) {
  /** Threshold of the law, mg/kg. */
  public static final double SULPHITES_DECLARED_FROM = 10;

  public Declaration {
    allergens = List.copyOf(allergens);
    diets = List.copyOf(diets);
  }

  /**
   * An allergen and what it comes from.
   *
   * @param allergen which
   * @param causes names of the ingredients
   * @param hidden those of them whose names do not tell
   */
  public record Carried(Allergen allergen, List<String> causes, List<String> hidden) {}

  /**
   * A way of eating.
   *
   * @param diet which
   * @param brokenBy names of the ingredients that it leaves out; empty where it is kept
   */
  public record Kept(Diet diet, List<String> brokenBy) {}

  /** Of all that goes in, for so much on the table. */
  public static Declaration of(List<Portion> portions, Mass served) {
    double sulphites =
        portions.stream()
                .mapToDouble(
                    portion ->
                        portion.ingredient().labelling().sulphitesMilligramsPerKilogram()
                            * portion.mass().kilograms())
                .sum()
            / served.kilograms();
    return new Declaration(
        Arrays.stream(Allergen.values())
            .filter(a -> a != Allergen.SULPHITES || sulphites > SULPHITES_DECLARED_FROM)
            .map(allergen -> carried(allergen, portions))
            .filter(carried -> !carried.causes().isEmpty())
            .toList(),
        Arrays.stream(Diet.values())
            .map(diet -> new Kept(diet, names(portions, one -> !diet.allows(one))))
            .toList(),
        sulphites);
  }

  /** Names of what is to be left out. */
  public static List<String> hits(Avoid avoid, List<Portion> portions) {
    return names(portions, avoid::hits);
  }

  private static Carried carried(Allergen allergen, List<Portion> portions) {
    Predicate<Ingredient> carries = one -> one.labelling().allergens().contains(allergen);
    return new Carried(
        allergen,
        names(portions, carries),
        names(portions, carries.and(one -> !allergen.isPlainIn(one.name()))));
  }

  private static List<String> names(List<Portion> portions, Predicate<Ingredient> which) {
    return portions.stream()
        .map(Portion::ingredient)
        .filter(which)
        .map(Ingredient::name)
        .distinct()
        .toList();
  }
}
