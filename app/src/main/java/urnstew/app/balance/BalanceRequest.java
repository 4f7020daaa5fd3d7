package urnstew.app.balance;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.plan.PlanRequest;
import urnstew.core.balance.Fault;
import urnstew.core.formula.School;

/**
 * What is to be balanced: exactly one of a formula, a plan and a batch on the stove.
 *
 * @param formulaId a formula at its own size
 * @param schools in which ways, where it is a formula
 * @param plan a plan, as it would be previewed
 * @param batchId a batch, as it is now
 * @param measured what was measured or tasted, where it is not a batch: a batch keeps its own
 * @param plate what meets the sauce on each plate
 * @param portionKilograms sauce on each plate; absent: as planned, or 120 g
 * @param saltId the salt in use
 * @param fault what is wrong
 * @param steps how strongly it is to be mended, 1 to 3
 * @param finish something that goes in at the end, to see what it does
 * @param cups a trial to be measured out
 */
public record BalanceRequest(
    @Nullable String formulaId,
    @NotNull List<School> schools,
    @Nullable @Valid PlanRequest plan,
    @Nullable UUID batchId,
    @NotNull @Valid MeasuredSheet measured,
    @NotNull List<@Valid Amount> plate,
    @Nullable Double portionKilograms,
    @NotNull String saltId,
    @NotNull Fault fault,
    int steps,
    @Nullable @Valid Amount finish,
    @Nullable @Valid CupsSheet cups) {

  /** So much of an ingredient. */
  public record Amount(@NotNull String ingredientId, double massKilograms) {}

  /** What was measured or tasted; absent where it was not. */
  public record MeasuredSheet(@Nullable Double pH, @Nullable Double brixFraction, int sharper) {}

  /**
   * Cups side by side, each with what it stands for in the pot; the first is the pot as it is.
   *
   * @param cupKilograms sauce in each
   * @param cups what would go into the pot
   */
  public record CupsSheet(double cupKilograms, @NotNull List<@Valid List<@Valid Amount>> cups) {}
}
