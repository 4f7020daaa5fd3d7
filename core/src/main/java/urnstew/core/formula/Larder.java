package urnstew.core.formula;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.units.InvalidInput;

/**
 * What a line of a formula can name: goods of the pantry, and formulas that make a part of it.
 *
 * @param pantry goods
 * @param shelf formulas
 * @param making what is being made, the outermost first: nothing can be its own part
 */
public record Larder(Pantry pantry, Shelf shelf, List<Making> making) {
  /** Before the id of a formula, where a line names one. */
  private static final String OF_A_FORMULA = "formula:";

  /** Formulas by their ids. */
  @FunctionalInterface
  public interface Shelf {
    Optional<Formula> formula(String id);
  }

  /** A formula while it is made. */
  public record Making(String id, String name) {}

  public Larder {
    making = List.copyOf(making);
  }

  /** Goods alone. */
  public static Larder of(Pantry pantry) {
    return of(pantry, id -> Optional.empty());
  }

  /** Goods and formulas. */
  public static Larder of(Pantry pantry, Shelf shelf) {
    return new Larder(pantry, shelf, List.of());
  }

  /** How a line names a formula. */
  public static String key(String formulaId) {
    return OF_A_FORMULA + formulaId;
  }

  /** The formula that a line names, if it names one. */
  public static Optional<String> formulaId(String ingredientId) {
    return ingredientId.startsWith(OF_A_FORMULA)
        ? Optional.of(ingredientId.substring(OF_A_FORMULA.length()))
        : Optional.empty();
  }

  /** Ids of the formulas that one names itself, without those that they name. */
  public static List<String> named(Formula formula) {
    return formula.stages().stream()
        .flatMap(stage -> stage.lines().stream())
        .flatMap(line -> formulaId(line.ingredientId()).stream())
        .distinct()
        .toList();
  }

  /** All formulas that make a part of one, and parts of parts; the deepest first. */
  public List<Formula> partsOf(Formula formula) {
    Map<String, Formula> parts = new LinkedHashMap<>();
    Larder within = making(new Making(formula.id(), formula.name()));
    for (String id : named(formula)) {
      Formula part = within.found(id);
      within.partsOf(part).forEach(one -> parts.putIfAbsent(one.id(), one));
      parts.putIfAbsent(id, part);
    }
    return List.copyOf(parts.values());
  }

  /** The same while something is made. */
  public Larder making(Making one) {
    List<Making> all = new ArrayList<>(making);
    all.add(one);
    return new Larder(pantry, shelf, all);
  }

  /**
   * What a line names, made to its mass; empty where it names goods.
   *
   * @throws InvalidInput if there is no such formula, or it would be its own part
   */
  Optional<MadePart> part(Stage.Line line) {
    return formulaId(line.ingredientId())
        .map(this::made)
        .map(one -> one.times(line.mass().kilograms() / one.mass().kilograms()));
  }

  /**
   * What a line names, by the kilogram.
   *
   * @throws InvalidInput if there is no such thing, or it would be its own part
   */
  public Ingredient ingredient(String id) {
    return formulaId(id)
        .map(formula -> made(formula).ingredient())
        .orElseGet(() -> pantry.ingredient(id));
  }

  private MadePart made(String formulaId) {
    ResolvedFormula formula = ResolvedFormula.of(found(formulaId), this);
    if (formula.portions().isEmpty()) {
      throw fault(
          "empty",
          "Nothing goes into '" + formula.formula().name() + "' yet.",
          "a formula that comes to something");
    }
    return MadePart.of(formula);
  }

  private Formula found(String id) {
    if (making.stream().anyMatch(one -> one.id().equals(id))) {
      throw fault(
          "circle",
          "'" + making.get(making.size() - 1).name() + "' takes it itself.",
          "a formula that is made without it");
    }
    return shelf
        .formula(id)
        .orElseThrow(
            () -> fault("unknown", "There is no formula '" + id + "'.", "a formula of the shelf"));
  }

  private static InvalidInput fault(String code, String message, String limit) {
    return new InvalidInput(
        "ingredientId", code, message, limit, "Choose another formula, or an ingredient.");
  }

  /** The pantry, and beside its goods the parts that a formula names. */
  public Pantry pantryOf(Formula formula) {
    Larder within = making(new Making(formula.id(), formula.name()));
    List<Ingredient> parts =
        named(formula).stream().map(id -> within.made(id).ingredient()).toList();
    return parts.isEmpty() ? pantry : pantry.with(parts);
  }
}
