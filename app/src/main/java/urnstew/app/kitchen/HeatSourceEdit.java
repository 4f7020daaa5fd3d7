package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.units.Power;
import urnstew.units.text.QuantityKind;

/** A burner as it is entered: its power in SI, and beside it the text as typed, or empty. */
public record HeatSourceEdit(
    @NotNull UUID id,
    @NotNull String name,
    @NotNull HeatKind kind,
    double labelPowerWatts,
    @NotNull String labelPowerText) {

  HeatSourceEdit checked() {
    Names.check("name", name);
    at(
        "labelPowerWatts",
        () -> new HeatSource(id, name, kind, new Power(labelPowerWatts), Optional.empty()));
    agree("labelPowerWatts", labelPowerText, QuantityKind.POWER, "W", labelPowerWatts);
    return this;
  }
}
