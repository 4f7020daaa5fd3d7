package urnstew.app.sizing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.BesideSheet;
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
 * @param servedLocalTime when the plates go out; absent where nobody said so
 * @param servedUntilLocalTime when the last of them do; absent where all go out together
 * @param cooks whose hands there are; absent where nobody said so
 */
public record MealSheet(
    @NotNull String name,
    @NotNull List<@Valid DishSheet> dishes,
    @NotNull PackGoal packGoal,
    @Nullable Boolean tubsStay,
    @Schema(type = "string", example = "18:30") @Nullable LocalTime servedLocalTime,
    @Schema(type = "string", example = "20:30") @Nullable LocalTime servedUntilLocalTime,
    @Nullable List<@Valid CookSheet> cooks) {

  /**
   * Hands.
   *
   * @param name of the cook
   * @param comesLocalTime absent for a cook who is there from the beginning
   * @param leavesLocalTime absent for one who stays until the end
   */
  public record CookSheet(
      @NotNull String name,
      @Schema(type = "string", example = "16:00") @Nullable LocalTime comesLocalTime,
      @Schema(type = "string", example = "19:00") @Nullable LocalTime leavesLocalTime) {}

  /**
   * One formula of it. The target is the formula's own where none is named; a base is made once for
   * all dishes that name it. Its plates go out with those of the meal where it has no hour of its
   * own.
   */
  public record DishSheet(
      @NotNull String formulaId,
      @NotNull List<School> schools,
      int covers,
      double servingMassKilograms,
      @NotNull String servingText,
      @Nullable Double targetSolidsFraction,
      @Nullable String baseFormulaId,
      @NotNull List<@Valid GroupSheet> groups,
      @Nullable List<@Valid BesideSheet> besides,
      @Schema(type = "string", example = "02:00") @Nullable LocalTime servedLocalTime,
      @Schema(type = "string", example = "03:00") @Nullable LocalTime servedUntilLocalTime) {

    /** What goes with it; nothing in meals of earlier releases. */
    public List<BesideSheet> allBesides() {
      return besides == null ? List.of() : besides;
    }
  }

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
