package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.batch.Measurement.Probed;
import urnstew.core.batch.Measurement.Refracted;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Vessel;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.text.QuantityKind;

/**
 * What a written reading means: its instrument's error now, and the pot that was weighed with it.
 */
@Component
class Measurements {
  private final KitchenService kitchens;
  private final EquipmentService equipment;

  Measurements(KitchenService kitchens, EquipmentService equipment) {
    this.kitchens = kitchens;
    this.equipment = equipment;
  }

  /**
   * A weighing or a depth.
   *
   * @param own the pot that the batch is in, as it was when the burner was lit
   */
  Measurement of(TakeReading write, Vessel own) {
    requireOne(write);
    Instruments instruments = kitchens.settings().instruments();
    String text = write.enteredText();
    if (write.grossKilograms() != null) {
      double kilograms = write.grossKilograms();
      agree("grossKilograms", text, QuantityKind.MASS, "kg", kilograms);
      return new Weighed(
          at("grossKilograms", () -> new Mass(kilograms)),
          tare(write.tareVesselId(), own),
          instruments.scaleError());
    }
    if (write.depthMeters() != null) {
      double meters = write.depthMeters();
      agree("depthMeters", text, QuantityKind.LENGTH, "mm", meters);
      return new Dipped(at("depthMeters", () -> new Length(meters)), instruments.dipError());
    }
    if (write.temperatureCelsius() != null) {
      double celsius = write.temperatureCelsius();
      agree("temperatureCelsius", text, QuantityKind.TEMPERATURE, "c", celsius);
      return new Probed(
          at("temperatureCelsius", () -> new Temperature(celsius)), instruments.probeError());
    }
    if (write.solubleFraction() != null) {
      double share = write.solubleFraction();
      agree("solubleFraction", text, QuantityKind.SHARE, "%", share);
      return new Refracted(
          at("solubleFraction", () -> new MassFraction(share)), instruments.brixError());
    }
    double meters = Objects.requireNonNull(write.spreadMeters());
    agree("spreadMeters", text, QuantityKind.LENGTH, "mm", meters);
    return new Plated(
        at("spreadMeters", () -> new Length(meters)),
        PlateSpread.SPOONFUL,
        instruments.plateError());
  }

  private static void requireOne(TakeReading write) {
    long given =
        Stream.of(
                Optional.ofNullable(write.grossKilograms()),
                Optional.ofNullable(write.depthMeters()),
                Optional.ofNullable(write.temperatureCelsius()),
                Optional.ofNullable(write.solubleFraction()),
                Optional.ofNullable(write.spreadMeters()))
            .filter(Optional::isPresent)
            .count();
    if (given != 1) {
      throw new InvalidInput(
          "grossKilograms",
          "one-of-five",
          "A reading is a weighing, a depth, a temperature, °Brix or a plate test.",
          "exactly one of grossKilograms, depthMeters, temperatureCelsius, solubleFraction and"
              + " spreadMeters",
          "Send one of them.");
    }
  }

  private Mass tare(@Nullable UUID vesselId, Vessel own) {
    if (vesselId == null) {
      return new Mass(0);
    }
    Vessel vessel = vesselId.equals(own.id()) ? own : equipment.vessel(vesselId).vessel();
    if (vessel.emptyMass().kilograms() == 0) {
      throw new InvalidInput(
          "tareVesselId",
          "never-weighed",
          "'" + vessel.name() + "' was never weighed empty.",
          "a pot whose empty weight is known",
          "Weigh the sauce alone, or take a dip.");
    }
    return vessel.emptyMass();
  }
}
