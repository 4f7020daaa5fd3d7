package urnstew.app.formula;

import java.util.List;
import urnstew.core.formula.Declaration;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Diet;

/**
 * What an eater has to be told of, what causes it, and what nobody knows.
 *
 * @param asked allergens that goods of these kinds carry or not: the packs must be read
 * @param unknown what was not read or not named; while there is any, nothing is called absent
 * @param inWords all of it in short sentences
 */
public record DeclarationView(
    List<CarriedView> allergens,
    List<CarriedView> asked,
    List<DietView> diets,
    double sulphitesMilligramsPerKilogram,
    List<String> unknown,
    List<String> inWords) {

  /** An allergen with the ingredients that it comes from. */
  public record CarriedView(
      Allergen allergen,
      String words,
      boolean inUnitedStates,
      List<String> causes,
      List<String> hidden) {
    static CarriedView of(Declaration.Carried carried) {
      return new CarriedView(
          carried.allergen(),
          carried.allergen().words(),
          carried.allergen().inUnitedStates(),
          carried.causes(),
          carried.hidden());
    }
  }

  /** A way of eating with what breaks it and what leaves it in doubt; kept where both are empty. */
  public record DietView(Diet diet, String words, List<String> brokenBy, List<String> doubts) {}

  public static DeclarationView of(Declaration declaration) {
    return new DeclarationView(
        declaration.allergens().stream().map(CarriedView::of).toList(),
        declaration.asked().stream().map(CarriedView::of).toList(),
        declaration.diets().stream()
            .map(
                kept ->
                    new DietView(kept.diet(), kept.diet().words(), kept.brokenBy(), kept.doubts()))
            .toList(),
        declaration.sulphitesMilligramsPerKilogram(),
        declaration.unknown(),
        declaration.inWords());
  }
}
