package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.core.kitchen.RoundShape;
import urnstew.units.Length;
import urnstew.units.Require;

/** A vessel as it is entered. */
public record VesselEdit(
    @NotNull UUID id,
    @NotNull String name,
    double baseDiameterMeters,
    double topDiameterMeters,
    double depthMeters,
    double emptyMassKilograms) {

  VesselEdit checked() {
    Names.check("name", name);
    Require.within("emptyMassKilograms", emptyMassKilograms, 0, 200, "kg");
    Require.within("baseDiameterMeters", baseDiameterMeters, 0.05, 1.5, "m");
    Require.within("topDiameterMeters", topDiameterMeters, 0.05, 1.5, "m");
    at("depthMeters", this::shape);
    return this;
  }

  private RoundShape shape() {
    return new RoundShape(
        new Length(baseDiameterMeters), new Length(topDiameterMeters), new Length(depthMeters));
  }
}
