package urnstew.app.sizing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.School;
import urnstew.core.pantry.Avoid;
import urnstew.core.sizing.PackGoal;

/**
 * A meal as it is written.
 *
 * @param name what the cook calls it
 * @param dishes formulas and who eats of each
 * @param packGoal what packs are chosen by
 * @param tubsStay whether tubs are left for another day; else bases are taken from them first
 */
public record MealSheet(
    @NotNull String name,
    @NotNull List<@Valid DishSheet> dishes,
    @NotNull PackGoal packGoal,
    @Nullable Boolean tubsStay) {

  /**
   * One formula of it. The target is the formula's own where none is named; a base is made once for
   * all dishes that name it.
   */
  public record DishSheet(
      @NotNull String formulaId,
      @NotNull List<School> schools,
      int covers,
      double servingMassKilograms,
      @NotNull String servingText,
      @Nullable Double targetSolidsFraction,
      @Nullable String baseFormulaId,
      @NotNull List<@Valid GroupSheet> groups) {}

  /**
   * The base that a dish is made of: the one it names, or itself where another dish is made of it,
   * so that nothing is made twice.
   */
  public Optional<String> baseOf(DishSheet dish) {
    String named = dish.baseFormulaId();
    if (named != null) {
      return Optional.of(named);
    }
    boolean shared =
        dish.targetSolidsFraction() == null
            && dish.schools().isEmpty()
            && dishes.stream().anyMatch(other -> dish.formulaId().equals(other.baseFormulaId()));
    return shared ? Optional.of(dish.formulaId()) : Optional.empty();
  }

  /** Eaters of that dish who leave something out. */
  public record GroupSheet(@NotNull String name, int covers, @NotNull List<Avoid> avoid) {}
}
