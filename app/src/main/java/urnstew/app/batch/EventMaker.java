package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
  BatchEvent event(Writes.Entry write, Instant moment, BatchHistory history) {
    return write.accept(new Meaning(moment, history.setting().vessel()));
  }

  /** What each kind of entry means for the pot. */
  private final class Meaning implements Writes.Visitor<BatchEvent> {
    private final Instant moment;
    private final Vessel own;

    Meaning(Instant moment, Vessel own) {
      this.moment = moment;
      this.own = own;
    }

    @Override
    public BatchEvent simmerStart(Writes.SimmerStart w) {
      return new BatchEvent.SimmerStarted(w.id(), moment);
    }

    @Override
    public BatchEvent takeReading(Writes.TakeReading w) {
      return new BatchEvent.ReadingTaken(w.id(), moment, measurements.of(w, own));
    }

    @Override
    public BatchEvent pour(Writes.Pour w) {
      agree("massKilograms", w.enteredText(), kitchens.massText("g"), w.massKilograms());
      Mass mass = at("massKilograms", () -> new Mass(w.massKilograms()));
      return new BatchEvent.Poured(w.id(), moment, w.line(), mass);
    }

    @Override
    public BatchEvent add(Writes.Add w) {
      Mass mass = mass("massKilograms", w, w.massKilograms());
      Double said = w.temperatureCelsius();
      double celsius = said == null ? kitchens.settings().surroundings().room().celsius() : said;
      Temperature temperature =
          new Temperature(Require.within("temperatureCelsius", celsius, 0, 130, "°C"));
      return new BatchEvent.Added(w.id(), moment, ingredient(w.ingredientId()), mass, temperature);
    }

    @Override
    public BatchEvent ladleOut(Writes.LadleOut w) {
      return new BatchEvent.LadledOut(w.id(), moment, mass("massKilograms", w, w.massKilograms()));
    }

    @Override
    public BatchEvent takePiecesOut(Writes.TakePiecesOut w) {
      List<String> which = w.ingredientIds();
      return new BatchEvent.PiecesTakenOut(w.id(), moment, which == null ? List.of() : which);
    }

    @Override
    public BatchEvent bringOver(Writes.BringOver w) {
      agree("massKilograms", w.enteredText(), kitchens.massText("g"), w.massKilograms());
      Mass mass = at("massKilograms", () -> new Mass(w.massKilograms()));
      return new BatchEvent.CameOver(w.id(), moment, w.stage(), mass);
    }

    @Override
    public BatchEvent setHeat(Writes.SetHeat w) {
      return new BatchEvent.SetOtherwise(
          w.id(), moment, plans.setting(w.vesselId(), w.heatSourceId(), w.heating(), w.lid()));
    }

    @Override
    public BatchEvent taste(Writes.Taste w) {
      return new BatchEvent.Tasted(w.id(), moment, measured(w));
    }

    @Override
    public BatchEvent tryCups(Writes.TryCups w) {
      return new BatchEvent.CupsTried(w.id(), moment, trial(w));
    }

    @Override
    public BatchEvent setTarget(Writes.SetTarget w) {
      TargetText text =
          new TargetText(
              "solidsFraction",
              w.solidsFraction(),
              "spreadMeters",
              w.spreadMeters(),
              w.enteredText());
      return new BatchEvent.TargetSet(w.id(), moment, text.target());
    }

    @Override
    public BatchEvent doStep(Writes.DoStep w) {
      return new BatchEvent.StepDone(w.id(), moment, w.step());
    }

    @Override
    public BatchEvent strikeOut(Writes.StrikeOut w) {
      return new BatchEvent.StruckOut(w.id(), moment, w.eventId(), w.reason());
    }

    @Override
    public BatchEvent restore(Writes.Restore w) {
      return new BatchEvent.Restored(w.id(), moment, w.eventId());
    }

    @Override
    public BatchEvent finish(Writes.Finish w) {
      Optional<Mass> mass =
          Optional.ofNullable(w.finalMassKilograms())
              .map(kilograms -> mass("finalMassKilograms", w, kilograms));
      return new BatchEvent.Finished(
          w.id(), moment, mass, w.note(), Boolean.TRUE.equals(w.stopped()));
    }
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

  private Mass mass(String field, Writes.Timed write, double kilograms) {
    agree(field, write.enteredText(), kitchens.massText("kg"), kilograms);
    return new Mass(Require.positive(field, kilograms, "kg"));
  }

  private static MeasuredTaste measured(Writes.Taste write) {
    return new MeasuredTaste(
        Optional.ofNullable(write.pH()),
        Optional.ofNullable(write.brixFraction()).map(MassFraction::new),
        write.sharper());
  }
}
