package urnstew.core.balance;

import urnstew.core.Samples;
import urnstew.core.balance.InPot.Part;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/** Pots that the tests of this package share. */
final class Pots {
  private Pots() {}

  static InPot of(Object... namesAndGrams) {
    InPot pot = InPot.NOTHING;
    for (int i = 0; i < namesAndGrams.length; i += 2) {
      pot =
          pot.plus(part((String) namesAndGrams[i], ((Number) namesAndGrams[i + 1]).doubleValue()));
    }
    return pot;
  }

  static Part part(String id, double grams) {
    return Part.of(Samples.ingredient(id), Mass.ofGrams(grams));
  }

  static Ingredient salt() {
    return Samples.ingredient("table-salt");
  }
}
