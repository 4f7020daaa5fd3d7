package urnstew.core.balance;

import java.util.List;
import java.util.Optional;
import urnstew.core.Samples;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/** Pots that the tests of this package share. */
final class Pots {
  private Pots() {}

  /** Everything of a formula before its finish. */
  static InPot before(ResolvedFormula formula) {
    List<Portion> portions =
        formula.portions().stream().filter(p -> p.role() != StageRole.FINISH).toList();
    return InPot.of(portions, formula.beforeTheFinish());
  }

  /** Reduction and finish of a formula; nothing on the plate. */
  static Course course(ResolvedFormula formula) {
    return new Course(
        formula.formula().target(),
        formula.portions().stream()
            .filter(p -> p.role() == StageRole.FINISH)
            .map(p -> Part.of(p.ingredient(), p.mass()))
            .toList(),
        List.of(),
        Optional.of(1.2));
  }

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
