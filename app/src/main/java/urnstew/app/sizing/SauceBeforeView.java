package urnstew.app.sizing;

import org.jspecify.annotations.Nullable;
import urnstew.units.MassFraction;

/**
 * How tight the sauce has to be before what goes with it gives its juice, or drinks of it.
 *
 * @param solidsFraction that it should have before
 * @param nowFraction that it is planned for
 * @param waterKilograms that comes; negative where it goes
 */
public record SauceBeforeView(double solidsFraction, double nowFraction, double waterKilograms) {

  static @Nullable SauceBeforeView of(Meal.Served served) {
    MassFraction now = served.dish().ribbon().end().equivalentSolids();
    return served
        .sauceBefore()
        .filter(before -> before.differsFrom(now))
        .map(
            before ->
                new SauceBeforeView(before.solids().value(), now.value(), before.waterKilograms()))
        .orElse(null);
  }
}
