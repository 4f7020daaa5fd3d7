package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.kitchen.Vessel;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
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
    Double gross = write.grossKilograms();
    Double depth = write.depthMeters();
    if ((gross == null) == (depth == null)) {
      throw new InvalidInput(
          "grossKilograms",
          "one-of-two",
          "A reading is either a weighing or a depth.",
          "exactly one of grossKilograms and depthMeters",
          "Send one of the two.");
    }
    KitchenSettings settings = kitchens.settings();
    if (depth != null) {
      Length dipped = at("depthMeters", () -> new Length(depth));
      agree("depthMeters", write.enteredText(), QuantityKind.LENGTH, "mm", depth);
      return new Dipped(dipped, settings.instruments().dipError());
    }
    double kilograms = Objects.requireNonNull(gross);
    agreeMass("grossKilograms", write.enteredText(), kilograms);
    return new Weighed(
        at("grossKilograms", () -> new Mass(kilograms)),
        tare(write.tareVesselId(), own),
        settings.instruments().scaleError());
  }

  /** Checks that the text as entered means this mass. */
  static void agreeMass(String field, String text, double kilograms) {
    agree(field, text, QuantityKind.MASS, "kg", kilograms);
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
