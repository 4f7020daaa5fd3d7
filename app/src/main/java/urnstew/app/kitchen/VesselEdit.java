package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.kitchen.Metal;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/**
 * A vessel as it is entered: each size in SI, and beside it the text as typed, or empty. The widths
 * of a round one are at the bottom and at the rim, of a rectangular one its length and its width.
 */
public record VesselEdit(
    @NotNull UUID id,
    @NotNull String name,
    @NotNull ShapeKind shape,
    double firstWidthMeters,
    @NotNull String firstWidthText,
    double secondWidthMeters,
    @NotNull String secondWidthText,
    double depthMeters,
    @NotNull String depthText,
    double emptyMassKilograms,
    @NotNull String emptyMassText,
    @NotNull Metal metal,
    boolean lid,
    @Nullable Double ovenLimitCelsius) {

  VesselEdit checked() {
    Names.check("name", name);
    Require.within("emptyMassKilograms", emptyMassKilograms, 0, 200, "kg");
    Require.within("firstWidthMeters", firstWidthMeters, 0.05, 1.5, "m");
    Require.within("secondWidthMeters", secondWidthMeters, 0.05, 1.5, "m");
    if (ovenLimitCelsius != null) {
      Require.within("ovenLimitCelsius", ovenLimitCelsius, 60, 600, "°C");
    }
    at("depthMeters", () -> shape.of(firstWidthMeters, secondWidthMeters, depthMeters));
    agree("firstWidthMeters", firstWidthText, QuantityKind.LENGTH, "cm", firstWidthMeters);
    agree("secondWidthMeters", secondWidthText, QuantityKind.LENGTH, "cm", secondWidthMeters);
    agree("depthMeters", depthText, QuantityKind.LENGTH, "cm", depthMeters);
    agree("emptyMassKilograms", emptyMassText, QuantityKind.MASS, "kg", emptyMassKilograms);
    return this;
  }
}
