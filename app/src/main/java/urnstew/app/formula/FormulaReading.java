package urnstew.app.formula;

import static urnstew.app.platform.Fields.at;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaView.Place;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.pantry.PantryService;
import urnstew.app.platform.OneByOne;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
import urnstew.core.formula.PastedList;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.School;
import urnstew.core.formula.Without;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Pantry;

/** Reads formulas: what each comes to, and what it would be otherwise. */
@Service
public class FormulaReading {
  private final FormulaShelf shelf;
  private final FormulaMapper mapper;
  private final PantryService pantry;
  private final KitchenService kitchens;

  FormulaReading(
      FormulaShelf shelf, FormulaMapper mapper, PantryService pantry, KitchenService kitchens) {
    this.shelf = shelf;
    this.mapper = mapper;
    this.pantry = pantry;
    this.kitchens = kitchens;
  }

  /** The shelf, analysed. */
  public List<FormulaSummary> all() {
    Larder all = shelf.larder();
    List<Avoid> avoids = pantry.avoided();
    return OneByOne.of(
        shelf.all(),
        formula ->
            FormulaSummary.of(
                formula,
                !FormulaShelf.isShipped(formula.id()),
                AnalysisView.of(ResolvedFormula.of(formula, all), avoids, all.pantry())),
        (formula, fault) ->
            FormulaSummary.broken(formula, !FormulaShelf.isShipped(formula.id()), fault));
  }

  /** One formula in the chosen ways; the latest version where none is named. */
  @Transactional(readOnly = true)
  public FormulaView one(String id, @Nullable Integer version, List<School> schools) {
    Formula latest = at("id", () -> shelf.formula(id));
    Formula whole = version == null ? latest : at("version", () -> shelf.version(id, version));
    Larder all = shelf.larder();
    ResolvedFormula way = ResolvedFormula.of(whole.choosing(schools), all);
    boolean retired = mapper.shelf().stream().anyMatch(row -> row.id().equals(id) && row.retired());
    return FormulaView.of(
        whole,
        way,
        new Place(latest.version(), !FormulaShelf.isShipped(id), retired),
        ServingView.of(whole.uses()),
        new Effects(whole, schools, all).all(),
        AnalysisView.of(way, pantry.avoided(), all.pantry()));
  }

  /** What a sheet comes to while it is written. */
  @Transactional(readOnly = true)
  public AnalysisView analysis(FormulaSheet sheet) {
    Larder all = shelf.larder();
    Formula formula = new SheetReader(sheet, all).read("draft", 1);
    return AnalysisView.of(ResolvedFormula.of(formula, all), pantry.avoided(), all.pantry());
  }

  /** A pasted list, line by line. */
  @Transactional(readOnly = true)
  public List<LineReading> lines(String text) {
    Pantry all = pantry.pantry();
    return new PastedList(
            all, kitchens.measureNames(), kitchens::measuresOf, kitchens.settings().pint())
        .read(text).stream().map(line -> LineReading.of(line, all)).toList();
  }

  /** A formula made without what somebody avoids. */
  @Transactional(readOnly = true)
  public WithoutView without(String id, List<School> schools, List<Avoid> avoids) {
    Larder all = shelf.larder();
    Formula whole = at("id", () -> shelf.formula(id)).choosing(schools);
    Without without = Without.of(whole, avoids, all.pantryOf(whole));
    return WithoutView.of(
        without, AnalysisView.of(ResolvedFormula.of(without.formula(), all), avoids, all.pantry()));
  }
}
