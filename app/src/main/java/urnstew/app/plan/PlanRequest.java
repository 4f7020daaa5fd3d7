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

/**
 * What a cook asks for.
 *
 * @param formulaId which sauce
 * @param schools ways chosen where the formula offers several; none for its first ways
 * @param covers who eats
 * @param servingMassKilograms sauce for each
 * @param servingText the same as entered; empty where it was not typed
 * @param onTheTableFraction extra sauce on the table, of what is served
 * @param holdLossFraction what hot holding dries off, of what is served
 * @param targetSolidsFraction thickness wanted, by solids
 * @param targetSpreadMeters or as thick as when a tablespoon spread so far on a cold plate
 * @param targetText the same as entered
 * @param vesselId which pot
 * @param heatSourceId which burner
 * @param heating how it is heated
 * @param lid on, ajar or off
 * @param wholePacks whether to round up to whole cans
 * @param packGoal what packs are chosen by
 * @param readyByLocalTime hour on the kitchen's clock; without a date, the next one to come
 * @param readyByLocalDate date, where one is meant
 */
public record PlanRequest(
    @NotNull String formulaId,
    @NotNull List<School> schools,
    int covers,
    double servingMassKilograms,
    @NotNull String servingText,
    double onTheTableFraction,
    double holdLossFraction,
    @Nullable Double targetSolidsFraction,
    @Nullable Double targetSpreadMeters,
    @NotNull String targetText,
    @NotNull UUID vesselId,
    @NotNull UUID heatSourceId,
    @NotNull @Valid HeatingChoice heating,
    @NotNull Lid lid,
    boolean wholePacks,
    @NotNull PackGoal packGoal,
    @NotNull @Schema(type = "string", example = "18:30") LocalTime readyByLocalTime,
    @Nullable LocalDate readyByLocalDate) {}
