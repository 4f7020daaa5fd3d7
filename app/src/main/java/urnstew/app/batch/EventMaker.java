package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.plan.PlanService;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchHistory;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.correction.Target;
import urnstew.core.kitchen.Vessel;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.text.QuantityKind;

/** Turns what was written at the stove into what happened. */
@Component
class EventMaker {
  private static final double THICKEST = 0.27;

  private final Measurements measurements;
  private final PlanService plans;
  private final FormulaShelf shelf;

  EventMaker(Measurements measurements, PlanService plans, FormulaShelf shelf) {
    this.measurements = measurements;
    this.plans = plans;
    this.shelf = shelf;
  }

  /** The event of a write, at its moment. */
  BatchEvent event(Writes.Timed write, Instant moment, BatchHistory history) {
    UUID id = write.id();
    if (write instanceof Writes.TakeReading w) {
      Vessel own = history.setting().vessel();
      return new BatchEvent.ReadingTaken(id, moment, measurements.of(w, own));
    }
    if (write instanceof Writes.SetHeat w) {
      return new BatchEvent.SetOtherwise(
          id, moment, plans.setting(w.vesselId(), w.heatSourceId(), w.heating(), w.lid()));
    }
    if (write instanceof Writes.SetTarget w) {
      return new BatchEvent.TargetSet(id, moment, target(w));
    }
    if (write instanceof Writes.Finish w) {
      Optional<Mass> mass =
          Optional.ofNullable(w.finalMassKilograms())
              .map(kilograms -> mass("finalMassKilograms", w, kilograms));
      return new BatchEvent.Finished(id, moment, mass, w.note());
    }
    return flow(write, moment);
  }

  /** What goes in or out of the pot. */
  private BatchEvent flow(Writes.Timed write, Instant moment) {
    if (write instanceof Writes.Pour w) {
      agreeMass("massKilograms", w);
      Mass mass = at("massKilograms", () -> new Mass(w.massKilograms()));
      return new BatchEvent.Poured(w.id(), moment, w.line(), mass);
    }
    if (write instanceof Writes.Add w) {
      Mass mass = mass("massKilograms", w, w.massKilograms());
      Temperature temperature =
          new Temperature(
              Require.within("temperatureCelsius", w.temperatureCelsius(), 0, 130, "°C"));
      return new BatchEvent.Added(
          w.id(), moment, shelf.ingredient(w.ingredientId()), mass, temperature);
    }
    if (write instanceof Writes.LadleOut w) {
      return new BatchEvent.LadledOut(w.id(), moment, mass("massKilograms", w, w.massKilograms()));
    }
    return note(write, moment);
  }

  /** What is only noted. */
  private static BatchEvent note(Writes.Timed write, Instant moment) {
    if (write instanceof Writes.SimmerStart w) {
      return new BatchEvent.SimmerStarted(w.id(), moment);
    }
    if (write instanceof Writes.DoStep w) {
      return new BatchEvent.StepDone(w.id(), moment, w.step());
    }
    if (write instanceof Writes.StrikeOut w) {
      return new BatchEvent.StruckOut(w.id(), moment, w.eventId(), w.reason());
    }
    Writes.Restore w = (Writes.Restore) write;
    return new BatchEvent.Restored(w.id(), moment, w.eventId());
  }

  private static Target target(Writes.SetTarget write) {
    Double solids = write.solidsFraction();
    Double spread = write.spreadMeters();
    if ((solids == null) == (spread == null)) {
      throw new InvalidInput(
          "solidsFraction",
          "one-of-two",
          "A thickness is wanted either by solids or by the plate.",
          "exactly one of solidsFraction and spreadMeters",
          "Send one of the two.");
    }
    if (solids != null) {
      agree("solidsFraction", write.enteredText(), QuantityKind.SHARE, "%", solids);
      Require.within("solidsFraction", solids, 0.03, THICKEST, "");
      return new Target.Solids(new MassFraction(solids));
    }
    double meters = Objects.requireNonNull(spread);
    agree("spreadMeters", write.enteredText(), QuantityKind.LENGTH, "mm", meters);
    Require.within("spreadMeters", meters, 0.03, 0.2, "m");
    return new Target.Plate(new Length(meters), PlateSpread.SPOONFUL);
  }

  private static Mass mass(String field, Writes.Timed write, double kilograms) {
    agree(field, write.enteredText(), QuantityKind.MASS, "kg", kilograms);
    return new Mass(Require.positive(field, kilograms, "kg"));
  }

  private static void agreeMass(String field, Writes.Pour write) {
    agree(field, write.enteredText(), QuantityKind.MASS, "g", write.massKilograms());
  }
}
