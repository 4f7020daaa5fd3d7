package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.plan.PlanService;
import urnstew.app.plan.TargetText;
import urnstew.core.balance.CupDose;
import urnstew.core.balance.CupTrial;
import urnstew.core.balance.MeasuredTaste;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchHistory;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** Turns what was written at the stove into what happened. */
@Component
class EventMaker {
  private final Measurements measurements;
  private final PlanService plans;
  private final FormulaShelf shelf;
  private final KitchenService kitchens;
  private final TubShelf tubs;

  EventMaker(
      Measurements measurements,
      PlanService plans,
      FormulaShelf shelf,
      KitchenService kitchens,
      TubShelf tubs) {
    this.measurements = measurements;
    this.plans = plans;
    this.shelf = shelf;
    this.kitchens = kitchens;
    this.tubs = tubs;
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
      return new BatchEvent.TargetSet(
          id,
          moment,
          new TargetText(
                  "solidsFraction",
                  w.solidsFraction(),
                  "spreadMeters",
                  w.spreadMeters(),
                  w.enteredText())
              .target());
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
      agree("massKilograms", w.enteredText(), kitchens.massText("g"), w.massKilograms());
      Mass mass = at("massKilograms", () -> new Mass(w.massKilograms()));
      return new BatchEvent.Poured(w.id(), moment, w.line(), mass);
    }
    if (write instanceof Writes.Add w) {
      Mass mass = mass("massKilograms", w, w.massKilograms());
      Double said = w.temperatureCelsius();
      double celsius = said == null ? kitchens.settings().surroundings().room().celsius() : said;
      Temperature temperature =
          new Temperature(Require.within("temperatureCelsius", celsius, 0, 130, "°C"));
      return new BatchEvent.Added(w.id(), moment, ingredient(w.ingredientId()), mass, temperature);
    }
    if (write instanceof Writes.LadleOut w) {
      return new BatchEvent.LadledOut(w.id(), moment, mass("massKilograms", w, w.massKilograms()));
    }
    if (write instanceof Writes.TakePiecesOut w) {
      List<String> which = w.ingredientIds();
      return new BatchEvent.PiecesTakenOut(w.id(), moment, which == null ? List.of() : which);
    }
    if (write instanceof Writes.TryCups w) {
      return new BatchEvent.CupsTried(w.id(), moment, trial(w));
    }
    return note(write, moment);
  }

  private Ingredient ingredient(String id) {
    return tubs.find(id).orElseGet(() -> shelf.ingredient(id));
  }

  private CupTrial trial(Writes.TryCups write) {
    Mass cup = mass("cupKilograms", write, write.cupKilograms());
    Mass pot = new Mass(Require.positive("potKilograms", write.potKilograms(), "kg"));
    List<CupTrial.Cup> cups = new ArrayList<>();
    for (Writes.TriedCup tried : write.cups()) {
      List<CupDose> doses =
          tried.doses().stream().map(dose -> dose(dose, pot, cup, cups.size())).toList();
      cups.add(new CupTrial.Cup(doses, tried.note()));
    }
    return new CupTrial(cup, cups, write.tasters(), Optional.ofNullable(write.chosen()));
  }

  private CupDose dose(Writes.TriedDose dose, Mass pot, Mass cup, int place) {
    return at(
        "cups." + place,
        () ->
            CupDose.of(
                shelf.ingredient(dose.ingredientId()),
                new Mass(Require.positive("massKilograms", dose.massKilograms(), "kg")),
                pot,
                cup));
  }

  /** What is only noted. */
  private static BatchEvent note(Writes.Timed write, Instant moment) {
    if (write instanceof Writes.SimmerStart w) {
      return new BatchEvent.SimmerStarted(w.id(), moment);
    }
    if (write instanceof Writes.Taste w) {
      return new BatchEvent.Tasted(w.id(), moment, taste(w));
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

  private Mass mass(String field, Writes.Timed write, double kilograms) {
    agree(field, write.enteredText(), kitchens.massText("kg"), kilograms);
    return new Mass(Require.positive(field, kilograms, "kg"));
  }

  private static MeasuredTaste taste(Writes.Taste write) {
    return new MeasuredTaste(
        Optional.ofNullable(write.pH()),
        Optional.ofNullable(write.brixFraction()).map(MassFraction::new),
        write.sharper());
  }
}
