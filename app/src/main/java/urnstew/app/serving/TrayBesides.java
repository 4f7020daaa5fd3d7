package urnstew.app.serving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.rules.RuleService;
import urnstew.app.serving.BesideSheet.FillingSheet;
import urnstew.app.serving.BesideSheet.TraySheet;
import urnstew.app.serving.ServedBeside.TrayServed;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.rules.Limit;
import urnstew.core.serving.Beside;
import urnstew.core.serving.Beside.Goods;
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
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** The sauce of a dish in trays. */
@Component
class TrayBesides {
  private final FormulaShelf shelf;
  private final RuleService rules;
  private final OnHand onHand;

  TrayBesides(FormulaShelf shelf, RuleService rules, OnHand onHand) {
    this.shelf = shelf;
    this.rules = rules;
    this.onHand = onHand;
  }

  ServedBeside of(TraySheet sheet, int covers, Dish dish, List<Group> groups) {
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
            oven, sheet.fan(), sheet.trays(), onHand.surroundings().altitude().boilingPoint());
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
    return ServedBeside.of(
        beside,
        beside.warnings(groups, (int) dish.need().covers()),
        new TrayServed(
            layers.get(0),
            build,
            moisture,
            TrayAdvice.of(moisture, sheet.openMinutes(), drainable(sheet)),
            bake,
            sheet.trays()));
  }

  private static double minutesOf(String field, double minutes) {
    return Require.within(field, minutes, 0, 300, "min");
  }

  private VesselShape trayShape(TraySheet sheet) {
    UUID vessel = sheet.vesselId();
    if (vessel != null) {
      return onHand.shape(vessel);
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
    double coating = onHand.coatingBelowFraction();
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
    goods.add(new Goods(onHand.ingredient(sheets.ingredientId()), laid.times(sheet.trays())));
    for (FillingSheet filling : sheet.fillings()) {
      TrayFilling.of(filling.fillingId())
          .ingredientId()
          .ifPresent(
              id ->
                  goods.add(
                      new Goods(
                          onHand.ingredient(id),
                          new Mass(filling.massKilograms() * sheet.trays()))));
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
}
