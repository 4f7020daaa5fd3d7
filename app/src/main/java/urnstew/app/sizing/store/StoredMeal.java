package urnstew.app.sizing.store;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.store.StoredFormula;

/** A meal as it was written. */
public record StoredMeal(
    String name, List<Dish> dishes, String packGoal, @Nullable Boolean tubsStay) {
  /** A formula and who eats of it. */
  public record Dish(
      String formulaId,
      List<StoredFormula.School> schools,
      int covers,
      double servingMassKilograms,
      String servingText,
      @Nullable Double targetSolidsFraction,
      @Nullable String baseFormulaId,
      List<Group> groups) {}

  /** Eaters who leave something out. */
  public record Group(String name, int covers, List<Avoid> avoid) {}

  /** What they leave out. */
  public record Avoid(String kind, String key) {}
}
