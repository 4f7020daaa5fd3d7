package urnstew.app.formula;

import static urnstew.app.platform.Fields.at;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.pantry.PantryService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Write;
import urnstew.core.formula.Formula;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.PastedList;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Pantry;

/** Formulas out as files, and in. */
@Service
public class FormulaFiles {
  private final FormulaShelf shelf;
  private final FormulaWriter writer;
  private final FormulaFile file;
  private final PantryService pantry;
  private final KitchenService kitchens;

  FormulaFiles(
      FormulaShelf shelf,
      FormulaWriter writer,
      FormulaFile file,
      PantryService pantry,
      KitchenService kitchens) {
    this.shelf = shelf;
    this.writer = writer;
    this.file = file;
    this.pantry = pantry;
    this.kitchens = kitchens;
  }

  /** What became of a file: the formula that it is now, or all that stands against it. */
  record TakenIn(String id, List<FormulaFile.FileFault> faults) {}

  /** The latest version as a file. */
  @Transactional(readOnly = true)
  public String out(String id) {
    Formula formula = at("id", () -> shelf.formula(id));
    Pantry all = pantry.pantry();
    double made =
        FormulaAnalysis.of(ResolvedFormula.of(formula, all)).ribbon().end().total().kilograms();
    return file.write(formula, all, made);
  }

  /**
   * Takes a file in as a formula of this kitchen, whole or not at all; lines that nobody
   * understands stay in it as open questions.
   */
  @Write
  TakenIn in(String id, String text, Actor actor) {
    Pantry all = pantry.pantry();
    PastedList lines =
        new PastedList(
            all, kitchens.measureNames(), kitchens::measuresOf, kitchens.settings().pint());
    FormulaFile.Read read = file.read(text, all, lines);
    read.sheets().forEach(sheet -> writer.write(id, sheet, 0, "taken in from a file", actor));
    return new TakenIn(id, read.faults());
  }
}
