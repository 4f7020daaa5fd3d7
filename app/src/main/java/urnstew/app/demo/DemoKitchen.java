package urnstew.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchEntries;
import urnstew.app.batch.BatchStarter;
import urnstew.app.batch.ReadingSource;
import urnstew.app.batch.Writes.Finish;
import urnstew.app.batch.Writes.Stamp;
import urnstew.app.batch.Writes.StartBatch;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.HeatSourceEdit;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.MeasureEdit;
import urnstew.app.kitchen.OvenEdit;
import urnstew.app.kitchen.ShapeKind;
import urnstew.app.kitchen.VesselEdit;
import urnstew.app.logbook.StageNoteService;
import urnstew.app.logbook.StageNoteWrite;
import urnstew.app.pantry.StockItem;
import urnstew.app.pantry.StockService;
import urnstew.app.plan.HeatingChoice;
import urnstew.app.plan.HeatingChoice.Way;
import urnstew.app.plan.PlanRequest;
import urnstew.app.platform.Actor;
import urnstew.app.serving.BesideSheet;
import urnstew.app.serving.BesideSheet.GoodsSheet;
import urnstew.app.serving.BesideSheet.PastaSheet;
import urnstew.app.serving.BesideSheet.PiecesSheet;
import urnstew.app.sizing.MealService;
import urnstew.app.sizing.MealSheet;
import urnstew.app.sizing.MealSheet.CookSheet;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.app.sizing.MealSheet.GroupSheet;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.Metal;
import urnstew.core.pantry.Avoid;
import urnstew.core.reduction.Lid;
import urnstew.core.serving.Dressing;
import urnstew.core.serving.piece.Medium;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Rounding;

/**
 * The canteen of 'Hollow Lantern', a mountain observatory. All of it is made up: 34 people before
 * the night watch, 12 at two in the morning.
 */
@Component
class DemoKitchen {
  private static final Actor DEMO = Actor.itself("demo data");

  /** The meal of the evening. */
  static final UUID TONIGHT = id(0xa5);

  private static final UUID RONDEAU = id(0x11);
  private static final UUID BIG_BURNER = id(0x22);
  private static final UUID GAS_RING = id(0x21);
  private static final UUID STOCKPOT = id(0x12);
  private static final UUID GASTRO = id(0x15);
  private static final UUID TALL_POT = id(0x17);
  private static final UUID WELL = id(0x18);

  private final EquipmentService equipment;
  private final KitchenService kitchens;
  private final StockService stock;
  private final MealService meals;
  private final BatchStarter starter;
  private final BatchEntries batches;
  private final StageNoteService stageNotes;
  private final DemoKept kept;
  private final Clock clock;

  DemoKitchen(
      EquipmentService equipment,
      KitchenService kitchens,
      StockService stock,
      MealService meals,
      BatchStarter starter,
      BatchEntries batches,
      StageNoteService stageNotes,
      DemoKept kept,
      Clock clock) {
    this.equipment = equipment;
    this.kitchens = kitchens;
    this.stock = stock;
    this.meals = meals;
    this.starter = starter;
    this.batches = batches;
    this.stageNotes = stageNotes;
    this.kept = kept;
    this.clock = clock;
  }

  void equip() {
    equipment.add(pot(id(0x10), "Small pot", 22, 22, 16, 1.6), DEMO);
    equipment.add(pot(RONDEAU, "Rondeau", 36, 36, 20, 4.1), DEMO);
    equipment.add(pot(id(0x16), "Old rondeau", 36, 36, 20, 4.3), DEMO);
    equipment.add(pot(STOCKPOT, "Stockpot", 32, 32, 28, 4.4), DEMO);
    equipment.add(pot(TALL_POT, "Tall pot", 28, 28, 30, 3.6), DEMO);
    equipment.add(pot(WELL, "Hot well", 26, 26, 18, 1.2), DEMO);
    equipment.add(pot(id(0x13), "Slope-sided pan", 30, 40, 14, 3.2), DEMO);
    equipment.add(tray(id(0x14), "Roasting tray", 0.5, 0.3, 0.06), DEMO);
    equipment.add(tray(GASTRO, "Gastro tin", 0.51, 0.31, 0.1), DEMO);
    kept.places();
    equipment.add(new HeatSourceEdit(GAS_RING, "Gas ring", HeatKind.GAS, 5000, "5 kW"), DEMO);
    equipment.add(
        new HeatSourceEdit(BIG_BURNER, "Induction", HeatKind.INDUCTION, 3500, "3500 W"), DEMO);
    equipment.add(new HeatSourceEdit(id(0x26), "Back ring", HeatKind.GAS, 3500, "3.5 kW"), DEMO);
    equipment.add(
        new OvenEdit(id(0x23), "Deck oven", 0.65, "65 cm", 0.5, "50 cm", 0.26, "26 cm", 280, true),
        DEMO);
    equipment.add(new MeasureEdit(id(0x24), "ladle", null, 0.13, "130 g"), DEMO);
    equipment.add(new MeasureEdit(id(0x25), "handful", "basil", 0.008, "8 g"), DEMO);
    shelves();
    tonight();
    yesterdaysBatch();
    batchesOnTheStove();
    kept.begin(GASTRO, TALL_POT, WELL);
    kept.tubs();
  }

  /** Sizes in whole centimetres, as they would be read off a tape. */
  private static VesselEdit pot(UUID id, String name, int base, int top, int deep, double empty) {
    return new VesselEdit(
        id,
        name,
        ShapeKind.ROUND,
        base / 100.0,
        base + " cm",
        top / 100.0,
        top + " cm",
        deep / 100.0,
        deep + " cm",
        empty,
        empty + " kg",
        Metal.STAINLESS_STEEL,
        true,
        250.0);
  }

  private static VesselEdit tray(UUID id, String name, double length, double width, double deep) {
    return new VesselEdit(
        id,
        name,
        ShapeKind.RECTANGULAR,
        length,
        Math.round(100 * length) + " cm",
        width,
        Math.round(100 * width) + " cm",
        deep,
        Math.round(100 * deep) + " cm",
        2.2,
        "2.2 kg",
        Metal.STAINLESS_STEEL,
        false,
        280.0);
  }

  /** What the weekly supplies left: opened packs, and sacks that stand dry. */
  private void shelves() {
    LocalDate today = LocalDate.ofInstant(clock.instant(), kitchens.settings().zoneId());
    store(0xa1, "passata", 0.4, "400 g", today.minusDays(3), "cold room, door side");
    store(0xa2, "cream", 0.6, "600 g", today.minusDays(1), "cold room");
    store(0xa3, "canned-whole-tomato", 5.78, "5.78 kg", null, "dry store, two large cans");
    store(0xa4, "onion", 4, "4 kg", null, "dry store");
  }

  private void store(
      int number, String what, double kg, String text, @Nullable LocalDate opened, String where) {
    stock.store(new StockItem(id(number), what, kg, text, opened, null, where, null, 0), DEMO);
  }

  /**
   * Before the night watch, and six at two in the morning; two eat without milk, and one base makes
   * two dishes.
   */
  private void tonight() {
    Avoid milk = new Avoid(Avoid.Kind.ALLERGEN, "MILK");
    List<GroupSheet> two = List.of(new GroupSheet("without milk", 2, List.of(milk)));
    meals.put(
        TONIGHT,
        new MealSheet(
            "Before the night watch",
            List.of(
                dish(
                    "ridge-ragu",
                    20,
                    0.12,
                    null,
                    null,
                    two,
                    pasta("tagliatelle-fresh", 20, 0.12, 4)),
                dish(
                    "harbour-garden",
                    8,
                    0.18,
                    "larder-base",
                    null,
                    List.of(),
                    pieces("cod-steak", 7, 0.025, 58),
                    pieces("chicken-thigh", 1, 0.022, 78)),
                dish(
                    "cellar-cheek",
                    6,
                    0.13,
                    "larder-base",
                    LocalTime.of(2, 0),
                    List.of(),
                    pasta("bucatini", 6, 0.1, 20),
                    strewn("hard-cheese", 6, 0.01)),
                dish("fried-slices", 14, 0.09, null, null, List.of())),
            PackGoal.LEAST_COST,
            null,
            LocalTime.of(18, 30),
            null,
            List.of(new CookSheet("Ada", null, null), new CookSheet("Bo", null, null))),
        0,
        DEMO);
  }

  private static DishSheet dish(
      String formula,
      int covers,
      double serving,
      @Nullable String base,
      @Nullable LocalTime hour,
      List<GroupSheet> groups,
      BesideSheet... besides) {
    return new DishSheet(
        formula,
        List.of(),
        covers,
        serving,
        grams(serving),
        null,
        base,
        groups,
        List.of(besides),
        hour,
        null);
  }

  private static String grams(double kilograms) {
    return Math.round(1000 * kilograms) + " g";
  }

  private static BesideSheet pasta(String shape, int covers, double each, double celsius) {
    return new BesideSheet(
        covers,
        new PastaSheet(
            shape,
            null,
            each,
            grams(each),
            celsius,
            Dressing.IN_THE_PAN,
            null,
            null,
            8,
            10,
            12,
            null),
        null,
        null,
        null);
  }

  private static BesideSheet strewn(String ingredient, int covers, double each) {
    return new BesideSheet(
        covers, null, null, null, new GoodsSheet(ingredient, each, grams(each), true, null));
  }

  /** Poached in the sauce, kept just below its boil. */
  private static BesideSheet pieces(String cut, int covers, double meters, double core) {
    return new BesideSheet(
        covers,
        null,
        new PiecesSheet(cut, null, 1, meters, 5, List.of(), Medium.POACH, 88, core, List.of()),
        null,
        null);
  }

  private void yesterdaysBatch() {
    Instant lit = clock.instant().minus(Duration.ofHours(26));
    UUID batch = id(0x31);
    start(batch, "plain-marinara", 30, RONDEAU, BIG_BURNER, Way.LIVELY, lit);
    weigh(id(0x32), batch, lit.plus(Duration.ofMinutes(50)), 8.56);
    weigh(id(0x33), batch, lit.plus(Duration.ofMinutes(70)), 7.80);
    batches.record(
        batch,
        reading(id(0x35), null, null, 0.091, "91 mm", lit.plus(Duration.ofMinutes(82))),
        DEMO);
    Instant off = lit.plus(Duration.ofMinutes(86));
    batches.record(
        batch,
        new Finish(
            id(0x34),
            3.31,
            "3.31 kg",
            "Bright and just coating. The rondeau boils off more than assumed.",
            null,
            stamp(off)),
        DEMO);
    note(0x36, batch, "Simmer", "The trail of the spoon stays open.", DemoPicture.base64(), off);
  }

  private void note(
      int number, UUID batch, String stage, String note, @Nullable String photo, Instant at) {
    stageNotes.note(new StageNoteWrite(id(number), batch, stage, note, photo, stamp(at)), DEMO);
  }

  /** Two pots: plain sauce on the induction, ragù on the gas ring. */
  private void batchesOnTheStove() {
    Instant lit = clock.instant().minus(Duration.ofMinutes(48));
    UUID plain = id(0x41);
    start(plain, "plain-marinara", 34, RONDEAU, BIG_BURNER, Way.LIVELY, lit);
    weigh(id(0x42), plain, lit.plus(Duration.ofMinutes(40)), 9.88);
    Instant earlier = clock.instant().minus(Duration.ofMinutes(85));
    UUID ragu = id(0x51);
    start(ragu, "ridge-ragu", 12, STOCKPOT, GAS_RING, Way.GENTLE, earlier);
    batches.record(
        ragu,
        reading(id(0x52), null, 0.031, null, "31 mm", earlier.plus(Duration.ofMinutes(75))),
        DEMO);
  }

  private void start(
      UUID batch, String formula, int covers, UUID vessel, UUID burner, Way way, Instant lit) {
    Instant now = clock.instant();
    LocalTime ready = hour(now.plus(Duration.ofHours(5)));
    boolean ragu = formula.equals("ridge-ragu");
    PlanRequest plan =
        new PlanRequest(
            formula,
            null,
            List.of(),
            PlanRequest.Size.COVERS,
            covers,
            List.of(),
            ragu ? 0.15 : 0.11,
            ragu ? "150 g" : "110 g",
            0,
            0,
            ragu ? 0.13 : 0.105,
            null,
            null,
            ragu ? "13 %" : "10.5 %",
            vessel,
            burner,
            new HeatingChoice(way, null, null, null, false),
            Lid.OFF,
            null,
            null,
            null,
            Rounding.EXACT,
            PackGoal.LEAST_COST,
            ready == null ? LocalTime.NOON : ready,
            null);
    starter.start(new StartBatch(batch, plan, 1, null, stamp(lit)), DEMO);
  }

  private void weigh(UUID id, UUID batch, Instant at, double grossKilograms) {
    batches.record(
        batch, reading(id, grossKilograms, null, null, grossKilograms + " kg", at), DEMO);
  }

  private TakeReading reading(
      UUID id,
      @Nullable Double gross,
      @Nullable Double depth,
      @Nullable Double spread,
      String text,
      Instant at) {
    return new TakeReading(
        id,
        gross,
        gross == null ? null : RONDEAU,
        depth,
        null,
        null,
        spread,
        text,
        ReadingSource.TYPED,
        stamp(at));
  }

  private Stamp stamp(Instant at) {
    return new Stamp(at, clock.instant(), null);
  }

  private @Nullable LocalTime hour(Instant at) {
    return at.atZone(ZoneId.of(kitchens.settings().zone())).toLocalTime();
  }

  static UUID id(int last) {
    return new UUID(0x0d3f1c5200004000L, 0x8000000000000000L | last);
  }
}
