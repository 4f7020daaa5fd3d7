package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.units.Power;

/** A burner as it is entered. */
public record HeatSourceEdit(
    @NotNull UUID id, @NotNull String name, @NotNull HeatKind kind, double labelPowerWatts) {

  HeatSourceEdit checked() {
    Names.check("name", name);
    at("labelPowerWatts", () -> new HeatSource(id, name, kind, new Power(labelPowerWatts)));
    return this;
  }
}
