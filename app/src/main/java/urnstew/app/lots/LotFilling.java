package urnstew.app.lots;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.DeclarationView;
import urnstew.app.keeping.KeepingService;
import urnstew.app.keeping.KeepingStarter;
import urnstew.app.keeping.KeepingStarter.Finished;
import urnstew.app.keeping.KeptMass;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.TubPreview;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Write;
import urnstew.app.rules.RuleService;
import urnstew.core.lot.FreezingFitness;
import urnstew.core.lot.Frozen;
import urnstew.core.lot.LotDates;
import urnstew.core.lot.TubFill;
import urnstew.core.lot.TubShape;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.Volume;

/** Cold sauce into tubs. */
@Service
public class LotFilling {
  private final LotMapper mapper;
  private final LotViews views;
  private final LotLedger ledger;
  private final LotDeclarations declarations;
  private final KeptMass mass;
  private final KeepingService keepings;
  private final KeepingStarter starter;
  private final EquipmentService equipment;
  private final RuleService rules;
  private final Clock clock;

  LotFilling(
      LotMapper mapper,
      LotViews views,
      LotLedger ledger,
      LotDeclarations declarations,
      KeptMass mass,
      KeepingService keepings,
      KeepingStarter starter,
      EquipmentService equipment,
      RuleService rules,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.ledger = ledger;
    this.declarations = declarations;
    this.mass = mass;
    this.keepings = keepings;
    this.starter = starter;
    this.equipment = equipment;
    this.rules = rules;
    this.clock = clock;
  }

  /** How many tubs it takes, how long they freeze, and until when they are good. */
  @Transactional(readOnly = true)
  public TubPreview preview(LotWrites.PutAway write) {
    Finished finished = starter.finished(write.keepingId(), write.what(), clock.instant());
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    TubShape tub = tub(write);
    TubFill fill = TubFill.of(finished.contents(), finished.contents().total(), tub, freezer);
    FreezingFitness fitness = views.fitness(finished.formulaId());
    LocalDate today = views.today();
    return new TubPreview(
        fill.tubs(),
        fill.each().cubicMeters(),
        fill.last().cubicMeters(),
        freezer ? views.freezing(new Frozen(finished.contents(), tub), place).toSeconds() : 0,
        LotDates.madeOn(finished.madeOn()).useBy(rules.inForce()).orElse(today),
        freezer ? today.plusMonths(fitness.months()) : null,
        fitness.fitness(),
        fitness.says(),
        DeclarationView.of(finished.declaration()));
  }

  private static TubShape tub(LotWrites.PutAway write) {
    double cubic = Require.within("tubCubicMeters", write.tubCubicMeters(), 5e-5, 0.03, "m³");
    return TubShape.ofVolume(new Volume(cubic));
  }

  /** Fills tubs, once; a cooling that is over is closed by it. */
  @Write
  public LotView putAway(LotWrites.PutAway write, Actor actor) {
    return ledger.once(write, "lot", () -> filled(write, actor));
  }

  private LotRow filled(LotWrites.PutAway write, Actor actor) {
    Instant at = ledger.happened(write);
    Finished finished = starter.finished(write.keepingId(), write.what(), at);
    requireCooled(write);
    ColdPlaceView place = equipment.coldPlace(write.placeId());
    boolean freezer = place.kind() == ColdKind.FREEZER;
    TubShape tub = tub(write);
    Composition contents = finished.contents();
    TubFill fill = TubFill.of(contents, contents.total(), tub, freezer);
    double kilograms = contents.total().kilograms();
    double each = kilograms * fill.each().cubicMeters() / all(fill);
    UUID keeping = write.keepingId();
    mass.hold(finished.batchId());
    if (keeping != null) {
      keepings.putAway(keeping, at, write.id());
    }
    String more = said(write.moreBecause());
    mass.requireLeft(
        finished.batchId(),
        kilograms,
        more.isEmpty() ? finished.moreBecause() : more,
        keeping == null ? "what.massKilograms" : "moreBecause");
    LotRow row =
        new LotRow(
            write.id(),
            ledger.code(write.id()),
            finished.name(),
            finished.formulaId(),
            finished.batchId(),
            keeping,
            finished.madeOn(),
            IngredientDocuments.COMPOSITION.write(contents.times(1 / kilograms)),
            declarations.words(finished.declaration()),
            declarations.write(finished.declaration()),
            kilograms,
            kilograms,
            tub.capacity().liters(),
            each,
            place.id(),
            freezer ? ledger.day(at) : null,
            null,
            null,
            null,
            finished.unfinished());
    mapper.put(row);
    ledger.append(
        row.id(), write.id(), Kind.PUT_AWAY, at, kilograms, null, told(write, place), actor);
    return row;
  }

  private static String told(LotWrites.PutAway write, ColdPlaceView place) {
    String uncooled = said(write.uncooledBecause());
    String more = said(write.moreBecause());
    return place.name()
        + (uncooled.isEmpty() ? "" : "; no cooling recorded: " + uncooled)
        + (more.isEmpty() ? "" : "; more than was made: " + more);
  }

  private static String said(@Nullable String reason) {
    return reason == null ? "" : reason.strip();
  }

  /** The cooling comes first; without its record there is a reason, and it is kept. */
  private static void requireCooled(LotWrites.PutAway write) {
    if (write.keepingId() != null) {
      return;
    }
    if (said(write.uncooledBecause()).isEmpty()) {
      throw new InvalidInput(
          "uncooledBecause",
          "no-cooling",
          "Nothing here shows how it was cooled.",
          "a cooling that is over, or the reason why there is none",
          "Cool it first, or write how it was cooled and who watched it.");
    }
  }

  private static double all(TubFill fill) {
    return fill.full() * fill.each().cubicMeters() + fill.last().cubicMeters();
  }
}
