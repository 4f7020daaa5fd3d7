package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** An oven as it is entered: inside sizes in SI, and beside each the text as typed, or empty. */
public record OvenEdit(
    @NotNull UUID id,
    @NotNull String name,
    double widthMeters,
    @NotNull String widthText,
    double depthMeters,
    @NotNull String depthText,
    double heightMeters,
    @NotNull String heightText,
    double hottestCelsius,
    boolean fan) {

  OvenEdit checked() {
    Names.check("name", name);
    Require.within("widthMeters", widthMeters, 0.2, 2, "m");
    Require.within("depthMeters", depthMeters, 0.2, 2, "m");
    Require.within("heightMeters", heightMeters, 0.1, 2, "m");
    Require.within("hottestCelsius", hottestCelsius, 60, 300, "°C");
    agree("widthMeters", widthText, QuantityKind.LENGTH, "cm", widthMeters);
    agree("depthMeters", depthText, QuantityKind.LENGTH, "cm", depthMeters);
    agree("heightMeters", heightText, QuantityKind.LENGTH, "cm", heightMeters);
    return this;
  }
}
