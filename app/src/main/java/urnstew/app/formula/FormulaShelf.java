package urnstew.app.formula;

import java.util.List;
import org.springframework.stereotype.Service;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.units.InvalidInput;

/** The shipped formulas. */
@Service
public class FormulaShelf {
  private final Pantry pantry = ReferencePantry.load();
  private final List<Formula> formulas = ReferenceFormulas.load();

  /** All of them. */
  public List<Formula> all() {
    return formulas;
  }

  /** One, with its ingredients in hand. */
  public ResolvedFormula resolved(String id) {
    return formulas.stream()
        .filter(formula -> formula.id().equals(id))
        .findFirst()
        .map(formula -> ResolvedFormula.of(formula, pantry))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "formulaId",
                    "unknown",
                    "There is no formula '" + id + "'.",
                    "a formula on the shelf",
                    "Choose one of the shelf's formulas."));
  }

  /** Anything of the pantry. */
  public Ingredient ingredient(String id) {
    return pantry.ingredient(id);
  }

  /** Everything in the pantry, by name. */
  public List<Ingredient> ingredients() {
    return pantry.all();
  }
}
