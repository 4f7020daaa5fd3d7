package urnstew.app.formula;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;

@RestController
@RequestMapping(path = "/api/formulas", produces = MediaType.APPLICATION_JSON_VALUE)
class FormulaController {
  private final FormulaShelf shelf;

  FormulaController(FormulaShelf shelf) {
    this.shelf = shelf;
  }

  /** One formula on the shelf. */
  record FormulaSummary(
      String id,
      String name,
      String inShort,
      int version,
      double targetSolidsFraction,
      double startSolidsFraction) {
    static FormulaSummary of(Formula formula, ResolvedFormula resolved) {
      return new FormulaSummary(
          formula.id(),
          formula.name(),
          formula.inShort(),
          formula.version(),
          formula.target().value(),
          resolved.beforeTheFinish().cooked().thickness().value());
    }
  }

  @GetMapping
  List<FormulaSummary> formulas() {
    return shelf.all().stream()
        .map(formula -> FormulaSummary.of(formula, shelf.resolved(formula.id())))
        .toList();
  }

  /** Something of the pantry. */
  record IngredientSummary(String id, String name) {}

  @GetMapping("/ingredients")
  List<IngredientSummary> ingredients() {
    return shelf.ingredients().stream()
        .map(ingredient -> new IngredientSummary(ingredient.id(), ingredient.name()))
        .toList();
  }
}
