package urnstew.app.serving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.pantry.PantryService;
import urnstew.app.rules.RuleService;
import urnstew.app.serving.BesideSheet.FillingSheet;
import urnstew.app.serving.BesideSheet.PastaSheet;
import urnstew.app.serving.BesideSheet.PiecesSheet;
import urnstew.app.serving.BesideSheet.TraySheet;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.app.serving.ServedBeside.PastaServed;
import urnstew.app.serving.ServedBeside.PieceServed;
import urnstew.app.serving.ServedBeside.TrayServed;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.pantry.Ingredient;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.sauce.PotContents;
import urnstew.core.serving.Beside;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.Dressing;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.serving.pasta.ParCooked;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PastaBatch;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.DropKind;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.Medium;
import urnstew.core.serving.piece.Piece;
import urnstew.core.serving.piece.Probed;
import urnstew.core.serving.piece.SauceBath;
import urnstew.core.serving.piece.Spell;
import urnstew.core.serving.tray.Sheet;
import urnstew.core.serving.tray.TrayAdvice;
import urnstew.core.serving.tray.TrayBake;
import urnstew.core.serving.tray.TrayBuild;
import urnstew.core.serving.tray.TrayFilling;
import urnstew.core.serving.tray.TrayLayer;
import urnstew.core.serving.tray.TrayMoisture;
import urnstew.core.serving.tray.TraySize;
import urnstew.core.sizing.Dish;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** Computes what goes with a dish. */
@Service
public class BesideService {
  private static final double PAR_COOKED = 0.88;

  /** A dip bath beside the pots. */
  private static final Mass DIP_BATH = new Mass(8);

  /** Of a sauce, so much dries off while pasta is tossed in it (assumption). */
  private static final double TOSSED_OFF = 0.01;

  /** What a simmering pot loses to the room, of what its burner gives (assumption). */
  private static final double LOST_SHARE = 0.1;

  private final FormulaShelf shelf;
  private final PantryService pantry;
  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final RuleService rules;

  BesideService(
      FormulaShelf shelf,
      PantryService pantry,
      KitchenService kitchens,
      EquipmentService equipment,
      RuleService rules) {
    this.shelf = shelf;
    this.pantry = pantry;
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.rules = rules;
  }

  /**
   * Everything that goes with one dish.
   *
   * @param field of the dish in the request, with a dot at its end
   */
  public List<ServedBeside> all(
      String field, List<BesideSheet> sheets, Dish dish, List<Group> groups) {
    List<ServedBeside> all = new ArrayList<>();
    for (int place = 0; place < sheets.size(); place++) {
      all.add(one(field + "besides." + place + ".", sheets.get(place), dish, groups));
    }
    return all.stream().map(one -> one.warning(apart(one, all, dish, groups))).toList();
  }

  /** What is eaten instead of something else is cooked apart from it, with its sauce. */
  private static List<String> apart(
      ServedBeside one, List<ServedBeside> all, Dish dish, List<Group> groups) {
    int eaters = (int) dish.need().covers();
    return all.stream()
        .flatMap(
            other ->
                one.beside().insteadOf(other.beside(), groups, eaters).stream()
                    .map(
                        who ->
                            "Cook it, and their sauce, apart from "
                                + other.beside().name()
                                + ": it is for those who eat "
                                + who
                                + "."))
        .toList();
  }

  private ServedBeside one(String field, BesideSheet sheet, Dish dish, List<Group> groups) {
    PastaSheet pasta = sheet.pasta();
    PiecesSheet piece = sheet.piece();
    TraySheet tray = sheet.tray();
    int eaters = (int) dish.need().covers();
    if (sheet.covers() < 1 || sheet.covers() > eaters) {
      throw new InvalidInput(
          field + "covers",
          "too-large",
          sheet.covers() + " get it, but " + eaters + " eat of the dish.",
          "1 to " + eaters,
          "Type how many of them get it, or raise the covers of the dish.");
    }
    if (pasta != null) {
      return within(field, "pasta.", () -> pasta(pasta, sheet.covers(), dish, groups));
    }
    if (piece != null) {
      return within(field, "piece.", () -> piece(piece, sheet.covers(), groups, eaters));
    }
    if (tray != null) {
      return within(field, "tray.", () -> tray(tray, sheet.covers(), dish, groups));
    }
    throw new InvalidInput(
        field + "pasta",
        "missing",
        "It says nothing of what goes with the dish.",
        "pasta, pieces or a tray",
        "Choose what goes with it.");
  }

  /** Names the field that a fault of the core belongs to. */
  private static <T> T within(String field, String kind, Supplier<T> value) {
    try {
      return value.get();
    } catch (InvalidInput fault) {
      throw fault.named(field + BesideFields.of(kind, fault.parameter()));
    }
  }

  private ServedBeside pasta(PastaSheet sheet, int covers, Dish dish, List<Group> groups) {
    PastaShape shape = PastaShape.of(sheet.shapeId());
    Mass raw = new Mass(sheet.rawMassEachKilograms() * covers);
    PastaBatch batch = new PastaBatch(shape, raw, Temperature.ofCelsius(sheet.startCelsius()));
    boolean tossed = sheet.dressing() == Dressing.IN_THE_PAN;
    PastaAtStove.Way way =
        new PastaAtStove.Way(
            sheet.litersPerKilogram(),
            sheet.saltGramsPerLiter(),
            Temperature.ofCelsius(sheet.waterCelsius()),
            tossed);
    Vessel pot = pot(sheet.vesselId(), raw, way);
    HeatSource burner = burner(sheet.heatSourceId());
    PastaAtStove reckoned = PastaAtStove.of(batch, way, pot, burner, surroundings());
    PastaAtStove stove =
        Optional.ofNullable(sheet.waterReading())
            .map(
                read ->
                    reckoned.probed(
                        minutes(read.minutes()), Temperature.ofCelsius(read.waterCelsius())))
            .orElse(reckoned);
    Beside beside =
        Beside.of(shape.name(), List.of(new Goods(ingredient(shape.ingredientId()), raw)), covers);
    PastaServed served =
        new PastaServed(
            stove,
            reckoned,
            pot,
            burner,
            sheet.dressing(),
            ParCooked.of(batch, stove.minutes(), PAR_COOKED, DIP_BATH, stove.pot().boiling()),
            tossed ? Optional.of(finish(stove, covers, dish)) : Optional.empty());
    return new ServedBeside(
        beside,
        beside.warnings(groups, (int) dish.need().covers()),
        Optional.of(served),
        Optional.empty(),
        Optional.empty());
  }

  private PanFinish finish(PastaAtStove stove, int covers, Dish dish) {
    PotContents sauce = served(dish, covers);
    return PanFinish.of(
        sauce,
        stove.stillDrinks(),
        sauce.sauce().total().times(TOSSED_OFF),
        new PanFinish.PastaWater(stove.starchGramsPerLiterAfter(), stove.saltGramsPerLiterAfter()),
        dish.ribbon().end().equivalentSolids());
  }

  /** The sauce that so many eaters get. */
  private static PotContents served(Dish dish, int covers) {
    double mass = dish.need().serving().kilograms() * covers;
    return dish.ribbon().end().times(mass / dish.made().kilograms());
  }

  private ServedBeside piece(PiecesSheet sheet, int covers, List<Group> groups, int eaters) {
    Cut cut = Cut.of(sheet.cutId());
    Piece piece =
        new Piece(
            cut, new Length(sheet.thicknessMeters()), Temperature.ofCelsius(sheet.startCelsius()));
    if (!(sheet.piecesEach() > 0) || sheet.piecesEach() > 100) {
      throw new InvalidInput(
          "piecesEach",
          "out-of-range",
          sheet.piecesEach() + " pieces a head cannot be served.",
          "more than 0, up to 100",
          "Type how many pieces each gets, such as 1 or 0.5.");
    }
    int count = (int) Math.ceil(sheet.piecesEach() * covers - 1e-9);
    Mass raw = piece.mass().times(count);
    Beside beside =
        Optional.ofNullable(sheet.formulaId())
            .map(id -> Beside.ofFormula(shelf.resolved(id, List.of()), raw, covers))
            .orElseGet(
                () ->
                    Beside.of(
                        cut.name(),
                        List.of(new Goods(ingredient(cut.ingredientId()), raw)),
                        covers));
    Cooking cooking =
        Cooking.of(
            piece,
            sheet.before().stream()
                .map(one -> spell(one.medium(), one.mediumCelsius(), one.minutes()))
                .toList(),
            sheet.medium(),
            Temperature.ofCelsius(sheet.mediumCelsius()),
            Temperature.ofCelsius(sheet.coreCelsius()));
    Probed probed =
        Probed.of(
            cooking,
            sheet.readings().stream()
                .map(
                    one ->
                        new Probed.Reading(
                            minutes(one.minutes()), Temperature.ofCelsius(one.coreCelsius())))
                .toList());
    RuleSet inForce = rules.inForce();
    boolean inSauce = sheet.medium() == Medium.POACH || sheet.medium() == Medium.STEAM;
    return new ServedBeside(
        beside,
        beside.warnings(groups, eaters),
        Optional.empty(),
        Optional.of(
            new PieceServed(cooking, probed, probed.rule(inForce), inForce.name(), count, inSauce)),
        Optional.empty());
  }

  private static Spell spell(Medium medium, double celsius, double minutes) {
    return new Spell(medium, Temperature.ofCelsius(celsius), minutes(minutes));
  }

  private static Duration minutes(double minutes) {
    return Duration.ofMillis(Math.round(60_000 * minutes));
  }

  private ServedBeside tray(TraySheet sheet, int covers, Dish dish, List<Group> groups) {
    VesselShape shape = trayShape(sheet);
    if (sheet.trays() < 1 || sheet.trays() > 10) {
      throw new InvalidInput(
          "trays", "out-of-range", sheet.trays() + " trays.", "1 to 10", "Type 1 to 10.");
    }
    Sheet sheets = Sheet.of(sheet.sheetId());
    Mass laidMass = new Mass(sheet.sheetsMassKilograms());
    TrayMoisture.Laid laid = new TrayMoisture.Laid(sheets, laidMass);
    List<TrayLayer> layers = new ArrayList<>();
    layers.add(sauceLayer(dish, sheet.trays()));
    sheet.fillings().forEach(one -> layers.add(layer(one)));
    Temperature oven = Temperature.ofCelsius(sheet.ovenCelsius());
    TrayBuild build = TrayBuild.of(shape, laid, sheet.layers(), layers);
    TrayBake.Heat heat =
        new TrayBake.Heat(
            oven, sheet.fan(), sheet.trays(), surroundings().altitude().boilingPoint());
    TrayMoisture moisture =
        TrayMoisture.of(
            List.of(laid),
            layers,
            shape.surfaceAt(build.filled()),
            oven,
            sheet.fan(),
            minutesOf("coveredMinutes", sheet.coveredMinutes()),
            minutesOf("openMinutes", sheet.openMinutes()));
    TrayBake bake =
        TrayBake.of(
            build.filled(),
            Temperature.ofCelsius(sheet.startCelsius()),
            heat,
            Temperature.ofCelsius(sheet.coreCelsius()),
            rules.inForce().temperature(Limit.HOT_HOLD));
    Beside beside = trayGoods(sheet, sheets, laidMass, covers);
    return new ServedBeside(
        beside,
        beside.warnings(groups, (int) dish.need().covers()),
        Optional.empty(),
        Optional.empty(),
        Optional.of(
            new TrayServed(
                layers.get(0),
                build,
                moisture,
                TrayAdvice.of(moisture, sheet.openMinutes(), drainable(sheet)),
                bake,
                sheet.trays())));
  }

  private static double minutesOf(String field, double minutes) {
    return Require.within(field, minutes, 0, 300, "min");
  }

  private VesselShape trayShape(TraySheet sheet) {
    UUID vessel = sheet.vesselId();
    if (vessel != null) {
      return equipment.vessel(vessel).vessel().shape();
    }
    return TraySize.shipped().stream()
        .filter(size -> size.id().equals(sheet.traySizeId()))
        .findFirst()
        .map(TraySize::inside)
        .orElseThrow(
            () ->
                new InvalidInput(
                    "traySizeId",
                    "unknown",
                    "No tray was chosen.",
                    "a tray of the kitchen or of the table",
                    "Choose a tray."));
  }

  /**
   * The dish's own sauce: it can give water until it is as its formula wants it, or until it no
   * longer only coats.
   */
  private TrayLayer sauceLayer(Dish dish, int trays) {
    MassFraction solids = dish.ribbon().end().equivalentSolids();
    double coating = kitchens.settings().coatingBelowFraction();
    double own = dish.batch().formula().target().map(MassFraction::value).orElse(solids.value());
    return new TrayLayer(
        dish.batch().formula().name(),
        dish.made().times(1.0 / trays),
        solids,
        new MassFraction(Math.max(coating, own)));
  }

  private static TrayLayer layer(FillingSheet filling) {
    return TrayFilling.of(filling.fillingId()).layer(new Mass(filling.massKilograms()));
  }

  private static Mass drainable(TraySheet sheet) {
    double all = 0;
    for (FillingSheet filling : sheet.fillings()) {
      all += filling.massKilograms() * TrayFilling.of(filling.fillingId()).drainable().value();
    }
    return new Mass(all);
  }

  private Beside trayGoods(TraySheet sheet, Sheet sheets, Mass laid, int covers) {
    List<Goods> goods = new ArrayList<>();
    goods.add(new Goods(ingredient(sheets.ingredientId()), laid.times(sheet.trays())));
    for (FillingSheet filling : sheet.fillings()) {
      TrayFilling.of(filling.fillingId())
          .ingredientId()
          .ifPresent(
              id ->
                  goods.add(
                      new Goods(
                          ingredient(id), new Mass(filling.massKilograms() * sheet.trays()))));
    }
    Beside all = Beside.of(sheets.name(), goods, covers);
    for (FillingSheet filling : sheet.fillings()) {
      Optional<String> made = TrayFilling.of(filling.fillingId()).formulaId();
      if (made.isPresent()) {
        all =
            all.with(
                shelf.resolved(made.get(), List.of()),
                new Mass(filling.massKilograms() * sheet.trays()));
      }
    }
    return all;
  }

  /** Everything that cooks in the sauce of a dish, all done together; empty where nothing does. */
  public Optional<Drops> drops(
      String field,
      Dish dish,
      List<ServedBeside> besides,
      List<Group> groups,
      Optional<Vessel> pot) {
    List<PieceServed> inSauce =
        besides.stream()
            .filter(one -> apart(one, besides, dish, groups).isEmpty())
            .flatMap(one -> one.piece().stream())
            .filter(one -> one.inSauce() && one.cooking().before().isEmpty())
            .toList();
    if (inSauce.isEmpty()) {
      return Optional.empty();
    }
    Vessel vessel = pot.orElseGet(this::widest);
    double hottest =
        inSauce.stream().mapToDouble(one -> one.cooking().celsius().celsius()).max().orElseThrow();
    SauceBath bath =
        new SauceBath(
            dish.made(),
            Temperature.ofCelsius(hottest),
            burner(null).powerIntoPot().times(1 - LOST_SHARE));
    DropList list =
        within(
            field,
            "",
            () ->
                DropList.of(
                    inSauce.stream()
                        .map(
                            one ->
                                new DropKind(
                                    one.cooking().piece(), one.count(), one.cooking().taste()))
                        .toList(),
                    bath,
                    vessel.shape().floor(),
                    vessel.lid()));
    return Optional.of(new Drops(list, vessel));
  }

  private Vessel widest() {
    return equipment.vessels().stream()
        .filter(vessel -> !vessel.tray())
        .max(Comparator.comparing(vessel -> vessel.shape().floor().squareMeters()))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "besides", "no-pot", "The kitchen has no pot.", "a pot", "Add a pot."));
  }

  private Vessel pot(@Nullable UUID id, Mass raw, PastaAtStove.Way way) {
    return id == null
        ? PastaAtStove.potFor(raw, way, equipment.vessels())
        : equipment.vessel(id).vessel();
  }

  private HeatSource burner(@Nullable UUID id) {
    if (id != null) {
      return equipment.heatSource(id).heatSource();
    }
    return kitchens.view().heatSources().stream()
        .map(HeatSourceView::heatSource)
        .max(Comparator.comparing(HeatSource::powerIntoPot))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "burner",
                    "none",
                    "The kitchen has no burner.",
                    "a burner in the kitchen",
                    "Add a burner to the kitchen."));
  }

  private Surroundings surroundings() {
    return kitchens.settings().surroundings();
  }

  private Ingredient ingredient(String id) {
    return pantry.pantry().ingredient(id);
  }
}
