package urnstew.app.formula;

import java.util.List;
import urnstew.core.formula.Declaration;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Diet;

/** What an eater has to be told of, and what causes it. */
public record DeclarationView(
    List<CarriedView> allergens, List<DietView> diets, double sulphitesMilligramsPerKilogram) {

  /** An allergen with the ingredients that it comes from. */
  public record CarriedView(
      Allergen allergen,
      String words,
      boolean inUnitedStates,
      List<String> causes,
      List<String> hidden) {}

  /** A way of eating with what breaks it; nothing where it is kept. */
  public record DietView(Diet diet, String words, List<String> brokenBy) {}

  public static DeclarationView of(Declaration declaration) {
    return new DeclarationView(
        declaration.allergens().stream()
            .map(
                carried ->
                    new CarriedView(
                        carried.allergen(),
                        carried.allergen().words(),
                        carried.allergen().inUnitedStates(),
                        carried.causes(),
                        carried.hidden()))
            .toList(),
        declaration.diets().stream()
            .map(kept -> new DietView(kept.diet(), kept.diet().words(), kept.brokenBy()))
            .toList(),
        declaration.sulphitesMilligramsPerKilogram());
  }
}
