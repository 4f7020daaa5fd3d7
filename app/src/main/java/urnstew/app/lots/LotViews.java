package urnstew.app.lots;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.formula.DeclarationView;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.LotEventView;
import urnstew.app.lots.LotView.ReadyLot;
import urnstew.app.lots.LotView.ReadyView;
import urnstew.app.lots.LotView.State;
import urnstew.app.lots.LotView.ToComeView;
import urnstew.app.lots.LotView.UnfinishedView;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.OneByOne;
import urnstew.app.rules.RuleService;
import urnstew.core.batch.Unfinished;
import urnstew.core.explain.Working;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.lot.FreezingFitness;
import urnstew.core.lot.Frozen;
import urnstew.core.lot.LotDates;
import urnstew.core.lot.LotTasks;
import urnstew.core.lot.LotTasks.Today;
import urnstew.core.lot.Reheating;
import urnstew.core.lot.TubShape;
import urnstew.core.lot.UseFirst;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.sizing.Serving;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/** Reads lots into what the core and the screens know. */
@Component
class LotViews {
  private static final Temperature COLD = Temperature.ofCelsius(4);

  /** A pot is not filled further for reheating. */
  private static final double FULL = 0.8;

  /** Of a frozen tub so much is still ice when it slides out. */
  private static final double HALF = 0.5;

  private final LotMapper mapper;
  private final LotDeclarations declarations;
  private final EquipmentService equipment;
  private final KitchenService kitchens;
  private final FormulaShelf shelf;
  private final RuleService rules;
  private final ObjectProvider<UnfinishedLots> unfinished;
  private final Clock clock;

  LotViews(
      LotMapper mapper,
      LotDeclarations declarations,
      EquipmentService equipment,
      KitchenService kitchens,
      FormulaShelf shelf,
      RuleService rules,
      ObjectProvider<UnfinishedLots> unfinished,
      Clock clock) {
    this.mapper = mapper;
    this.declarations = declarations;
    this.equipment = equipment;
    this.kitchens = kitchens;
    this.shelf = shelf;
    this.rules = rules;
    this.unfinished = unfinished;
    this.clock = clock;
  }

  LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), kitchens.settings().zoneId());
  }

  Composition kind(LotRow row) {
    return IngredientDocuments.COMPOSITION.read(row.kind());
  }

  /** All that is there, what must be used first at the top. */
  List<LotView> open() {
    List<LotRow> rows = mapper.open();
    Around around = around(rows);
    Comparator<LotRow> first =
        Comparator.comparing(row -> available(row, around.by(), around.today()), UseFirst.order());
    return OneByOne.of(rows.stream().sorted(first).toList(), row -> of(row, around), this::broken);
  }

  UseFirst.Available available(LotRow row, RuleSet by, LocalDate today) {
    LotDates dates = dates(row);
    return new UseFirst.Available(
        row.id(), dates.daysLeft(by, today), dates.isFrozen(), new Mass(row.massKilograms()));
  }

  static LotDates dates(LotRow row) {
    return new LotDates(
        row.madeOn(), Optional.ofNullable(row.frozenOn()), Optional.ofNullable(row.thawedOn()));
  }

  /** What tubs ask for, read without all that their pages tell. */
  List<Task> tasks(Instant now) {
    Today today = new Today(now, kitchens.settings().zoneId(), rules.inForce());
    return OneByOne.all(mapper.open(), row -> tasks(row, today), row -> List.of(look(row)));
  }

  private List<Task> tasks(LotRow row, Today today) {
    Instant wanted = row.wantedAt();
    LotDates dates = dates(row);
    return LotTasks.of(
        subject(row),
        dates,
        wanted == null || !dates.isFrozen()
            ? Optional.empty()
            : Optional.of(wanted.minus(thawing(tub(row), warmestRefrigerator()))),
        () -> (int) plates(row),
        today);
  }

  private static Subject subject(LotRow row) {
    return new Subject(Place.TUBS, row.id().toString(), row.name());
  }

  private Task look(LotRow row) {
    Due due = Due.onDay(row.madeOn(), kitchens.settings().zoneId());
    return Task.of(
        "look",
        Task.Kind.LOOK,
        subject(row),
        "it cannot be reckoned: look at it",
        due,
        Effort.NONE);
  }

  private Frozen tub(LotRow row) {
    return new Frozen(kind(row), TubShape.ofVolume(Volume.ofLiters(row.tubLiters())));
  }

  private double plates(LotRow row) {
    return row.massKilograms()
        / Serving.usualOf(shelf.formula(row.formulaId())).sauce().kilograms();
  }

  private Optional<ColdPlaceView> warmestRefrigerator() {
    return equipment.coldPlaces().stream()
        .filter(place -> place.kind() != ColdKind.FREEZER)
        .filter(place -> place.kind() != ColdKind.BLAST_CHILLER)
        .max(Comparator.comparingDouble(ColdPlaceView::celsius));
  }

  /** What lots of a list have in common, read once for all of them. */
  private record Around(
      RuleSet by,
      LocalDate today,
      Map<UUID, ColdPlaceView> places,
      Map<UUID, List<LotEventRow>> events,
      List<Vessel> vessels,
      Optional<HeatSource> strongest,
      Optional<ColdPlaceView> refrigerator,
      Map<String, FreezingFitness> fitness) {}

  private Around around(List<LotRow> rows) {
    String ids = rows.stream().map(row -> row.id().toString()).collect(Collectors.joining(" "));
    return new Around(
        rules.inForce(),
        today(),
        rows.stream()
            .map(LotRow::placeId)
            .distinct()
            .collect(Collectors.toMap(Function.identity(), equipment::coldPlace)),
        mapper.eventsOf(ids).stream().collect(Collectors.groupingBy(LotEventRow::lotId)),
        equipment.vessels(),
        kitchens.view().heatSources().stream()
            .map(HeatSourceView::heatSource)
            .max(Comparator.comparing(HeatSource::powerIntoPot)),
        warmestRefrigerator(),
        new HashMap<>());
  }

  LotView of(LotRow row) {
    return of(row, around(List.of(row)));
  }

  private LotView of(LotRow row, Around around) {
    RuleSet by = around.by();
    LotDates dates = dates(row);
    ColdPlaceView place =
        Objects.requireNonNull(around.places().get(row.placeId()), "it stands somewhere");
    Declaration told = declarations.of(row);
    Composition kind = kind(row);
    Frozen tub = tub(row);
    // One whose formula cannot be read breaks its own lots only.
    FreezingFitness fitness = around.fitness().computeIfAbsent(row.formulaId(), this::fitness);
    Duration thawing = thawing(tub, around.refrigerator());
    LocalDate frozenOn = row.frozenOn();
    Instant wanted = row.wantedAt();
    boolean freezer = place.kind() == ColdKind.FREEZER;
    Optional<Reheats> reheating = reheating(row, kind, dates.isFrozen(), around);
    Serving serving = Serving.usualOf(shelf.formula(row.formulaId()));
    return new LotView(
        row.id(),
        row.code(),
        row.name(),
        row.formulaId(),
        row.batchId(),
        row.keepingId() != null,
        row.madeOn(),
        row.massKilograms(),
        volume(kind, row.massKilograms()),
        (int) Math.ceil(row.massKilograms() / row.eachKilograms() - 0.02),
        row.tubLiters() / 1000,
        row.eachKilograms(),
        row.placeId(),
        place.name(),
        row.closedAt() != null ? State.GONE : dates.isFrozen() ? State.FROZEN : State.CHILLED,
        dates.useBy(by).orElse(null),
        dates.daysLeft(by, around.today()),
        frozenOn,
        dates.isFrozen() && frozenOn != null ? frozenOn.plusMonths(fitness.months()) : null,
        row.thawedOn(),
        wanted,
        wanted == null || !dates.isFrozen() ? null : wanted.minus(thawing),
        freezer ? freezing(tub, place).toSeconds() : 0,
        thawing.toSeconds(),
        by.of(Limit.REHEAT).value(),
        reheating.map(found -> (double) found.reheating().time().toSeconds()).orElse(0.0),
        reheating.map(Reheats::on).orElse(""),
        reheating.map(found -> found.reheating().inTime()).orElse(true),
        row.massKilograms() / serving.sauce().kilograms(),
        serving.use().words(),
        fitness.fitness(),
        fitness.says(),
        DeclarationView.of(told),
        row.closedAt() == null && LotDeclarations.differsFromItsLabels(row, told),
        row.allergens(),
        row.closedAt(),
        unfinished.getObject().of(row).map(stopped -> toCome(row, stopped)).orElse(null),
        around.events().getOrDefault(row.id(), List.of()).stream()
            .map(
                event ->
                    new LotEventView(
                        event.happenedAt(), event.kind(), event.massKilograms(), event.what()))
            .toList(),
        Stream.concat(
                freezer ? Stream.of(freezingWorking(tub, place)) : Stream.empty(),
                reheating.map(Reheats::working).stream())
            .toList(),
        null);
  }

  private static UnfinishedView toCome(LotRow row, Unfinished stopped) {
    double share = row.massKilograms() / stopped.mass().kilograms();
    return new UnfinishedView(
        stopped.from(),
        stopped.stages(),
        stopped.toCome().stream()
            .map(one -> new ToComeView(one.ingredient().name(), share * one.mass().kilograms()))
            .toList(),
        Tubs.key(row));
  }

  /** One of which nothing can be reckoned any more: what stands in its row, and what is wrong. */
  LotView broken(LotRow row, String fault) {
    LotDates dates = dates(row);
    RuleSet by = rules.inForce();
    return new LotView(
        row.id(),
        row.code(),
        row.name(),
        row.formulaId(),
        row.batchId(),
        row.keepingId() != null,
        row.madeOn(),
        row.massKilograms(),
        0,
        (int) Math.ceil(row.massKilograms() / row.eachKilograms() - 0.02),
        row.tubLiters() / 1000,
        row.eachKilograms(),
        row.placeId(),
        "",
        row.closedAt() != null ? State.GONE : dates.isFrozen() ? State.FROZEN : State.CHILLED,
        dates.useBy(by).orElse(null),
        dates.daysLeft(by, today()),
        row.frozenOn(),
        null,
        row.thawedOn(),
        row.wantedAt(),
        null,
        0,
        0,
        by.of(Limit.REHEAT).value(),
        0,
        "",
        true,
        0,
        "",
        FreezingFitness.Fitness.WITH_CARE,
        List.of(),
        DeclarationView.of(
            Declaration.of(List.of(), new Mass(1), List.of("what is in it: " + fault))),
        false,
        row.allergens(),
        row.closedAt(),
        null,
        List.of(),
        List.of(),
        fault);
  }

  private static Working freezingWorking(Frozen tub, ColdPlaceView place) {
    return tub.freezingWorking(COLD, Temperature.ofCelsius(place.celsius()), Frozen.Air.STILL);
  }

  /** What is reheated, and on what. */
  private record Reheats(Reheating reheating, String on, Working working) {}

  /**
   * All of it in the widest pot that holds it, on the strongest burner; a frozen lot half thawed.
   */
  private Optional<Reheats> reheating(LotRow row, Composition kind, boolean frozen, Around around) {
    double volume = volume(kind, row.massKilograms());
    Optional<Vessel> pot =
        around.vessels().stream()
            .filter(vessel -> !vessel.tray())
            .filter(vessel -> vessel.shape().capacity().cubicMeters() * FULL > volume)
            .max(Comparator.comparingDouble(v -> v.shape().floor().squareMeters()));
    Optional<HeatSource> burner = around.strongest();
    if (pot.isEmpty() || burner.isEmpty() || row.massKilograms() == 0) {
      return Optional.empty();
    }
    Reheating found =
        Reheating.of(
            kind.times(row.massKilograms()),
            frozen ? HALF : 0,
            frozen ? Temperature.ofCelsius(0) : COLD,
            burner.get().powerIntoPot(),
            pot.get().shape().floor(),
            around.by());
    return Optional.of(
        new Reheats(
            found,
            pot.get().name() + ", " + burner.get().name(),
            found.working(
                kind.times(row.massKilograms()), frozen ? Temperature.ofCelsius(0) : COLD)));
  }

  /** First in, first out, as far as it is wanted. */
  ReadyView ready(String formulaId, Mass wanted, int covers) {
    return ready(
        mapper.open().stream().filter(row -> row.formulaId().equals(formulaId)).toList(),
        wanted,
        covers);
  }

  /** First in, first out among these lots, as far as it is wanted. */
  ReadyView ready(List<LotRow> of, Mass wanted, int covers) {
    RuleSet by = rules.inForce();
    LocalDate today = today();
    Map<UUID, LotRow> rows =
        of.stream()
            .filter(row -> !row.unfinished())
            .collect(Collectors.toMap(LotRow::id, row -> row));
    List<UseFirst.Taken> taken =
        UseFirst.take(
            rows.values().stream().map(row -> available(row, by, today)).toList(), wanted);
    double kilograms = 0;
    double frozen = 0;
    double cubic = 0;
    List<ReadyLot> lots = new ArrayList<>();
    for (UseFirst.Taken each : taken) {
      LotRow row = Objects.requireNonNull(rows.get(each.id()));
      double mass = each.mass().kilograms();
      kilograms += mass;
      frozen += dates(row).isFrozen() ? mass : 0;
      cubic += volume(kind(row), mass);
      lots.add(new ReadyLot(row.id(), row.code(), row.madeOn(), mass, dates(row).isFrozen()));
    }
    int rest = UseFirst.restOfCovers(covers, wanted, new Mass(kilograms));
    return new ReadyView(kilograms, cubic, frozen, rest, lots);
  }

  static double volume(Composition kind, double kilograms) {
    return ThermalProperties.volumeCubicMeters(kind, COLD.celsius())
        * kilograms
        / kind.total().kilograms();
  }

  /** Of a formula that may have left the shelf since. */
  FreezingFitness fitness(String formulaId) {
    ResolvedFormula formula = shelf.resolved(formulaId, List.of());
    return FreezingFitness.of(formula);
  }

  Duration freezing(Frozen tub, ColdPlaceView freezer) {
    return tub.freezing(COLD, Temperature.ofCelsius(freezer.celsius()), Frozen.Air.STILL);
  }

  /** In the warmest refrigerator that this kitchen has for it; 4 °C where it has none. */
  private static Duration thawing(Frozen tub, Optional<ColdPlaceView> refrigerator) {
    Temperature around =
        refrigerator.map(place -> Temperature.ofCelsius(place.celsius())).orElse(COLD);
    boolean moved =
        refrigerator.filter(place -> place.kind() == ColdKind.FAN_REFRIGERATOR).isPresent();
    return tub.thawing(around, moved ? Frozen.Air.MOVED : Frozen.Air.STILL);
  }
}
