package urnstew.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.School;
import urnstew.core.reduction.Lid;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Rounding;

/**
 * What a cook asks for.
 *
 * @param formulaId which sauce
 * @param goesOnLotId tubs of it that are not done and are gone on with, where it is not begun anew
 * @param schools ways chosen where the formula offers several; none for its first ways
 * @param sizedBy what decides how large the batch is
 * @param covers who eats; looked at where they decide
 * @param available what there is, where that decides
 * @param servingMassKilograms sauce for each
 * @param servingText the same as entered; empty where it was not typed
 * @param onTheTableFraction extra sauce on the table, of what is served
 * @param holdLossFraction what hot holding dries off, of what is served
 * @param targetSolidsFraction thickness wanted, by solids
 * @param targetSpreadMeters or as thick as when a tablespoon spread so far on a cold plate
 * @param targetSimmerSeconds or as thick as it gets in that time
 * @param targetText the same as entered
 * @param vesselId which pot
 * @param heatSourceId which burner
 * @param heating how it is heated
 * @param lid on, ajar or off
 * @param phases where other phases of the simmer go otherwise than the formula says
 * @param stageMinutes where stages take other minutes here than the formula says
 * @param fromTubs parts that are taken from tubs, where they are not made for it
 * @param rounding whether the batch follows whole cans, where covers decide
 * @param packGoal what packs are chosen by
 * @param readyByLocalTime hour on the kitchen's clock; without a date, the next one to come
 * @param readyByLocalDate date, where one is meant
 */
public record PlanRequest(
    @NotNull String formulaId,
    @Nullable UUID goesOnLotId,
    @NotNull List<School> schools,
    @NotNull Size sizedBy,
    int covers,
    @NotNull List<@Valid AvailableSheet> available,
    double servingMassKilograms,
    @NotNull String servingText,
    double onTheTableFraction,
    double holdLossFraction,
    @Nullable Double targetSolidsFraction,
    @Nullable Double targetSpreadMeters,
    @Nullable Double targetSimmerSeconds,
    @NotNull String targetText,
    @NotNull UUID vesselId,
    @NotNull UUID heatSourceId,
    @NotNull @Valid HeatingChoice heating,
    @NotNull Lid lid,
    @Nullable List<@NotNull @Valid PhaseSheet> phases,
    @Nullable List<@NotNull @Valid StageMinutes> stageMinutes,
    @Nullable List<@NotNull @Valid FromTub> fromTubs,
    @NotNull Rounding rounding,
    @NotNull PackGoal packGoal,
    @NotNull @Schema(type = "string", example = "18:30") LocalTime readyByLocalTime,
    @Nullable LocalDate readyByLocalDate) {

  /**
   * A part that is there.
   *
   * @param formulaId of the part
   * @param lotId the tubs
   */
  public record FromTub(@NotNull String formulaId, @NotNull UUID lotId) {}

  /** Parts that are taken from tubs. */
  public List<FromTub> partsFromTubs() {
    return fromTubs == null ? List.of() : fromTubs;
  }

  /** What decides how large a batch is. */
  public enum Size {
    COVERS,
    /** The ingredients at hand decide. */
    STOCK,
    /** The pot decides: as much as it holds. */
    POT
  }

  /** Minutes of a stage, by its place in the formula. */
  public record StageMinutes(int stage, double minutes) {}

  /** So much of one ingredient, as bought. */
  public record AvailableSheet(
      @NotNull String ingredientId, double massKilograms, @NotNull String text) {}
}
