package urnstew.app.sizing;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.pantry.PantryService;
import urnstew.app.pantry.StockItem;
import urnstew.app.pantry.StockService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.app.serving.BesideService;
import urnstew.app.serving.InUse;
import urnstew.app.sizing.Meal.Common;
import urnstew.app.sizing.Meal.FromBase;
import urnstew.app.sizing.Meal.Served;
import urnstew.app.sizing.MealMapper.MealRow;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.app.sizing.store.MealDocuments;
import urnstew.core.formula.Larder;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Split;
import urnstew.core.formula.Split.Group;
import urnstew.core.pantry.Pantry;
import urnstew.core.plan.Placing;
import urnstew.core.serving.PickUps;
import urnstew.core.sizing.BaseBatch;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.Purchase;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Power;

/** Keeps meals and computes what they take. */
@Service
public class MealService {
  private static final Power NO_BURNER = new Power(1500);
  private static final double LEAST_LEFT_GRAMS = 5;
  private static final Mass ALL_THERE_IS = new Mass(10_000);

  private final MealMapper mapper;
  private final FormulaShelf shelf;
  private final PantryService pantry;
  private final StockService stock;
  private final TubStock tubs;
  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final BesideService besides;
  private final MealPots pots;
  private final IdempotencyStore writes;
  private final Clock clock;

  MealService(
      MealMapper mapper,
      FormulaShelf shelf,
      PantryService pantry,
      StockService stock,
      TubStock tubs,
      KitchenService kitchens,
      EquipmentService equipment,
      BesideService besides,
      MealPots pots,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.shelf = shelf;
    this.pantry = pantry;
    this.stock = stock;
    this.tubs = tubs;
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.besides = besides;
    this.pots = pots;
    this.writes = writes;
    this.clock = clock;
  }

  /** Meals that are not put away, the last changed first. */
  @Transactional(readOnly = true)
  List<MealView.MealName> all() {
    return mapper.all().stream().map(row -> new MealView.MealName(row.id(), row.name())).toList();
  }

  /** One meal with all that it takes. */
  @Transactional(readOnly = true)
  public MealView one(UUID id) {
    MealRow row = row(id);
    MealSheet sheet = sheet(row);
    return view(row.id(), row.version(), sheet);
  }

  /** What a meal would take, while it is written. */
  @Transactional(readOnly = true)
  public MealView preview(UUID id, MealSheet sheet) {
    return view(id, 0, sheet);
  }

  /** What a meal is written as, and what that takes. */
  @Transactional(readOnly = true)
  public Worked worked(UUID id) {
    MealRow row = row(id);
    MealSheet sheet = sheet(row);
    return new Worked(row.version(), sheet, meal(sheet));
  }

  /** A meal as it is written, and computed. */
  public record Worked(int version, MealSheet sheet, Meal meal) {}

  private MealView view(UUID id, int version, MealSheet sheet) {
    return MealView.of(id, version, sheet, meal(sheet), pantry.avoided(), pantry.pantry());
  }

  /**
   * Writes a meal.
   *
   * @param version that the cook saw; 0 for a new one
   */
  @Write
  public MealView put(UUID id, MealSheet sheet, int version, Actor actor) {
    if (sheet.name().isBlank() || sheet.name().length() > 80) {
      throw new InvalidInput(
          "name", "length", "A name has 1 to 80 letters.", "1 to 80 letters", "Type a name.");
    }
    meal(sheet);
    String document = MealDocuments.MEAL.write(sheet);
    int stored =
        version == 0
            ? mapper.add(id, sheet.name(), document, clock.instant())
            : mapper.change(id, sheet.name(), document, clock.instant(), version);
    if (stored == 0 && !sheet.equals(sheet(row(id)))) {
      throw new ConflictException(
          "Somebody else changed the meal meanwhile.", "Load it again, then change it.");
    }
    return one(id);
  }

  /**
   * Once it is cooked: what came from stock is off the shelf, and what is left in opened packs is
   * on it, dated.
   *
   * @param writeId identity of the write: sent twice it happens once
   */
  @Write
  public Leftovers cooked(UUID id, UUID writeId, Actor actor) {
    MealSheet sheet = sheet(row(id));
    List<UUID> left =
        writes.once(writeId, "meal-cooked", id.toString(), () -> leftovers(sheet, actor));
    return new Leftovers(left.stream().map(stock::item).toList());
  }

  private List<UUID> leftovers(MealSheet sheet, Actor actor) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), kitchens.settings().zoneId());
    List<StockItem> left = new ArrayList<>();
    Meal meal = meal(sheet);
    meal.bases().stream()
        .sorted(Comparator.comparing(Meal.Common::formulaId))
        .forEach(base -> tubs.take(base.formulaId(), base.base().fromTubs(), sheet.name(), actor));
    for (Purchase item : meal.shopping().items()) {
      String ingredient = item.ingredient().id();
      left.addAll(stock.use(ingredient, item.fromStock(), today));
      boolean packed = item.packs().bought().stream().anyMatch(bought -> !bought.pack().loose());
      if (packed && item.packs().left().grams() >= LEAST_LEFT_GRAMS) {
        left.add(
            stock.leaveOver(
                UUID.randomUUID(),
                ingredient,
                item.packs().left(),
                today,
                "left: " + sheet.name()));
      }
    }
    return left.stream().map(StockItem::id).toList();
  }

  /** What a cooked meal left on the shelf. */
  public record Leftovers(List<StockItem> left) {}

  /** Puts a meal away, or takes it out again. */
  @Write
  public void retire(UUID id, boolean retired, Actor actor) {
    if (mapper.retire(id, retired) == 0) {
      throw new NotFoundException("meal", id);
    }
  }

  /** Shopping list, mise en place and a batch sheet for every dish, to print. */
  @Transactional(readOnly = true)
  public byte[] pdf(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    return new MealPrint(meal(sheet(row(id))), kitchen.printed(), kitchen.currency()).pdf();
  }

  /** The shopping list as a table. */
  @Transactional(readOnly = true)
  public String shopping(UUID id) {
    return ShoppingCsv.write(meal(sheet(row(id))).shopping());
  }

  /** The dishes as a table. */
  @Transactional(readOnly = true)
  public String dishes(UUID id) {
    return DishesCsv.write(meal(sheet(row(id))));
  }

  private Meal meal(MealSheet sheet) {
    List<Dish> dishes = new ArrayList<>();
    for (int place = 0; place < sheet.dishes().size(); place++) {
      dishes.add(dish("dishes." + place + ".", sheet.dishes().get(place)));
    }
    Map<Integer, FromBase> shares = new HashMap<>();
    List<Common> bases =
        sheet.dishes().stream()
            .flatMap(dish -> sheet.baseOf(dish).stream())
            .distinct()
            .map(id -> common(id, sheet, dishes, shares))
            .toList();
    Set<UUID> taken = pots.taken(sheet);
    List<Placing> placings = pots.placings(sheet, bases, dishes, shares, taken);
    InUse inUse = new InUse(placings, taken);
    Iterator<Placing> next = placings.iterator();
    List<Common> cooked =
        bases.stream()
            .map(base -> base.base().made().isPresent() ? base.at(next.next()) : base)
            .toList();
    Larder all = shelf.larder();
    List<Served> served = new ArrayList<>();
    for (int place = 0; place < dishes.size(); place++) {
      DishSheet written = sheet.dishes().get(place);
      Optional<FromBase> from = Optional.ofNullable(shares.get(place));
      Served one =
          served(
              sheet,
              written,
              dishes.get(place),
              from,
              cooked,
              all.pantryOf(dishes.get(place).batch().formula()),
              "dishes." + place + ".",
              inUse);
      served.add(MealPots.hasPot(from, written, bases) ? one.at(next.next()) : one);
    }
    return Meal.of(sheet.name(), cooked, withDrops(served), stock.masses(), sheet.packGoal());
  }

  /** What goes into the sauce of each, in the pot that it got. */
  private List<Served> withDrops(List<Served> served) {
    return served.stream()
        .map(
            one ->
                one.dropping(
                    besides.drops(one.dish(), one.besides(), one.groups(), one.placing().pot())))
        .toList();
  }

  /** One base for all dishes that name it; what each takes is put at its place. */
  private Common common(
      String id, MealSheet sheet, List<Dish> dishes, Map<Integer, FromBase> shares) {
    List<Integer> places =
        IntStream.range(0, dishes.size())
            .filter(place -> sheet.baseOf(sheet.dishes().get(place)).filter(id::equals).isPresent())
            .boxed()
            .toList();
    String field = "dishes." + places.get(0) + ".baseFormulaId";
    ResolvedFormula own = at(field, () -> shelf.resolved(id, List.of()));
    BaseBatch base =
        at(
            field,
            () ->
                BaseBatch.of(
                    own,
                    own.formula().target(),
                    places.stream().map(dishes::get).toList(),
                    inTubs(id, sheet)));
    for (int i = 0; i < places.size(); i++) {
      shares.put(places.get(i), new FromBase(own, base.variants().get(i)));
    }
    return new Common(id, base, Placing.NOWHERE, tubs.shares(id, base.fromTubs()));
  }

  private Mass inTubs(String formulaId, MealSheet sheet) {
    return Boolean.TRUE.equals(sheet.tubsStay()) ? Mass.ZERO : inTubs(formulaId, ALL_THERE_IS);
  }

  private Mass inTubs(String formulaId, Mass wanted) {
    return tubs.shares(formulaId, wanted).stream()
        .map(TubStock.Share::mass)
        .reduce(Mass.ZERO, Mass::plus);
  }

  private Dish dish(String at, DishSheet sheet) {
    ResolvedFormula formula =
        at(at + "formulaId", () -> shelf.resolved(sheet.formulaId(), sheet.schools()));
    Need need = need(at, sheet, formula);
    return at(
        at + "targetSolidsFraction", () -> Dish.of(formula, need, MealPots.target(sheet, formula)));
  }

  private Served served(
      MealSheet meal,
      DishSheet sheet,
      Dish dish,
      Optional<FromBase> from,
      List<Common> bases,
      Pantry all,
      String field,
      InUse inUse) {
    List<Group> groups =
        sheet.groups().stream()
            .map(group -> new Group(group.name(), group.covers(), group.avoid()))
            .toList();
    return new Served(
        dish,
        from,
        Split.of(dish.batch(), dish.ribbon(), sheet.covers(), groups, all),
        dish.fryingLoads(strongest()),
        Placing.NOWHERE,
        from.filter(base -> base.isAll(sheet)).isPresent()
            ? Mass.ZERO
            : inTubs(sheet.formulaId(), dish.made()),
        tubs(sheet, dish, from, bases),
        besides.all(field, sheet.allBesides(), dish, groups, inUse),
        Optional.empty(),
        window(field, meal, sheet));
  }

  /** Of a dish that goes out by the pick-up; the hour alone says nothing of it. */
  private static Optional<PickUps> window(String field, MealSheet meal, DishSheet dish) {
    String where = dish.servedUntilLocalTime() == null ? "" : field;
    return at(
        where + "servedUntilLocalTime",
        () ->
            DishHours.of(meal, dish)
                .map(hours -> hours.out(dish.covers(), Instant.EPOCH))
                .filter(PickUps::isWindow));
  }

  /** Every tub that its eaters may get: of the dish, and of the base that it takes. */
  private List<TubStock.Share> tubs(
      DishSheet sheet, Dish dish, Optional<FromBase> from, List<Common> bases) {
    List<TubStock.Share> all = new ArrayList<>();
    if (from.filter(base -> base.isAll(sheet)).isEmpty()) {
      all.addAll(tubs.shares(sheet.formulaId(), dish.made()));
    }
    bases.stream()
        .filter(base -> from.filter(one -> one.isOf(base.formulaId())).isPresent())
        .forEach(base -> all.addAll(base.tubs()));
    return all;
  }

  /** Of a part, such as meatballs or a dough, a bare number could be pieces as well as grams. */
  private Need need(String at, DishSheet sheet, ResolvedFormula formula) {
    Mass serving = at(at + "servingMassKilograms", () -> new Mass(sheet.servingMassKilograms()));
    agree(
        at + "servingMassKilograms",
        sheet.servingText(),
        kitchens.massText(formula.formula().target().isPresent() ? "g" : ""),
        serving.kilograms());
    String culprit =
        sheet.covers() < 1 || sheet.covers() > 5000 ? "covers" : "servingMassKilograms";
    return at(at + culprit, () -> new Need(sheet.covers(), serving));
  }

  private Power strongest() {
    return kitchens.view().heatSources().stream()
        .map(source -> source.heatSource().powerIntoPot())
        .max(Comparator.naturalOrder())
        .orElse(NO_BURNER);
  }

  private MealRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("meal", id));
  }

  private MealSheet sheet(MealRow row) {
    return MealDocuments.MEAL.read(row.document());
  }
}
