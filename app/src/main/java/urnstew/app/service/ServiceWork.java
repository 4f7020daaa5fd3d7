package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.plan.PlanService;
import urnstew.app.plan.PlannedPots;
import urnstew.app.rules.RuleService;
import urnstew.app.serving.BesideSheet;
import urnstew.app.serving.ServedBeside;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.app.serving.ServedBeside.GoodsServed;
import urnstew.app.serving.ServedBeside.PieceServed;
import urnstew.app.sizing.Meal;
import urnstew.app.sizing.Meal.FromBase;
import urnstew.app.sizing.Meal.Served;
import urnstew.app.sizing.MealService.Worked;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.app.sizing.TubStock;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.holding.HotHold;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.lot.Reheating;
import urnstew.core.plan.Placing;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PlanTasks;
import urnstew.core.plan.StageTasks;
import urnstew.core.reduction.Lid;
import urnstew.core.rules.Limit;
import urnstew.core.service.ServiceTasks;
import urnstew.core.service.Side;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.serving.piece.DropList;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.Variant;
import urnstew.core.task.Need.OfBurner;
import urnstew.core.task.Need.OfVessel;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.units.Area;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** All tasks of a meal: its bases, its dishes, what goes with them, and the plates. */
@Component
class ServiceWork {
  /** A base is planned as if so much of it were a plate, kg. */
  private static final double PORTION_KILOGRAMS = 0.1;

  private static final double LEAST_COVERS = 0.05;

  /** Of a cold room. */
  private static final double COLD_CELSIUS = 4;

  /** Where the kitchen has none: a small pot on a weak ring (assumption). */
  private static final Power NO_BURNER = new Power(1500);

  /** So much warmer than the limit something is held, that a reading finds it above. */
  private static final double ABOVE_KELVINS = 8;

  private static final Area NO_FLOOR = new Area(0.04);

  private final PlannedPots pots;
  private final KitchenService kitchens;
  private final PotsApart apart;
  private final RuleService rules;

  ServiceWork(PlannedPots pots, KitchenService kitchens, PotsApart apart, RuleService rules) {
    this.pots = pots;
    this.kitchens = kitchens;
    this.apart = apart;
    this.rules = rules;
  }

  /**
   * All of it.
   *
   * @param tasks in the order of the pots
   * @param pots sauces that are cooked in one of their own
   */
  record Work(List<Task> tasks, List<ServiceSetup.Pot> pots) {}

  /**
   * The work of a meal.
   *
   * @param hours of the dishes, in their order
   */
  Work of(UUID meal, Worked worked, List<PickUps> hours) {
    One one = new One(meal, worked, hours);
    one.parts();
    one.bases();
    for (int place = 0; place < worked.meal().dishes().size(); place++) {
      one.dish(place);
    }
    return new Work(one.all.all(), List.copyOf(one.cooked));
  }

  private Optional<HeatSource> strongest() {
    return kitchens.view().heatSources().stream()
        .map(HeatSourceView::heatSource)
        .max((a, b) -> a.powerIntoPot().compareTo(b.powerIntoPot()));
  }

  /** A small part takes the weakest; any that is as strong will do. */
  private List<urnstew.core.task.Need> weakest() {
    return kitchens.view().heatSources().stream()
        .map(HeatSourceView::heatSource)
        .min((a, b) -> a.powerIntoPot().compareTo(b.powerIntoPot()))
        .<urnstew.core.task.Need>map(one -> new OfBurner(one.id(), one.name()))
        .stream()
        .toList();
  }

  /** A pot that has been put somewhere. */
  private record Pot(Subject subject, Placing placing, String last) {}

  private final class One {
    private final UUID id;
    private final Meal meal;
    private final List<DishSheet> sheets;
    private final List<PickUps> hours;
    private final Map<String, Pot> bases = new HashMap<>();
    private final List<ServiceSetup.Pot> cooked = new ArrayList<>();
    private final ServiceTasks all = new ServiceTasks();

    One(UUID id, Worked worked, List<PickUps> hours) {
      this.id = id;
      this.meal = worked.meal();
      this.sheets = worked.sheet().dishes();
      this.hours = hours;
    }

    private Subject subject(String part, String name) {
      return new Subject(Place.PLAN, id + "/" + part, name);
    }

    /** What formulas make for others, once for all. */
    void parts() {
      all.parts(
          meal.batches(), part -> subject("part-" + part.id(), part.name()), first(), weakest());
    }

    private Instant first() {
      return hours.stream().map(PickUps::first).min(Instant::compareTo).orElseThrow();
    }

    void bases() {
      for (int place = 0; place < meal.bases().size(); place++) {
        Meal.Common base = meal.bases().get(place);
        Subject subject = subject("base-" + place, base.base().name());
        base.base()
            .made()
            .ifPresent(
                made ->
                    bases.put(
                        base.formulaId(),
                        cook(
                            subject,
                            made.batch(),
                            need(made.mass()),
                            made.batch().formula().target(),
                            base.placing(),
                            Map.of(),
                            first())));
      }
    }

    private Pot cook(
        Subject subject,
        ResolvedFormula batch,
        Need need,
        Optional<MassFraction> target,
        Placing placing,
        Map<String, Integer> loads,
        Instant ready) {
      Optional<HeatSource> burner = placing.burner().or(ServiceWork.this::strongest);
      placing
          .pot()
          .map(pot -> new ServiceSetup.Pot(subject.id(), batch.formula().id(), pot.id()))
          .ifPresent(cooked::add);
      List<Task> work =
          target.isPresent() && placing.pot().isPresent() && burner.isPresent()
              ? simmered(
                  subject,
                  pots.inputs(batch, need, target.get(), placing.pot().get(), burner.get(), ready))
              : StageTasks.of(batch, subject, ready, held(placing), loads);
      Pot pot = new Pot(subject, placing, all.pot(work));
      all.taking(subject, batch);
      return pot;
    }

    private List<Task> simmered(Subject subject, PlanInputs inputs) {
      return PlanTasks.of(inputs, PlanService.plan(inputs), subject);
    }

    void dish(int place) {
      Served served = meal.dishes().get(place);
      Subject subject = subject("dish-" + place, served.dish().batch().formula().name());
      Pot pot = pot(subject, served, sheets.get(place), hours.get(place).first());
      ServiceTasks.Sauce sauce = sauce(pot, served);
      all.dish(
          new ServiceTasks.Dish(
              subject,
              hours.get(place),
              Optional.of(sauce),
              served.drops().flatMap(Drops::list).map(this::inSauce),
              sides(served, sheets.get(place).allBesides()),
              apart.add(all, subject, sauce, served, hours.get(place).first())));
    }

    private ServiceTasks.Sauce sauce(Pot pot, Served served) {
      return new ServiceTasks.Sauce(
          pot.subject(),
          pot.last(),
          pot.placing().pot(),
          pot.placing().burner(),
          pot.placing().pot().map(vessel -> hold(served, vessel)));
    }

    /** As it stands until the last plates, safely above the limit. */
    private HotHold hold(Served served, Vessel vessel) {
      return new HotHold(
          served.dish().ribbon().end(),
          vessel.shape(),
          Temperature.ofCelsius(
              rules.inForce().temperature(Limit.HOT_HOLD).celsius() + ABOVE_KELVINS),
          Lid.ON,
          kitchens.settings().surroundings());
    }

    /** Where its sauce comes from. */
    private Pot pot(Subject subject, Served served, DishSheet sheet, Instant hour) {
      Optional<FromBase> from = served.from().filter(one -> one.variant().factor() > 0);
      if (from.isEmpty()) {
        return own(subject, served, hour);
      }
      Variant variant = from.get().variant();
      String baseId = from.get().base().formula().id();
      boolean all = baseId.equals(sheet.formulaId());
      Pot base = bases.get(baseId);
      if (base == null) {
        return fromTubs(subject, served, baseId, all, hour);
      }
      return all ? base : shared(subject, base, served, hour);
    }

    /** Its base is there: it is heated in the pot of the dish. */
    private Pot fromTubs(Subject subject, Served served, String baseId, boolean all, Instant hour) {
      Variant variant = served.from().orElseThrow().variant();
      boolean frozen =
          meal.bases().stream()
              .filter(base -> base.formulaId().equals(baseId))
              .flatMap(base -> base.tubs().stream())
              .anyMatch(TubStock.Share::frozen);
      Task heat =
          ServiceTasks.reheat(
              subject,
              reheating(served, variant.share(), frozen),
              variant.share(),
              held(served.placing()),
              hour);
      List<Task> work =
          all
              ? List.of(heat)
              : StageTasks.afterShare(
                  inPot(served, variant),
                  variant.joinsAt(),
                  heat,
                  subject,
                  hour,
                  held(served.placing()));
      Pot pot = new Pot(subject, served.placing(), this.all.pot(work));
      this.all.taking(subject, inPot(served, variant));
      return pot;
    }

    private Reheating reheating(Served served, Mass mass, boolean frozen) {
      double share = mass.kilograms() / served.dish().made().kilograms();
      Temperature cold = Temperature.ofCelsius(frozen ? 0 : COLD_CELSIUS);
      return Reheating.of(
          served.dish().ribbon().end().times(share).sauce(),
          frozen ? 1 : 0,
          cold,
          served
              .placing()
              .burner()
              .or(ServiceWork.this::strongest)
              .map(HeatSource::powerIntoPot)
              .orElse(NO_BURNER),
          served.placing().pot().map(pot -> pot.shape().floor()).orElse(NO_FLOOR),
          rules.inForce());
    }

    private Pot own(Subject subject, Served served, Instant hour) {
      ResolvedFormula batch = PotsApart.inPot(served, served.dish().batch());
      return cook(
          subject,
          batch,
          PotsApart.need(served),
          batch.formula().target().map(own -> served.dish().ribbon().end().equivalentSolids()),
          served.placing(),
          served.fryingLoads(),
          hour);
    }

    private Pot shared(Subject subject, Pot base, Served served, Instant hour) {
      Variant variant = served.from().orElseThrow().variant();
      Placing placing = served.placing();
      Optional<Integer> before = variant.leavesBefore().map(Moment::stage);
      Task share = all.share(subject, base.subject(), base.last(), before, variant.share());
      List<Task> work =
          StageTasks.afterShare(
              inPot(served, variant), variant.joinsAt(), share, subject, hour, held(placing));
      Pot pot = new Pot(subject, placing, all.pot(work));
      all.taking(subject, inPot(served, variant));
      return pot;
    }

    private ResolvedFormula inPot(Served served, Variant variant) {
      return PotsApart.inPot(served, variant.still());
    }

    private ServiceTasks.InSauce inSauce(DropList list) {
      return new ServiceTasks.InSauce(list, waits(list));
    }

    private Duration waits(DropList list) {
      double minutes =
          list.drops().stream()
              .mapToDouble(one -> one.kind().piece().cut().waitsMinutes())
              .min()
              .orElse(0);
      return Duration.ofSeconds(Math.round(60 * minutes));
    }

    private List<Side> sides(Served served, List<BesideSheet> written) {
      List<Side> sides = new ArrayList<>();
      for (int place = 0; place < written.size(); place++) {
        int at = place;
        ServedBeside beside = served.besides().get(place);
        String name = beside.beside().name();
        ResolvedFormula made = beside.beside().batch();
        beside
            .pasta()
            .ifPresent(
                one ->
                    sides.add(
                        new Side.Pasta(
                            name,
                            one.byPickUp(),
                            written.get(at).covers(),
                            one.pot(),
                            one.burner(),
                            made)));
        beside
            .piece()
            .ifPresent(
                one ->
                    sides.add(
                        isIn(served.drops(), one)
                            ? new Side.Made(name, made)
                            : new Side.Pieces(name, one.cooking(), one.rule(), one.count(), made)));
        beside
            .goods()
            .flatMap(GoodsServed::inOven)
            .ifPresent(how -> sides.add(new Side.InOven(name, how, air(how))));
        sides.addAll(tray(name, served, beside, written.get(place)).stream().toList());
      }
      return sides;
    }

    /** The oven of something else where it goes into that, else its own air. */
    private Temperature air(OvenNeighbour how) {
      return sheets.stream()
          .flatMap(dish -> dish.allBesides().stream())
          .flatMap(ServiceWork::ovens)
          .filter(how::goesInAt)
          .findFirst()
          .orElse(how.ownAir());
    }

    private Optional<Side> tray(
        String name, Served served, ServedBeside beside, BesideSheet written) {
      BesideSheet.TraySheet sheet = written.tray();
      boolean everybody = written.covers() >= served.dish().need().covers();
      return sheet == null
          ? Optional.empty()
          : beside
              .tray()
              .map(
                  one ->
                      new Side.Tray(
                          name,
                          one.build(),
                          one.bake(),
                          one.trays(),
                          Temperature.ofCelsius(sheet.ovenCelsius()),
                          everybody,
                          beside.beside().batch()));
    }
  }

  private static Stream<Temperature> ovens(BesideSheet beside) {
    BesideSheet.TraySheet tray = beside.tray();
    BesideSheet.PiecesSheet piece = beside.piece();
    if (tray != null) {
      return Stream.of(Temperature.ofCelsius(tray.ovenCelsius()));
    }
    return piece != null && piece.medium().isOven()
        ? Stream.of(Temperature.ofCelsius(piece.mediumCelsius()))
        : Stream.empty();
  }

  /** Whether it cooks with the others in the sauce of its dish. */
  private static boolean isIn(Optional<Drops> drops, PieceServed piece) {
    return piece.inSauce()
        && drops.stream()
            .flatMap(one -> one.list().stream())
            .flatMap(list -> list.drops().stream())
            .anyMatch(entry -> entry.kind().piece().equals(piece.cooking().piece()));
  }

  private static Need need(Mass mass) {
    double covers = Math.max(LEAST_COVERS, Math.ceil(mass.kilograms() / PORTION_KILOGRAMS));
    return new Need(covers, mass.times(1 / covers));
  }

  private static List<urnstew.core.task.Need> held(Placing placing) {
    return Stream.concat(
            placing
                .pot()
                .<urnstew.core.task.Need>map(one -> new OfVessel(one.id(), one.name()))
                .stream(),
            placing
                .burner()
                .<urnstew.core.task.Need>map(one -> new OfBurner(one.id(), one.name()))
                .stream())
        .toList();
  }
}
