package urnstew.core.pantry;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import urnstew.units.Require;

/**
 * What an eater may have to know.
 *
 * @param allergens that it carries
 * @param traits for diets and avoid lists
 * @param sulphitesMilligramsPerKilogram as SO2, mg/kg
 */
public record Labelling(
    Set<Allergen> allergens, Set<Trait> traits, double sulphitesMilligramsPerKilogram) {
  public Labelling {
    allergens = Collections.unmodifiableSet(new TreeSet<>(allergens));
    traits = Collections.unmodifiableSet(new TreeSet<>(traits));
    Require.within("sulphites", sulphitesMilligramsPerKilogram, 0, 20_000, "mg/kg");
  }
}
