package urnstew.core.pantry;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * What a word beside an ingredient means: 'fine dice', 'drained', 'soaked'.
 *
 * @param word as cooks write it, small letters
 * @param goesFor ingredients by id or kind; {@code *} for all
 * @param yieldShare share of the weight that is left, above 0
 * @param lostSolids solids of what is lost; empty where it is lost as it is
 * @param staysWhole whether it is shut in, so that it gives the sauce nothing
 * @param lead how long before it must be begun
 * @param minutesPerKilogram hands, min/kg
 * @param tool where it is done
 * @param saltStays salt that it takes up and keeps
 */
public record Handling(
    String word,
    Set<String> goesFor,
    double yieldShare,
    Optional<MassFraction> lostSolids,
    boolean staysWhole,
    Duration lead,
    double minutesPerKilogram,
    String tool,
    MassFraction saltStays) {
  public Handling {
    goesFor = Set.copyOf(goesFor);
    Require.within("yieldShare", yieldShare, 0.01, 1, "share");
    Require.notNegative("minutesPerKilogram", minutesPerKilogram, "min/kg");
  }

  boolean fits(Ingredient ingredient) {
    return goesFor.contains("*")
        || goesFor.contains(ingredient.id())
        || goesFor.contains(ingredient.kind().name());
  }

  /**
   * What is left of it: a watery loss leaves it richer, a solid one poorer; never more than it has.
   */
  public Ingredient leaves(Ingredient before) {
    Ingredient rest =
        lostSolids.map(share -> before.with(left(before.perKilogram(), share))).orElse(before);
    Ingredient salted = saltStays.value() > 0 ? rest.saltedBy(saltStays) : rest;
    return staysWhole ? salted.shutIn() : salted;
  }

  private Composition left(Composition all, MassFraction share) {
    double lost = 1 - yieldShare;
    double lostSolids = Math.min(lost * share.value(), all.solids().kilograms() * 0.99);
    double lostWater = Math.min(lost - lostSolids, all.waterKilograms());
    double solidsLeft = 1 - lostSolids / all.solids().kilograms();
    Composition rest =
        all.withSolidsTimes(solidsLeft)
            .withLiquids(all.waterKilograms() - lostWater, all.ethanolKilograms());
    return rest.times(1 / rest.total().kilograms());
  }
}
