package urnstew.core.pantry;

import java.util.Collection;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import urnstew.units.Require;

/**
 * What an eater may have to know.
 *
 * @param allergens that it carries
 * @param asks allergens that goods of this kind carry or not, by maker: the pack must be read
 * @param traits for diets and avoid lists
 * @param sulphitesMilligramsPerKilogram as SO2, mg/kg
 * @param unknown what is not known of it, in a cook's words; empty where all is
 * @param madeOf ids of the goods in it, where it is made here
 */
public record Labelling(
    Set<Allergen> allergens,
    Set<Allergen> asks,
    Set<Trait> traits,
    double sulphitesMilligramsPerKilogram,
    String unknown,
    Set<String> madeOf) {
  public Labelling {
    allergens = Collections.unmodifiableSet(new TreeSet<>(allergens));
    Set<Allergen> open = new TreeSet<>(asks);
    open.removeAll(allergens);
    asks = Collections.unmodifiableSet(open);
    traits = Collections.unmodifiableSet(new TreeSet<>(traits));
    madeOf = Collections.unmodifiableSet(new TreeSet<>(madeOf));
    Require.within("sulphites", sulphitesMilligramsPerKilogram, 0, 20_000, "mg/kg");
  }

  /** The same of something that is made of these goods too. */
  public Labelling madeOf(Collection<String> goods) {
    Set<String> all = new TreeSet<>(madeOf);
    all.addAll(goods);
    return new Labelling(allergens, asks, traits, sulphitesMilligramsPerKilogram, unknown, all);
  }
}
