package urnstew.app.formula;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaMapper.ShelfRow;
import urnstew.app.formula.store.FormulaDocuments;
import urnstew.app.pantry.PantryService;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Ribbon;
import urnstew.core.formula.School;
import urnstew.core.pantry.Ingredient;
import urnstew.units.InvalidInput;

/** All formulas of this kitchen: the shipped ones, and its own. */
@Service
public class FormulaShelf {
  private static final Map<String, Formula> SHIPPED =
      ReferenceFormulas.load().stream()
          .collect(Collectors.toUnmodifiableMap(Formula::id, Function.identity()));

  private final FormulaMapper mapper;
  private final PantryService pantry;

  FormulaShelf(FormulaMapper mapper, PantryService pantry) {
    this.mapper = mapper;
    this.pantry = pantry;
  }

  /** The latest version of each that is not put away, by name. */
  @Transactional(readOnly = true)
  public List<Formula> all() {
    List<String> away =
        mapper.shelf().stream().filter(ShelfRow::retired).map(ShelfRow::id).toList();
    return Stream.concat(SHIPPED.values().stream(), mapper.latest().stream().map(this::read))
        .filter(formula -> !away.contains(formula.id()))
        .sorted((a, b) -> a.name().compareToIgnoreCase(b.name()))
        .toList();
  }

  /** The latest version of one, put away or not. */
  @Transactional(readOnly = true)
  public Formula formula(String id) {
    return found(id).orElseThrow(() -> unknown(id));
  }

  private Optional<Formula> found(String id) {
    return Optional.ofNullable(SHIPPED.get(id)).or(() -> mapper.latestOf(id).map(this::read));
  }

  /** What a line can name: goods, and formulas of the shelf, put away or not. */
  @Transactional(readOnly = true)
  public Larder larder() {
    return Larder.of(pantry.pantry(), this::found);
  }

  /** One version of one. */
  @Transactional(readOnly = true)
  public Formula version(String id, int version) {
    Formula shipped = SHIPPED.get(id);
    if (shipped != null && shipped.version() == version) {
      return shipped;
    }
    return mapper.version(id, version).map(this::read).orElseThrow(() -> unknown(id));
  }

  /** The latest version of one in these ways, with its ingredients in hand. */
  @Transactional(readOnly = true)
  public ResolvedFormula resolved(String id, List<School> schools) {
    return ResolvedFormula.of(formula(id).choosing(schools), larder());
  }

  /** What one carries in any of its ways, where nobody knows in which it was made. */
  @Transactional(readOnly = true)
  public Declaration declared(String id) {
    Formula whole = formula(id);
    return whole.choices().stream()
        .flatMap(choice -> choice.options().stream().map(choice::school))
        .map(school -> declared(whole, List.of(school)))
        .reduce(declared(whole, List.of()), Declaration::and);
  }

  private Declaration declared(Formula whole, List<School> schools) {
    ResolvedFormula way = ResolvedFormula.of(whole.choosing(schools), larder());
    return Declaration.of(way, Ribbon.of(way, way.formula().target()).end().total());
  }

  /** Anything of the pantry. */
  public Ingredient ingredient(String id) {
    return pantry.pantry().ingredient(id);
  }

  /** What of the kitchen's avoid list is in some portions. */
  public List<AvoidedView> avoided(List<Portion> portions) {
    return AvoidedView.of(pantry.avoided(), portions, pantry.pantry());
  }

  static boolean isShipped(String id) {
    return SHIPPED.containsKey(id);
  }

  private Formula read(String document) {
    return FormulaDocuments.FORMULA.read(document);
  }

  private static InvalidInput unknown(String id) {
    return new InvalidInput(
        "formulaId",
        "unknown",
        "There is no formula '" + id + "'.",
        "a formula on the shelf",
        "Choose one of the shelf's formulas.");
  }
}
