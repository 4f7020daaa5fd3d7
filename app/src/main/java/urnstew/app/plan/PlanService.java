package urnstew.app.plan;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.kitchen.KitchenTime;
import urnstew.app.occupancy.Places;
import urnstew.app.plan.PlanRequest.AvailableSheet;
import urnstew.app.plan.PlanRequest.Size;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Prior.Past;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.kitchen.Occupancy.InTheWay;
import urnstew.core.kitchen.Occupancy.Stand;
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
import urnstew.core.plan.SizedBy;
import urnstew.core.plan.StageSetting;
import urnstew.core.plan.Timing;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.FromStock.There;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.core.sizing.Rounding;
import urnstew.core.sizing.Sizing;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/** Computes plans from requests. */
@Service
public class PlanService {
  /** A plan stands nowhere yet. */
  private static final UUID NOBODY = new UUID(0, 0);

  /** Longer than any simmer whose stages end it. */
  static final Duration BY_ITS_STAGES = Duration.ofDays(1);

  /** Stands in until the simmer tells. */
  private static final Target THICKEST = new Target.Solids(Sizing.THICKEST);

  private final FormulaShelf shelf;
  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final PotHistories histories;
  private final Places places;
  private final PlannedFormulas formulas;
  private final Clock clock;

  PlanService(
      FormulaShelf shelf,
      KitchenService kitchens,
      EquipmentService equipment,
      PotHistories histories,
      Places places,
      PlannedFormulas formulas,
      Clock clock) {
    this.shelf = shelf;
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.histories = histories;
    this.places = places;
    this.formulas = formulas;
    this.clock = clock;
  }

  /** The plan for a request, seen from now. */
  @Transactional(readOnly = true)
  public PlanPreview preview(PlanRequest request) {
    PlanInputs inputs = inputs(request);
    Plan plan = planOrShare(inputs);
    return PlanPreview.of(
        inputs,
        plan,
        kitchens.settings(),
        shelf.avoided(inputs.formula().portions()),
        sizedBy(request, inputs.formula()),
        equipment.vessels(),
        inTheWay(request, inputs, plan));
  }

  /** From the hour of lighting on; a plan without hours could be lit now. */
  private List<InTheWay> inTheWay(PlanRequest request, PlanInputs inputs, Plan plan) {
    boolean oven = inputs.setting().heating() instanceof InOven;
    Instant from = plan.timing() instanceof Timing.Scheduled hours ? hours.lightAt() : inputs.now();
    Stand wanted =
        new Stand(
            NOBODY,
            inputs.formula().formula().name(),
            inputs.vessel().id(),
            oven ? Optional.empty() : Optional.of(inputs.setting().heatSource().id()),
            oven ? Optional.ofNullable(request.heating().ovenId()) : Optional.empty());
    return inputs.vessel().tray() ? List.of() : places.inTheWay(wanted, from);
  }

  /** What could be done otherwise. */
  @Transactional(readOnly = true)
  public WaysView ways(PlanRequest request) {
    PlanInputs inputs = inputs(request);
    Plan plan = planOrShare(inputs);
    return WaysView.of(
        plan,
        new Alternatives(
            inputs, plan, equipment.freeVessels(), kilogram("tomato-paste"), kilogram("water")));
  }

  /** The batch over as few pots of the kitchen as hold it; empty where they do not. */
  @Transactional(readOnly = true)
  public List<ShareView> shares(PlanRequest request) {
    PlanInputs inputs = inputs(request);
    return split(inputs).stream()
        .flatMap(split -> split.plans(inputs).stream())
        .map(share -> ShareView.of(share, plan(share)))
        .toList();
  }

  /** How far a spoonful spread in the last batches of a formula, the newest first. */
  @Transactional(readOnly = true)
  public List<EarlierThickness> earlierThicknesses(String formulaId) {
    return histories.plates(formulaId, BatchSnapshot.MODEL_VERSION);
  }

  /** A batch too large for its pot is refused, and where several hold it, it says so. */
  private Plan planOrShare(PlanInputs inputs) {
    try {
      return plan(inputs);
    } catch (InvalidInput fault) {
      if (!fault.code().equals("does-not-fit")) {
        throw fault;
      }
      throw split(inputs)
          .map(PotSplit::shares)
          .filter(shares -> shares.size() > 1)
          .map(shares -> fault.remedied("Or share it over " + shares.size() + " pots."))
          .orElse(fault);
    }
  }

  /** Over pots that are free where they hold it, else over what there will be. */
  private Optional<PotSplit> split(PlanInputs inputs) {
    return PotSplit.of(inputs, equipment.freeVessels())
        .or(() -> PotSplit.of(inputs, equipment.vessels()));
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
      throw fault.named(field(inputs, fault.parameter()));
    }
  }

  private static String field(PlanInputs inputs, String parameter) {
    return switch (parameter) {
      case "vessel" -> "vesselId";
      case "target" ->
          inputs.target() instanceof Target.Plate ? "targetSpreadMeters" : "targetSolidsFraction";
      default -> parameter;
    };
  }

  /** Everything the plan is computed from, looked up and checked, at its size. */
  @Transactional(readOnly = true)
  public PlanInputs inputs(PlanRequest request) {
    ResolvedFormula formula = formulas.of(request);
    SizedBy sizedBy = sizedBy(request, formula);
    Optional<Duration> simmer =
        formula.phases().thickens() ? simmer(request) : Optional.of(byItsStages(request));
    PlanInputs unsized = unsized(request, formula, simmer);
    try {
      PlanInputs sized = sizedBy.size(unsized, simmer);
      formulas.requireEnough(sized.size().batch(), request.partsFromTubs());
      return sized;
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "covers" ->
                switch (request.sizedBy()) {
                  case COVERS -> "covers";
                  case STOCK -> "available";
                  case POT -> "vesselId";
                };
            case "simmer" -> "targetSimmerSeconds";
            default -> field(unsized, fault.parameter());
          });
    }
  }

  private PlanInputs unsized(
      PlanRequest request, ResolvedFormula formula, Optional<Duration> simmer) {
    KitchenSettings kitchen = kitchens.settings();
    Instant now = clock.instant();
    Need need = need(request);
    Target target = simmer.isPresent() ? THICKEST : target(request);
    SimmerSetting setting =
        setting(request.vesselId(), request.heatSourceId(), request.heating(), request.lid());
    Prior prior =
        Prior.of(
            setting.heatSource(),
            past(request.vesselId(), request.heatSourceId(), request.formulaId()));
    List<StageSetting> phases = phases(request, formula);
    requireOvens(setting.vessel(), formula);
    Instant readyBy =
        KitchenTime.toCome(
            request.readyByLocalTime(), request.readyByLocalDate(), kitchen.zoneId(), now);
    Rounding rounding = request.sizedBy() == Size.COVERS ? request.rounding() : Rounding.EXACT;
    return at(
        "readyByLocalTime",
        () ->
            new PlanInputs(
                formula,
                need,
                new PackRule(rounding, request.packGoal()),
                target,
                setting,
                phases,
                prior,
                now,
                readyBy));
  }

  private SizedBy sizedBy(PlanRequest request, ResolvedFormula formula) {
    return switch (request.sizedBy()) {
      case COVERS -> new SizedBy.Covers();
      case POT -> new SizedBy.FullPot();
      case STOCK -> new SizedBy.Stock(there(request.available(), formula));
    };
  }

  private List<There> there(List<AvailableSheet> available, ResolvedFormula formula) {
    List<There> there = new ArrayList<>();
    for (int place = 0; place < available.size(); place++) {
      AvailableSheet one = available.get(place);
      String field = "available." + place + ".massKilograms";
      Mass mass = at(field, () -> new Mass(one.massKilograms()));
      agree(field, one.text(), kitchens.massText("g"), mass.kilograms());
      double share = shareOfTheKept(one.ingredientId(), formula);
      there.add(new There(one.ingredientId(), mass.times(share)));
    }
    return there;
  }

  /** Tubs hold sauce and pieces that go in apart: what there is of them is there of all of it. */
  private static double shareOfTheKept(String ingredientId, ResolvedFormula formula) {
    List<Portion> kept = new ArrayList<>(formula.portions());
    kept.removeAll(formula.toGet());
    double of =
        kept.stream()
            .filter(portion -> portion.ingredient().id().equals(ingredientId))
            .mapToDouble(portion -> portion.mass().kilograms())
            .sum();
    double all = kept.stream().mapToDouble(portion -> portion.mass().kilograms()).sum();
    return of == 0 ? 1 : of / all;
  }

  /** Clocks and cues end every stage of the simmer: how thick it gets follows, and is not asked. */
  private static Duration byItsStages(PlanRequest request) {
    String field =
        request.targetSolidsFraction() != null
            ? "targetSolidsFraction"
            : request.targetSpreadMeters() != null ? "targetSpreadMeters" : "targetSimmerSeconds";
    if (request.targetSimmerSeconds() != null || !field.equals("targetSimmerSeconds")) {
      throw new InvalidInput(
          field,
          "by-its-stages",
          "Every stage of this formula's simmer says itself when it is over.",
          "nothing",
          "Leave the thickness out, or let a stage of the formula end when it is thick enough.");
    }
    return BY_ITS_STAGES;
  }

  /** Other phases of the simmer, where they go otherwise than the formula says. */
  private List<StageSetting> phases(PlanRequest request, ResolvedFormula formula) {
    List<PhaseSheet> sheets = request.phases() == null ? List.of() : request.phases();
    int most = formula.phases().all().size() - 1;
    List<StageSetting> settings = new ArrayList<>();
    for (int place = 0; place < sheets.size(); place++) {
      PhaseSheet sheet = sheets.get(place);
      String field = "phases." + place + ".";
      Require.within(field + "phase", sheet.phase(), 0, Math.max(0, most), "");
      HeatingChoice choice = sheet.heating();
      if (choice.way() == HeatingChoice.Way.OVEN) {
        throw new InvalidInput(
            field + "heating.way",
            "oven-in-formula",
            "A phase goes into the oven where its formula says so.",
            "a heat of the burner",
            "Choose a heat of the burner, or write the oven into the formula.");
      }
      settings.add(
          new StageSetting(
              sheet.phase(), at(field + "heating.burnerShare", choice::heating), sheet.lid()));
    }
    return settings;
  }

  /** A simmer that is fixed, where one is. */
  private static Optional<Duration> simmer(PlanRequest request) {
    Double seconds = request.targetSimmerSeconds();
    if (seconds == null) {
      return Optional.empty();
    }
    if (request.targetSolidsFraction() != null || request.targetSpreadMeters() != null) {
      throw new InvalidInput(
          "targetSimmerSeconds",
          "one-of-two",
          "A thickness is wanted, and a simmer is fixed: only one can be.",
          "a thickness or a simmer",
          "Send one of them.");
    }
    agree("targetSimmerSeconds", request.targetText(), QuantityKind.DURATION, "min", seconds);
    return Optional.of(Duration.ofSeconds(Math.round(seconds)));
  }

  /** What earlier batches say of this pot, this burner and this sauce. */
  Past past(UUID vesselId, UUID heatSourceId, String formulaId) {
    String model = BatchSnapshot.MODEL_VERSION;
    return new Past(
        histories.evaporation(vesselId, model),
        histories.power(equipment.heatSource(heatSourceId), model),
        earlierThicknesses(formulaId).stream().map(EarlierThickness::bodyFactor).toList());
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

  /** A pot must bear the oven of every phase that its formula puts into one. */
  private static void requireOvens(Vessel vessel, ResolvedFormula formula) {
    SimmerPhases phases = formula.phases();
    for (int place = 0; place < phases.all().size(); place++) {
      Heating heating = phases.all().get(place).last().heat().heating();
      if (place != phases.answering() && heating instanceof InOven oven) {
        at("vesselId", () -> borne(vessel, oven));
      }
    }
  }

  private static Vessel borne(Vessel vessel, InOven oven) {
    OvenFitness.require(vessel, oven.air());
    return vessel;
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
          request.sizedBy() == Size.COVERS ? request.covers() : 1,
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
