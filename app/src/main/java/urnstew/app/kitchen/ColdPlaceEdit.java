package urnstew.app.kitchen;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.units.Require;

/** A refrigerator, chiller or freezer as it is entered. */
public record ColdPlaceEdit(
    @NotNull UUID id, @NotNull String name, @NotNull ColdKind kind, double celsius) {
  ColdPlaceEdit checked() {
    Names.check("name", name);
    boolean freezer = kind == ColdKind.FREEZER;
    Require.within("celsius", celsius, freezer ? -60 : -10, freezer ? -5 : 15, "°C");
    return this;
  }
}
