package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.core.kitchen.RoundShape;
import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** A vessel as it is entered: each size in SI, and beside it the text as typed, or empty. */
public record VesselEdit(
    @NotNull UUID id,
    @NotNull String name,
    double baseDiameterMeters,
    @NotNull String baseDiameterText,
    double topDiameterMeters,
    @NotNull String topDiameterText,
    double depthMeters,
    @NotNull String depthText,
    double emptyMassKilograms,
    @NotNull String emptyMassText) {

  VesselEdit checked() {
    Names.check("name", name);
    Require.within("emptyMassKilograms", emptyMassKilograms, 0, 200, "kg");
    Require.within("baseDiameterMeters", baseDiameterMeters, 0.05, 1.5, "m");
    Require.within("topDiameterMeters", topDiameterMeters, 0.05, 1.5, "m");
    at("depthMeters", this::shape);
    agree("baseDiameterMeters", baseDiameterText, QuantityKind.LENGTH, "cm", baseDiameterMeters);
    agree("topDiameterMeters", topDiameterText, QuantityKind.LENGTH, "cm", topDiameterMeters);
    agree("depthMeters", depthText, QuantityKind.LENGTH, "cm", depthMeters);
    agree("emptyMassKilograms", emptyMassText, QuantityKind.MASS, "kg", emptyMassKilograms);
    return this;
  }

  private RoundShape shape() {
    return new RoundShape(
        new Length(baseDiameterMeters), new Length(topDiameterMeters), new Length(depthMeters));
  }
}
