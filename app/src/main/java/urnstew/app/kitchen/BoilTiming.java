package urnstew.app.kitchen;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.kitchen.KitchenView.VesselView;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.StoveTiming;
import urnstew.core.thermo.Steam;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.text.QuantityKind;

/** How long a measured amount of water took to the boil, on the highest setting. */
public record BoilTiming(
    @NotNull UUID vesselId,
    double waterCubicMeters,
    @NotNull String waterText,
    double startCelsius,
    double seconds,
    @NotNull String secondsText,
    boolean covered) {

  double truePower(HeatSourceView source, VesselView vessel, Surroundings surroundings) {
    agree("waterCubicMeters", waterText, QuantityKind.VOLUME, "l", waterCubicMeters);
    agree("seconds", secondsText, QuantityKind.DURATION, "min", seconds);
    Temperature start = at("startCelsius", () -> new Temperature(startCelsius));
    try {
      double density = Steam.liquidDensity(start).kilogramsPerCubicMeter();
      Mass water = new Mass(waterCubicMeters * density);
      return new StoveTiming(vessel.vessel(), water, start, covered ? Lid.ON : Lid.OFF, seconds)
          .truePower(source.heatSource(), surroundings)
          .watts();
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "water", "mass" -> "waterCubicMeters";
            case "startTemperature", "temperature" -> "startCelsius";
            default -> fault.parameter();
          });
    }
  }
}
