package urnstew.app.formula;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.pantry.PantryGuard;
import urnstew.app.platform.OneByOne;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
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
    return new Shelf(shelf.getObject().all(), shelf.getObject().larder());
  }

  /** Formulas as they stood when something began to change. */
  private record Shelf(List<Formula> formulas, Larder larder) implements Watch {
    @Override
    public boolean names(String ingredientId) {
      return formulas.stream().anyMatch(formula -> ShelfGuard.names(formula, ingredientId, larder));
    }

    @Override
    public void requireComputable(Pantry after, String changed) {
      Larder then = Larder.of(after, larder.shelf());
      formulas.stream()
          .filter(formula -> ShelfGuard.names(formula, changed, larder))
          .forEach(
              formula ->
                  require(
                      formula,
                      then,
                      "waterFraction",
                      "Look at its water again, and at what it gives as juice."));
    }
  }

  /** The same of a formula that is written, and of those that it is a part of. */
  void requireComputable(Formula written) {
    Larder before = shelf.getObject().larder();
    Larder then =
        Larder.of(
            before.pantry(),
            id -> id.equals(written.id()) ? Optional.of(written) : before.shelf().formula(id));
    String remedy = "Let a stage dry off less, or look at the amounts again.";
    require(written, then, "stages", remedy);
    String key = Larder.key(written.id());
    shelf.getObject().all().stream()
        .filter(formula -> names(formula, key, before))
        .forEach(formula -> require(formula, then, "stages", remedy));
  }

  /** Whether it is in a formula, or in one of its parts. */
  private static boolean names(Formula formula, String ingredientId, Larder larder) {
    return Stream.concat(Stream.of(formula), larder.partsOf(formula).stream())
        .flatMap(one -> one.stages().stream())
        .flatMap(stage -> stage.lines().stream())
        .anyMatch(line -> line.ingredientId().equals(ingredientId));
  }

  private static void require(Formula formula, Larder larder, String field, String remedy) {
    Stream<List<School>> ways =
        formula.choices().stream()
            .flatMap(choice -> choice.options().stream().map(option -> choice.school(option)))
            .map(List::of);
    Stream.concat(Stream.of(List.<School>of()), ways)
        .forEach(
            way -> {
              try {
                ResolvedFormula resolved = ResolvedFormula.of(formula.choosing(way), larder);
                if (!resolved.portions().isEmpty()) {
                  AnalysisView.of(resolved, List.of(), larder.pantry());
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
