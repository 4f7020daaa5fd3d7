package urnstew.app.formula;

import static urnstew.app.platform.Fields.at;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Write;
import urnstew.core.formula.Formula;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.Larder;
import urnstew.core.formula.PastedList;
import urnstew.core.formula.ResolvedFormula;

/** Formulas out as files, and in. */
@Service
public class FormulaFiles {
  private final FormulaShelf shelf;
  private final FormulaWriter writer;
  private final FormulaFile file;
  private final KitchenService kitchens;

  FormulaFiles(
      FormulaShelf shelf, FormulaWriter writer, FormulaFile file, KitchenService kitchens) {
    this.shelf = shelf;
    this.writer = writer;
    this.file = file;
    this.kitchens = kitchens;
  }

  /** What became of a file: the formula that it is now, or all that stands against it. */
  record TakenIn(String id, List<FormulaFile.FileFault> faults) {}

  /** The latest version as a file. */
  @Transactional(readOnly = true)
  public String out(String id) {
    Formula formula = at("id", () -> shelf.formula(id));
    Larder all = shelf.larder();
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
    Larder all = shelf.larder();
    PastedList lines =
        new PastedList(
            all.pantry(),
            kitchens.measureNames(),
            kitchens::measuresOf,
            kitchens.settings().pint());
    FormulaFile.Read read = file.read(text, all, lines);
    Map<String, FormulaSheet> written = new HashMap<>(read.parts());
    read.sheets().forEach(sheet -> written.put(id, sheet));
    writer.hold(written);
    read.parts()
        .forEach((part, sheet) -> writer.write(part, sheet, 0, "taken in with " + id, actor));
    read.sheets().forEach(sheet -> writer.write(id, sheet, 0, "taken in from a file", actor));
    return new TakenIn(id, read.faults());
  }
}
