package urnstew.app.plan;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Prior.Past;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.Oven;
import urnstew.core.kitchen.OvenFitness;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Alternatives;
import urnstew.core.plan.Influences;
import urnstew.core.plan.Influences.Influence;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanFigure;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Planner;
import urnstew.core.plan.PotSplit;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** Computes plans from requests. */
@Service
public class PlanService {
  private final FormulaShelf shelf;
  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final PotHistories histories;
  private final Clock clock;

  PlanService(
      FormulaShelf shelf,
      KitchenService kitchens,
      EquipmentService equipment,
      PotHistories histories,
      Clock clock) {
    this.shelf = shelf;
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.histories = histories;
    this.clock = clock;
  }

  /** The plan for a request, seen from now. */
  @Transactional(readOnly = true)
  public PlanView preview(PlanRequest request) {
    PlanInputs inputs = inputs(request);
    Plan plan = planOrShare(inputs);
    Alternatives ways =
        new Alternatives(
            inputs, plan, equipment.vessels(), kilogram("tomato-paste"), kilogram("water"));
    return PlanView.of(inputs, plan, kitchens.settings(), ways);
  }

  /** How far a spoonful spread in the last batches of a formula, the newest first. */
  @Transactional(readOnly = true)
  public List<EarlierThickness> earlierThicknesses(String formulaId) {
    return histories.plates(formulaId, BatchSnapshot.MODEL_VERSION);
  }

  /** A batch too large for its pot is refused with the pots that would share it. */
  private Plan planOrShare(PlanInputs inputs) {
    try {
      return plan(inputs);
    } catch (InvalidInput fault) {
      if (!fault.code().equals("does-not-fit")) {
        throw fault;
      }
      List<Vessel> pots = equipment.vessels();
      throw PotSplit.of(inputs, pots)
          .filter(split -> split.shares().size() > 1)
          .map(split -> fault.remedied("Or share it: " + split.words(inputs.need().covers()) + "."))
          .orElse(fault);
    }
  }

  private PotContents kilogram(String ingredient) {
    return shelf.ingredient(ingredient).contents(Mass.ofKilograms(1));
  }

  /** What moves a figure of the plan most. */
  @Transactional(readOnly = true)
  public List<Influence> influences(PlanRequest request, PlanFigure figure) {
    return Influences.on(figure, inputs(request));
  }

  /** Computes; a pot that does not hold it is reported at the pot. */
  public static Plan plan(PlanInputs inputs) {
    try {
      return Planner.plan(inputs);
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "vessel" -> "vesselId";
            case "target" ->
                inputs.target() instanceof Target.Plate
                    ? "targetSpreadMeters"
                    : "targetSolidsFraction";
            default -> fault.parameter();
          });
    }
  }

  /** Everything the plan is computed from, looked up and checked. */
  @Transactional(readOnly = true)
  public PlanInputs inputs(PlanRequest request) {
    KitchenSettings kitchen = kitchens.settings();
    Instant now = clock.instant();
    Need need = need(request);
    Target target = target(request);
    SimmerSetting setting =
        setting(request.vesselId(), request.heatSourceId(), request.heating(), request.lid());
    Prior prior = Prior.of(setting.heatSource(), past(request));
    Instant readyBy =
        KitchenTime.toCome(
            request.readyByLocalTime(), request.readyByLocalDate(), kitchen.zoneId(), now);
    ResolvedFormula formula = shelf.resolved(request.formulaId(), request.schools());
    return at(
        "readyByLocalTime",
        () ->
            new PlanInputs(
                formula,
                need,
                new PackRule(request.wholePacks(), request.packGoal()),
                target,
                setting,
                prior,
                now,
                readyBy));
  }

  /** What earlier batches say of this pot, this burner and this sauce. */
  private Past past(PlanRequest request) {
    String model = BatchSnapshot.MODEL_VERSION;
    return new Past(
        histories.evaporation(request.vesselId(), model),
        histories.power(equipment.heatSource(request.heatSourceId()), model),
        earlierThicknesses(request.formulaId()).stream()
            .map(EarlierThickness::bodyFactor)
            .toList());
  }

  /** A pot on a burner or in the oven of this kitchen. */
  @Transactional(readOnly = true)
  public SimmerSetting setting(UUID vesselId, UUID heatSourceId, HeatingChoice choice, Lid lid) {
    Vessel vessel = equipment.vessel(vesselId).vessel();
    Heating heating = choice.heating();
    if (heating instanceof InOven inOven) {
      requireOven(vessel, inOven, choice.ovenId());
    }
    return new SimmerSetting(
        vessel,
        equipment.heatSource(heatSourceId).heatSource(),
        heating,
        lid,
        kitchens.settings().surroundings());
  }

  /** Pots melt, handles burn, and not every pot goes into every oven. */
  private void requireOven(Vessel vessel, InOven heating, @Nullable UUID ovenId) {
    try {
      OvenFitness.require(vessel, heating.air());
      if (ovenId != null) {
        Oven oven = equipment.oven(ovenId).oven();
        oven.requireReach(heating.air(), heating.fan());
        oven.requireRoomFor(vessel);
      }
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "oven" -> "heating.ovenId";
            case "ovenFan" -> "heating.fan";
            default -> "heating.ovenCelsius";
          });
    }
  }

  private static Target target(PlanRequest request) {
    return new TargetText(
            "targetSolidsFraction",
            request.targetSolidsFraction(),
            "targetSpreadMeters",
            request.targetSpreadMeters(),
            request.targetText())
        .target();
  }

  private Need need(PlanRequest request) {
    Mass serving = at("servingMassKilograms", () -> new Mass(request.servingMassKilograms()));
    agree(
        "servingMassKilograms", request.servingText(), kitchens.massText("g"), serving.kilograms());
    try {
      return new Need(
          request.covers(),
          serving,
          new MassFraction(request.onTheTableFraction()),
          new MassFraction(request.holdLossFraction()));
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "covers" -> "covers";
            case "onTheTable" -> "onTheTableFraction";
            case "holdLoss" -> "holdLossFraction";
            default -> "servingMassKilograms";
          });
    }
  }
}
