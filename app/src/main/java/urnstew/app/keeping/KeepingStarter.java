package urnstew.app.keeping;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchDeclarations;
import urnstew.app.keeping.CoolingSetups.Way;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingMapper.Kind;
import urnstew.app.keeping.KeepingService.Kept;
import urnstew.app.keeping.KeepingStart.ToCool;
import urnstew.app.keeping.KeepingStart.ToHold;
import urnstew.app.keeping.KeepingStart.ToSetOut;
import urnstew.app.keeping.KeepingView.CoolingPreview;
import urnstew.app.keeping.KeepingView.WayView;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.OneByOne;
import urnstew.app.platform.Write;
import urnstew.app.rules.RuleService;
import urnstew.core.cooling.CoolingForecast;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.cooling.CoolingWays;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Declaration;
import urnstew.core.holding.HoldWindow;
import urnstew.core.holding.HotHold;
import urnstew.core.holding.Loosening;
import urnstew.core.holding.TimeAlone;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.text.QuantityKind;

/**
 * What is before a keeping: whether it would be cold in time, its beginning, and what it leaves for
 * tubs.
 */
@Service
public class KeepingStarter {
  private static final Duration FURTHEST_BACK = Duration.ofDays(3);

  private final KeepingMapper mapper;
  private final KeepingViews views;
  private final KeptSauces sauces;
  private final BatchDeclarations declarations;
  private final CoolingSetups setups;
  private final KeptPlaces places;
  private final KeptMass mass;
  private final EquipmentService equipment;
  private final KitchenService kitchens;
  private final RuleService rules;
  private final IdempotencyStore writes;
  private final Clock clock;

  KeepingStarter(
      KeepingMapper mapper,
      KeepingViews views,
      KeptSauces sauces,
      BatchDeclarations declarations,
      CoolingSetups setups,
      KeptPlaces places,
      KeptMass mass,
      EquipmentService equipment,
      KitchenService kitchens,
      RuleService rules,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.sauces = sauces;
    this.declarations = declarations;
    this.setups = setups;
    this.places = places;
    this.mass = mass;
    this.equipment = equipment;
    this.kitchens = kitchens;
    this.rules = rules;
    this.writes = writes;
    this.clock = clock;
  }

  /** Whether it would be cold in time, and what would be better. */
  @Transactional(readOnly = true)
  public CoolingPreview preview(KeepingWrites.PreviewCooling write) {
    RuleSet inForce = rules.inForce();
    CoolingSauce sauce = sauces.of(write.what()).cooling();
    Temperature start = hot(write.startCelsius());
    CoolingSetup setup = setups.fitting(write.setup(), sauce, rules.inForce());
    CoolingForecast chosen = CoolingForecast.of(sauce, start, setup, inForce);
    return new CoolingPreview(
        CoolingViews.forecast(chosen, sauce, start),
        CoolingViews.forecast(
            new CoolingWays(sauce, start, inForce).ifStirred(setup), sauce, start),
        ways(sauce, start, inForce),
        inForce.name(),
        sauce.thickestPiece().map(Length::meters).orElse(null),
        List.of(chosen.working(sauce)));
  }

  /** Ways for one that has begun, from what was last read. */
  @Transactional(readOnly = true)
  public List<WayView> ways(UUID id) {
    KeepingRow row = row(id);
    if (!(KeepingDocuments.START.read(row.start()) instanceof ToCool start)) {
      return List.of();
    }
    return ways(start.sauce(), views.lastRead(row, start), start.rules());
  }

  private List<WayView> ways(CoolingSauce sauce, Temperature start, RuleSet by) {
    return setups.ways(sauce, start, by).stream().map(way -> view(way, sauce, start)).toList();
  }

  private WayView view(Way way, CoolingSauce sauce, Temperature start) {
    return new WayView(
        CoolingViews.forecast(way.forecast(), sauce, start),
        way.setup(),
        name(way.setup().coldPlaceId()),
        name(way.setup().thenPlaceId()));
  }

  private String name(@Nullable UUID coldPlace) {
    return coldPlace == null ? "" : equipment.coldPlace(coldPlace).name();
  }

  private static Temperature hot(double celsius) {
    return Temperature.ofCelsius(Require.within("startCelsius", celsius, 6, 105, "°C"));
  }

  /** Begins a cooling, once. */
  @Write
  public Kept cool(KeepingWrites.StartCooling write, Actor actor) {
    return once(write, "cooling", () -> cooled(write));
  }

  private void cooled(KeepingWrites.StartCooling write) {
    KeptSauces.Kept kept = sauces.of(write.what());
    CoolingSauce sauce = kept.cooling();
    CoolingSetup setup = setups.fitting(write.setup(), sauce, rules.inForce());
    ToCool start = new ToCool(sauce, hot(write.startCelsius()), setup, rules.inForce());
    UUID pan = write.setup().vesselId();
    Instant at = begun(write, Kind.COOLING, kept, pan, write.moreBecause(), start);
    places.cools(write.id(), kept.name(), pan, at);
  }

  /** Begins a hold, once. */
  @Write
  public Kept hold(KeepingWrites.StartHold write, Actor actor) {
    return once(write, "hold", () -> held(write));
  }

  private void held(KeepingWrites.StartHold write) {
    KeptSauces.Kept kept = sauces.of(write.what());
    RuleSet inForce = rules.inForce();
    double limit = inForce.of(Limit.HOT_HOLD).value();
    if (write.heldCelsius() < limit) {
      throw new InvalidInput(
          "heldCelsius",
          "below-the-limit",
          String.format("%.0f °C is below what %s allows.", write.heldCelsius(), inForce.name()),
          String.format("%.0f °C or more", limit),
          "Hold it hotter, or cool it.");
    }
    var vessel = equipment.vessel(write.vesselId());
    HotHold hold =
        new HotHold(
            kept.contents(),
            vessel.vessel().shape(),
            Temperature.ofCelsius(write.heldCelsius()),
            write.lid(),
            kitchens.settings().surroundings());
    ToHold start =
        new ToHold(
            hold,
            vessel.name(),
            kept.contents().equivalentSolids(),
            HoldWindow.of(kept.formula()),
            Loosening.of(kept.formula()),
            inForce);
    Instant at = begun(write, Kind.HOLD, kept, write.vesselId(), write.moreBecause(), start);
    places.held(write.id(), kept.name(), write.vesselId(), at);
  }

  /** Sets something out to be served, once. */
  @Write
  public Kept setOut(KeepingWrites.SetOut write, Actor actor) {
    return once(write, "set-out", () -> standing(write));
  }

  private void standing(KeepingWrites.SetOut write) {
    agree("celsius", write.enteredText(), QuantityKind.TEMPERATURE, "c", write.celsius());
    double celsius = Require.within("celsius", write.celsius(), -30, 120, "°C");
    RuleSet inForce = rules.inForce();
    Instant at = happened(write);
    TimeAlone.starting(
        at, write.fromCold(), celsius, kitchens.settings().probeErrorKelvins(), inForce);
    ToSetOut start = new ToSetOut(celsius, write.fromCold(), inForce);
    begun(write, Kind.SET_OUT, write.food().strip(), null, null, null, null, "", start);
  }

  private Instant begun(
      KeepingWrites.Timed write,
      Kind kind,
      KeptSauces.Kept kept,
      UUID vessel,
      @Nullable String moreBecause,
      KeepingStart start) {
    double kilograms = kept.contents().total().kilograms();
    mass.requireLeft(kept.batchId(), kilograms, moreBecause, "what.massKilograms");
    return begun(
        write,
        kind,
        kept.name(),
        kept.batchId(),
        kept.formula().formula().id(),
        kilograms,
        vessel,
        moreBecause == null ? "" : moreBecause.strip(),
        start);
  }

  private Instant begun(
      KeepingWrites.Timed write,
      Kind kind,
      String name,
      @Nullable UUID batchId,
      @Nullable String formulaId,
      @Nullable Double kilograms,
      @Nullable UUID vessel,
      String moreBecause,
      KeepingStart start) {
    Instant at = happened(write);
    mapper.begin(
        new KeepingRow(
            write.id(),
            kind,
            name,
            batchId,
            formulaId,
            kilograms,
            vessel,
            at,
            KeepingDocuments.START.write(start),
            1,
            null,
            null,
            null,
            "",
            moreBecause));
    requireShown(write.id());
    return at;
  }

  /** What every list will say of it is reckoned before it is accepted. */
  private void requireShown(UUID id) {
    try {
      views.of(row(id));
    } catch (InvalidInput | OutOfModelRange fault) {
      throw new InvalidInput(
          "what",
          "cannot-be-reckoned",
          "That cannot be kept under a clock here: " + OneByOne.words(fault),
          "a sauce",
          "Set it out by time alone, or cool it without this record.");
    }
  }

  private Instant happened(KeepingWrites.Timed write) {
    Instant received = clock.instant();
    Instant at = write.stamp().happened(received, kitchens.settings().zoneId());
    notLongAgo(at, received);
    return at;
  }

  private static void notLongAgo(Instant at, Instant now) {
    if (at.isBefore(now.minus(FURTHEST_BACK))) {
      throw new InvalidInput(
          "stamp.happenedLocalTime",
          "too-long-ago",
          "That is longer ago than anything is kept unread.",
          "within three days",
          "Look at the hour again.");
    }
  }

  /**
   * Finished sauce on its way into tubs.
   *
   * @param contents all of it
   * @param moreBecause why it is more than its batch made, where that was said when it cooled
   * @param unfinished whether its batch was stopped, and it goes on another day
   */
  public record Finished(
      String name,
      String formulaId,
      @Nullable UUID batchId,
      LocalDate madeOn,
      Composition contents,
      Declaration declaration,
      String moreBecause,
      boolean unfinished) {}

  /** What a cooling leaves, or what is said to be there without one. */
  @Transactional(readOnly = true)
  public Finished finished(
      @Nullable UUID keepingId, KeepingWrites.@Nullable What what, Instant at) {
    if (keepingId != null) {
      KeepingRow row = row(keepingId);
      String formulaId = row.formulaId();
      if (formulaId != null && KeepingDocuments.START.read(row.start()) instanceof ToCool start) {
        return new Finished(
            row.name(),
            formulaId,
            row.batchId(),
            day(row.startedAt()),
            start.sauce().contents(),
            declarations.of(row.batchId(), formulaId),
            row.moreBecause(),
            sauces.isUnfinished(row.batchId()));
      }
      throw new ConflictException("Only what was cooled here is put away.", "Cool it first.");
    }
    if (what == null) {
      throw new InvalidInput(
          "what",
          "missing",
          "Nothing was said of what it is.",
          "a cooling, a batch or a formula",
          "Choose what is put away.");
    }
    KeptSauces.Kept kept = sauces.of(what);
    String formula = kept.formula().formula().id();
    return new Finished(
        kept.name(),
        formula,
        kept.batchId(),
        day(Optional.ofNullable(kept.lit()).orElse(at)),
        kept.contents().everything(),
        declarations.of(kept.batchId(), formula),
        "",
        sauces.isUnfinished(kept.batchId()));
  }

  private LocalDate day(Instant at) {
    return LocalDate.ofInstant(at, kitchens.settings().zoneId());
  }

  private KeepingRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("keeping", id));
  }

  private Kept once(KeepingWrites.Timed write, String scope, Runnable what) {
    writes.once(write.id(), scope, write, what);
    Instant begun = mapper.happened(write.id()).orElseThrow(Kept::takenBack);
    return new Kept(write.id(), write.id(), begun);
  }
}
