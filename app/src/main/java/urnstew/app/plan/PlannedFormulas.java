package urnstew.app.plan;

import static urnstew.app.platform.Fields.at;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.plan.PlanRequest.FromTub;
import urnstew.app.plan.PlanRequest.StageMinutes;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.units.InvalidInput;
import urnstew.units.Require;

/**
 * What a plan cooks: a formula from the start or from where tubs of it were stopped, with parts
 * that are there already, and with stages that take as long as they do here.
 */
@Component
class PlannedFormulas {
  /** Nobody scrapes a tub cleaner, kg (assumption). */
  private static final double CRUMB_KILOGRAMS = 0.005;

  private final FormulaShelf shelf;
  private final ObjectProvider<GoingOn> tubs;

  PlannedFormulas(FormulaShelf shelf, ObjectProvider<GoingOn> tubs) {
    this.shelf = shelf;
    this.tubs = tubs;
  }

  /** At its own size. */
  ResolvedFormula of(PlanRequest request) {
    UUID lot = request.goesOnLotId();
    ResolvedFormula formula =
        lot == null
            ? shelf.resolved(request.formulaId(), request.schools())
            : at("goesOnLotId", () -> tubs.getObject().rest(lot));
    ResolvedFormula with = taking(formula, request.partsFromTubs());
    List<StageMinutes> minutes = request.stageMinutes();
    return minutes == null || minutes.isEmpty() ? with : lasting(with, minutes);
  }

  /** The same with parts that are taken from tubs, and not made. */
  private ResolvedFormula taking(ResolvedFormula formula, List<FromTub> from) {
    ResolvedFormula with = formula;
    for (int place = 0; place < from.size(); place++) {
      FromTub one = from.get(place);
      GoingOn.Kept kept =
          at(field(place), () -> tubs.getObject().kept(one.lotId(), one.formulaId()));
      ResolvedFormula next = with.taking(one.formulaId(), kept.ingredient());
      if (next.equals(with)) {
        throw new InvalidInput(
            field(place),
            "not-a-part",
            kept.code() + " holds no part that is still to be made for it.",
            "one lot for each part that the formula itself takes",
            "Leave it out, or take the part from one lot alone.");
      }
      with = next;
    }
    return with;
  }

  /**
   * Whether there is enough in tubs for the batch at its size.
   *
   * @throws InvalidInput that names the tubs of which there is too little
   */
  void requireEnough(ResolvedFormula batch, List<FromTub> from) {
    for (int place = 0; place < from.size(); place++) {
      FromTub one = from.get(place);
      GoingOn.Kept kept = tubs.getObject().kept(one.lotId(), one.formulaId());
      double wanted = batch.taken(one.formulaId()).kilograms();
      double there = kept.mass().kilograms();
      if (wanted > there + CRUMB_KILOGRAMS) {
        throw new InvalidInput(
            field(place),
            "too-little",
            String.format(
                Locale.ROOT,
                "Of %s there are %.2f kg, and %.2f kg go in.",
                kept.code(),
                there,
                wanted),
            String.format(Locale.ROOT, "%.2f kg or more", wanted),
            "Make the part, or plan for fewer.");
      }
    }
  }

  private static String field(int place) {
    return "fromTubs." + place + ".lotId";
  }

  /** The same with stages that take as long as they do in this kitchen. */
  private static ResolvedFormula lasting(ResolvedFormula formula, List<StageMinutes> minutes) {
    List<Stage> stages = new ArrayList<>(formula.formula().stages());
    for (int place = 0; place < minutes.size(); place++) {
      StageMinutes one = minutes.get(place);
      String field = "stageMinutes." + place + ".";
      Require.within(field + "stage", one.stage(), 0, stages.size() - 1, "stage");
      Require.within(field + "minutes", one.minutes(), 0, 24 * 60, "min");
      Duration time = Duration.ofSeconds(Math.round(one.minutes() * 60));
      at(field + "minutes", () -> stages.set(one.stage(), stages.get(one.stage()).lasting(time)));
    }
    return new ResolvedFormula(formula.formula().with(stages), formula.portions());
  }
}
