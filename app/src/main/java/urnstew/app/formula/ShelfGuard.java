package urnstew.app.formula;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.pantry.PantryGuard;
import urnstew.app.platform.OneByOne;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.School;
import urnstew.core.pantry.Pantry;
import urnstew.units.InvalidInput;

/** Refuses a formula with which the shelf could not be shown any more. */
@Component
class ShelfGuard implements PantryGuard {
  private final ObjectProvider<FormulaShelf> shelf;

  ShelfGuard(ObjectProvider<FormulaShelf> shelf) {
    this.shelf = shelf;
  }

  @Override
  public Watch watch() {
    return new Shelf(shelf.getObject().all());
  }

  /** Formulas as they stood when something began to change. */
  private record Shelf(List<Formula> formulas) implements Watch {
    @Override
    public boolean names(String ingredientId) {
      return formulas.stream().anyMatch(formula -> ShelfGuard.names(formula, ingredientId));
    }

    @Override
    public void requireComputable(Pantry after, String changed) {
      formulas.stream()
          .filter(formula -> ShelfGuard.names(formula, changed))
          .forEach(
              formula ->
                  require(
                      formula,
                      after,
                      "waterFraction",
                      "Look at its water again, and at what it gives as juice."));
    }
  }

  /** The same of a formula that is written. */
  void requireComputable(Formula formula, Pantry pantry) {
    require(formula, pantry, "stages", "Let a stage dry off less, or look at the amounts again.");
  }

  private static boolean names(Formula formula, String ingredientId) {
    return formula.stages().stream()
        .flatMap(stage -> stage.lines().stream())
        .anyMatch(line -> line.ingredientId().equals(ingredientId));
  }

  private static void require(Formula formula, Pantry pantry, String field, String remedy) {
    Stream<List<School>> ways =
        formula.choices().stream()
            .flatMap(choice -> choice.options().stream().map(option -> choice.school(option)))
            .map(List::of);
    Stream.concat(Stream.of(List.<School>of()), ways)
        .forEach(
            way -> {
              try {
                ResolvedFormula resolved = ResolvedFormula.of(formula.choosing(way), pantry);
                if (!resolved.portions().isEmpty()) {
                  AnalysisView.of(resolved, List.of(), pantry);
                }
              } catch (InvalidInput | OutOfModelRange fault) {
                throw new InvalidInput(
                    field,
                    "not-computable",
                    "With that '"
                        + formula.name()
                        + "' could not be computed: "
                        + OneByOne.words(fault),
                    "figures with which every formula on the shelf works",
                    remedy);
              }
            });
  }
}
