package urnstew.app.balance;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.balance.BalanceRequest.Amount;
import urnstew.app.balance.BalanceRequest.MeasuredSheet;
import urnstew.app.batch.BatchService;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.pantry.PantryService;
import urnstew.app.plan.PlanRequest;
import urnstew.app.plan.PlanService;
import urnstew.core.balance.Dosable;
import urnstew.core.balance.InPot;
import urnstew.core.balance.InPot.Part;
import urnstew.core.balance.MeasuredTaste;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.balance.Rescue;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchParts;
import urnstew.core.batch.Forecaster;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.core.formula.School;
import urnstew.core.pantry.Pantry;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/** Finds the pot that is meant and puts its balance together. */
@Service
public class BalanceService {
  /** The sauce of the shelf that any other is stretched with. */
  private static final String BASE = "larder-base";

  private static final Mass USUAL_PORTION = Mass.ofGrams(120);
  private static final int MOST_STEPS = 3;

  private final FormulaShelf shelf;
  private final PantryService pantry;
  private final PlanService plans;
  private final BatchService batches;
  private final Clock clock;

  BalanceService(
      FormulaShelf shelf,
      PantryService pantry,
      PlanService plans,
      BatchService batches,
      Clock clock) {
    this.shelf = shelf;
    this.pantry = pantry;
    this.plans = plans;
    this.batches = batches;
    this.clock = clock;
  }

  /** The balance of what a request means, seen from now. */
  @Transactional(readOnly = true)
  public BalanceView preview(BalanceRequest request) {
    Pantry all = pantry.pantry();
    Pot pot = pot(request);
    double portions = pot.serves();
    RemainingProcess course = pot.course().with(plate(request, portions, all));
    Rescue rescue =
        new Rescue(
            pot.now(),
            course,
            pot.formula().formula().family(),
            all,
            List.of(base()),
            Optional.of(again(pot.formula())));
    int steps = (int) Require.within("steps", request.steps(), 1, MOST_STEPS, "steps");
    return new BalanceAnswer(pot, rescue, all, pantry.avoided())
        .view(request, portions, at("saltId", () -> all.ingredient(request.saltId())), steps);
  }

  private Pot pot(BalanceRequest request) {
    Pot pot = meant(request);
    Double portion = request.portionKilograms();
    return portion == null
        ? pot
        : pot.serving(new Mass(Require.within("portionKilograms", portion, 0.01, 2, "kg")));
  }

  private Pot meant(BalanceRequest request) {
    String formulaId = request.formulaId();
    PlanRequest plan = request.plan();
    UUID batchId = request.batchId();
    if (Stream.of(formulaId != null, plan != null, batchId != null).filter(is -> is).count() == 1) {
      if (batchId != null) {
        return live(batchId, taste(request.measured()));
      }
      if (plan != null) {
        return measured(planned(plan), request.measured());
      }
      if (formulaId != null) {
        return measured(onTheShelf(formulaId, request.schools()), request.measured());
      }
    }
    throw new InvalidInput(
        "formulaId",
        "not-one",
        "It must be clear which pot is meant.",
        "one of a formula, a plan and a batch",
        "Choose a pot, or open it from a plan or a formula.");
  }

  private Pot onTheShelf(String id, List<School> schools) {
    ResolvedFormula formula = shelf.resolved(id, schools);
    return new Pot(
        formula.formula().name(),
        formula,
        InPot.beforeTheFinish(formula),
        RemainingProcess.of(formula, formula.formula().target(), Optional.empty()),
        USUAL_PORTION,
        Optional.empty());
  }

  private Pot planned(PlanRequest request) {
    PlanInputs inputs = plans.inputs(request);
    Plan plan = PlanService.plan(inputs);
    ResolvedFormula batch = plan.size().batch();
    var likely = plan.prediction().likely();
    double middle =
        likely.outcome() instanceof Reaches reaches ? reaches.after().toSeconds() / 2.0 : 0;
    return new Pot(
        batch.formula().name(),
        batch,
        InPot.beforeTheFinish(batch),
        RemainingProcess.of(
            batch,
            Optional.of(likely.last().contents().equivalentSolids()),
            Optional.of(likely.kilogramsPerHourAt(middle))),
        inputs.need().serving(),
        Optional.of(plan.size().portions()));
  }

  private Pot live(UUID id, MeasuredTaste typed) {
    Instant now = clock.instant();
    BatchHistory history = tasted(batches.history(id), typed, now);
    BatchParts parts = Forecaster.parts(history, now);
    double seconds = Math.max(0, history.simmerSeconds(now));
    ResolvedFormula formula = history.snapshot().inputs().formula();
    return new Pot(
        formula.formula().name(),
        formula,
        parts.at(seconds),
        parts.course(seconds, List.of()),
        history.snapshot().inputs().need().serving(),
        Optional.of(batches.portions(id)));
  }

  /**
   * What is typed counts as if it were kept with the pot already: what it says then, it says now.
   */
  private static BatchHistory tasted(BatchHistory history, MeasuredTaste typed, Instant now) {
    if (typed.equals(MeasuredTaste.NONE)) {
      return history;
    }
    BatchEvent tasting = new BatchEvent.Tasted(UUID.randomUUID(), now, typed);
    return new BatchHistory(
        history.snapshot(), Stream.concat(history.events().stream(), Stream.of(tasting)).toList());
  }

  private static Pot measured(Pot pot, MeasuredSheet sheet) {
    InPot shifted = taste(sheet).shift(pot.now());
    return new Pot(
        pot.title(), pot.formula(), shifted, pot.course(), pot.portion(), pot.portions());
  }

  private static MeasuredTaste taste(MeasuredSheet sheet) {
    return named(
        () ->
            new MeasuredTaste(
                Optional.ofNullable(sheet.pH()),
                Optional.ofNullable(sheet.brixFraction()).map(MassFraction::new),
                sheet.sharper()));
  }

  private static MeasuredTaste named(Supplier<MeasuredTaste> taste) {
    try {
      return taste.get();
    } catch (InvalidInput fault) {
      throw fault.named(
          fault.parameter().equals("brix")
              ? "measured.brixFraction"
              : "measured." + fault.parameter());
    }
  }

  private static List<Part> plate(BalanceRequest request, double portions, Pantry all) {
    return Stream.iterate(0, i -> i + 1)
        .limit(request.plate().size())
        .map(
            i -> {
              Amount each = request.plate().get(i);
              String field = "plate." + i + ".";
              Mass mass =
                  at(
                      field + "massKilograms",
                      () -> new Mass(Require.within("mass", each.massKilograms(), 0, 0.5, "kg")));
              return Part.of(
                  at(field + "ingredientId", () -> all.ingredient(each.ingredientId())),
                  mass.times(portions));
            })
        .toList();
  }

  private Dosable base() {
    ResolvedFormula base = shelf.resolved(BASE, List.of());
    return Dosable.unsalted(
        base.formula().name() + ", without salt",
        base,
        Ribbon.of(base, base.formula().target()).end());
  }

  private static Dosable again(ResolvedFormula formula) {
    return Dosable.unsalted(
        formula.formula().name() + " again, without salt", formula, formula.beforeTheFinish());
  }
}
