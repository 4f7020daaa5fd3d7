package urnstew.app.serving;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.rules.RuleService;
import urnstew.app.serving.BesideSheet.PastaSheet;
import urnstew.app.serving.ServedBeside.PastaServed;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
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
import urnstew.core.serving.pasta.PickUpPasta;
import urnstew.core.sizing.Dish;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Pasta that goes with a dish, at the stove and in the pan. */
@Component
class PastaBesides {
  private static final double PAR_COOKED = 0.88;

  /** A dip bath beside the pots. */
  private static final Mass DIP_BATH = new Mass(8);

  /** Of a sauce, so much dries off while pasta is tossed in it (assumption). */
  private static final double TOSSED_OFF = 0.01;

  private final OnHand onHand;
  private final FormulaShelf shelf;
  private final RuleService rules;

  PastaBesides(OnHand onHand, FormulaShelf shelf, RuleService rules) {
    this.onHand = onHand;
    this.shelf = shelf;
    this.rules = rules;
  }

  ServedBeside of(PastaSheet sheet, int covers, Dish dish, List<Group> groups, InUse inUse) {
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
    Vessel pot = onHand.pot(sheet.vesselId(), raw, way, inUse);
    HeatSource burner = onHand.burner(sheet.heatSourceId(), inUse);
    PastaAtStove reckoned = PastaAtStove.of(batch, way, pot, burner, onHand.surroundings());
    PastaAtStove stove =
        Optional.ofNullable(sheet.waterReading())
            .map(
                read ->
                    reckoned.probed(
                        PieceBesides.minutes(read.minutes()),
                        Temperature.ofCelsius(read.waterCelsius())))
            .orElse(reckoned);
    Beside beside = beside(sheet, shape, raw, covers);
    PastaServed served =
        new PastaServed(
            stove,
            reckoned,
            pot,
            burner,
            sheet.dressing(),
            byPickUp(batch, stove),
            tossed ? Optional.of(finish(stove, covers, dish)) : Optional.empty());
    return ServedBeside.of(beside, beside.warnings(groups, (int) dish.need().covers()), served);
  }

  private Beside beside(PastaSheet sheet, PastaShape shape, Mass raw, int covers) {
    String made = sheet.formulaId();
    if (made == null) {
      return Beside.of(
          shape.name(), List.of(new Goods(onHand.ingredient(shape.ingredientId()), raw)), covers);
    }
    if (!shape.isFresh()) {
      throw new InvalidInput(
          "formulaId",
          "not-fresh",
          shape.name() + " is dry: nobody makes it here.",
          "fresh pasta",
          "Choose a fresh shape, or buy it.");
    }
    Beside dough = Beside.ofFormula(shelf.resolved(made, List.of()), raw, covers);
    return new Beside(shape.name(), dough.batch(), raw, covers);
  }

  private PickUpPasta byPickUp(PastaBatch batch, PastaAtStove stove) {
    return new PickUpPasta(
        stove,
        ParCooked.of(batch, stove.minutes(), PAR_COOKED, DIP_BATH, stove.pot().boiling()),
        byTimeAlone());
  }

  private Optional<Duration> byTimeAlone() {
    RuleSet code = rules.inForce();
    return code.allows(Limit.WARM_TIME)
        ? Optional.of(code.time(Limit.WARM_TIME))
        : Optional.empty();
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
}
