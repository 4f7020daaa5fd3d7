package urnstew.app.sizing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import urnstew.app.print.Printed;
import urnstew.app.print.PrintedPages;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Moment;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split;
import urnstew.core.formula.Stage;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.pantry.Swap;
import urnstew.core.plan.Placing;
import urnstew.core.plan.StageFit;
import urnstew.core.sizing.BaseBatch;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.Purchase;
import urnstew.core.sizing.Variant;

/** A meal on paper: shopping list, mise en place, and a batch sheet for every dish. */
final class MealPrint {
  private static final float NAME_SHARE = 0.36f;
  private static final float MASS_SHARE = 0.16f;
  private static final float DISH_SHARE = 0.3f;

  private final Meal meal;
  private final Printed printed;
  private final String currency;
  private final BesidePrint besides;

  MealPrint(Meal meal, Printed printed, String currency) {
    this.meal = meal;
    this.printed = printed;
    this.currency = currency;
    this.besides = new BesidePrint(printed);
  }

  byte[] pdf() {
    PrintedPages pages = new PrintedPages(meal.name());
    pages.rows(
        DISH_SHARE, meal.dishes().stream().map(Meal.Served::dish).map(this::inShort).toList());
    pages.heading("To buy").rows(NAME_SHARE, shopping());
    meal.shopping()
        .cost()
        .ifPresent(
            cost ->
                pages.text(
                    String.format(
                        Locale.ROOT,
                        "%.2f %s of it used, %.2f %s for all packs.",
                        cost.used(),
                        currency,
                        cost.bought(),
                        currency)));
    if (!meal.mise().early().isEmpty()) {
      pages.heading("Begin early").rows(NAME_SHARE, early());
    }
    if (!meal.mise().parts().isEmpty()) {
      pages.heading("Made before").rows(NAME_SHARE, parts());
    }
    pages.heading("Mise en place, " + meal.mise().hands().toMinutes() + " min of hands");
    meal.mise().tools().forEach(tool -> pages.text(tool.name()).rows(NAME_SHARE, preps(tool)));
    meal.bases().forEach(common -> base(pages, common));
    meal.dishes().forEach(served -> batch(pages, served));
    return pages.pdf();
  }

  private List<String> inShort(Dish dish) {
    return List.of(
        dish.batch().formula().name(),
        (int) dish.need().covers()
            + " covers of "
            + printed.mass(dish.need().serving().kilograms())
            + ", "
            + printed.mass(dish.made().kilograms())
            + " in all");
  }

  private List<List<String>> shopping() {
    List<List<String>> rows = new ArrayList<>();
    for (Purchase item : meal.shopping().items()) {
      String buy = ShoppingCsv.bought(item.packs());
      String stock =
          item.fromStock().grams() < 0.5
              ? ""
              : ", " + printed.mass(item.fromStock().kilograms()) + " from stock";
      rows.add(
          List.of(
              item.ingredient().name(),
              (buy.isEmpty() ? "nothing" : buy)
                  + "   ("
                  + printed.mass(item.needed().kilograms())
                  + " needed"
                  + stock
                  + ")"));
    }
    return rows;
  }

  private List<List<String>> parts() {
    return meal.mise().parts().stream()
        .map(
            part ->
                List.of(
                    printed.mass(part.mass().kilograms()) + " " + part.name(),
                    part.takes().stream()
                        .map(one -> printed.mass(one.mass().kilograms()) + " " + one.name())
                        .collect(Collectors.joining(", "))))
        .toList();
  }

  private List<List<String>> early() {
    return meal.mise().early().stream()
        .map(
            one ->
                List.of(
                    one.ingredient().name(),
                    one.what()
                        + ", "
                        + printed.mass(one.mass().kilograms())
                        + ", "
                        + (one.before().toHours() >= 2
                            ? one.before().toHours() + " h"
                            : one.before().toMinutes() + " min")
                        + " before"))
        .toList();
  }

  private List<List<String>> preps(MiseEnPlace.Tool tool) {
    return tool.preps().stream()
        .map(
            prep ->
                List.of(
                    (prep.washBefore() ? "wash first; " : "") + prep.ingredient().name(),
                    prep.what()
                        + ", "
                        + printed.mass(prep.mass().kilograms())
                        + " for "
                        + String.join(", ", prep.dishes())))
        .toList();
  }

  private void base(PrintedPages pages, Meal.Common common) {
    BaseBatch base = common.base();
    pages.heading(
        "Base: "
            + base.name()
            + base.made().map(made -> ", " + printed.mass(made.mass().kilograms())).orElse(""));
    if (base.fromTubs().grams() >= 1) {
      pages.text(
          printed.mass(base.fromTubs().kilograms())
              + " of it comes from tubs: "
              + common.tubs().stream()
                  .map(
                      tub ->
                          printed.mass(tub.mass().kilograms())
                              + " "
                              + tub.code()
                              + (tub.frozen() ? ", to be thawed" : ""))
                  .collect(Collectors.joining("; "))
              + ".");
    }
    placed(pages, common.placing());
    base.made().ifPresent(made -> stages(pages, made.batch(), Map.of()));
    base.variants().forEach(variant -> pages.text(share(variant)));
  }

  private String share(Variant variant) {
    return "For "
        + variant.dish().batch().formula().name()
        + " take "
        + printed.mass(variant.share().kilograms())
        + variant
            .leavesBefore()
            .map(
                moment ->
                    " before '"
                        + moment.title()
                        + "'"
                        + (moment.after().isZero() ? "" : ", minute " + moment.after().toMinutes()))
            .orElse(" when it is done")
        + ".";
  }

  private void batch(PrintedPages pages, Meal.Served served) {
    Dish dish = served.dish();
    pages.heading(dish.batch().formula().name() + ", " + printed.mass(dish.made().kilograms()));
    pages.text(told(served));
    served.from().ifPresent(from -> pages.text(from(from)));
    placed(pages, served.placing());
    stages(pages, served.batch(), served.fryingLoads());
    goesWith(pages, served);
    served.split().branches().forEach(branch -> pages.text(branch(branch, served)));
  }

  private static void placed(PrintedPages pages, Placing placing) {
    if (!placing.fits().isEmpty()) {
      pages.text(
          pot(placing.fits())
              + placing.burner().map(burner -> "; on " + burner.name()).orElse("")
              + placing.waitsFor().map(first -> "; once " + first + " is out of it").orElse("")
              + ".");
    }
  }

  private String from(Meal.FromBase from) {
    Variant variant = from.variant();
    if (variant.factor() == 0) {
      return String.join(" ", variant.warnings());
    }
    double lose = variant.toLoseKilograms();
    return "Of "
        + from.base().formula().name()
        + ": "
        + printed.mass(variant.share().kilograms())
        + ", in at '"
        + variant.joinsAt()
        + "'; "
        + (lose >= 0
            ? printed.mass(lose) + " still to boil off. "
            : "let down with " + printed.mass(-lose) + " of water. ")
        + String.join(" ", variant.warnings());
  }

  private void stages(PrintedPages pages, ResolvedFormula batch, Map<String, Integer> loads) {
    List<Stage> stages = batch.formula().stages();
    for (int place = 0; place < stages.size(); place++) {
      pages.text(stage(stages.get(place), loads));
      pages.rows(MASS_SHARE, batch.portionsOf(place).stream().map(this::line).toList());
    }
  }

  private static String stage(Stage stage, Map<String, Integer> fryingLoads) {
    Integer loads = fryingLoads.get(stage.title());
    return stage.title()
        + (stage.time().isZero() ? "" : ", " + stage.time().toMinutes() + " min")
        + (loads == null ? "" : ", in " + loads + " loads")
        + (stage.cues().ready().isEmpty() ? "" : " · until " + stage.cues().ready())
        + (stage.caution().isEmpty() ? "" : " · mind: " + stage.caution())
        + (stage.takeOuts().isEmpty() ? "" : " · take out: " + String.join(", ", stage.takeOuts()));
  }

  private List<String> line(Portion portion) {
    double mass = portion.mass().kilograms();
    double first = portion.firstDose().value();
    return List.of(
        printed.mass(mass),
        portion.ingredient().name()
            + (portion.note().isEmpty() ? "" : ", " + portion.note())
            + (first < 1 ? ", " + printed.mass(mass * first) + " at first" : ""));
  }

  private static String told(Meal.Served served) {
    Declaration told = served.declaration();
    List<String> words = new ArrayList<>(told.inWords());
    told.allergens()
        .forEach(
            one -> words.add(one.allergen().words() + " from " + String.join(", ", one.causes())));
    return String.join("; ", words) + ".";
  }

  /** What goes with a dish, with the hours of its pasta counted back from the plates. */
  private void goesWith(PrintedPages pages, Meal.Served served) {
    if (!served.besides().isEmpty()) {
      pages.text("Goes with");
      pages.rows(NAME_SHARE, served.besides().stream().map(besides::row).toList());
    }
  }

  private static String notFor(Meal.Served served, Split.Group group) {
    List<String> names = served.notFor(group);
    return names.isEmpty() ? "" : " Not for them: " + String.join(", ", names) + ".";
  }

  private String branch(Split.Branch branch, Meal.Served served) {
    String who = branch.group().name() + " (" + branch.group().covers() + ")";
    String notFor = notFor(served, branch.group());
    return branch
        .leavesAt()
        .map(
            moment ->
                "Eaten "
                    + who
                    + ": take out "
                    + printed.mass(branch.share().kilograms())
                    + " before "
                    + at(moment)
                    + ". "
                    + branch.swaps().stream().map(this::swap).collect(Collectors.joining())
                    + String.join(" ", branch.warnings())
                    + notFor)
        .orElse(
            "Eaten "
                + who
                + (notFor.isEmpty() ? ": what everybody eats." : ": the sauce as it is." + notFor));
  }

  private String swap(Swap swap) {
    String instead =
        swap.instead().stream()
            .map(part -> printed.mass(part.mass().kilograms()) + " " + part.ingredient().name())
            .collect(Collectors.joining(" and "));
    return "For "
        + printed.mass(swap.mass().kilograms())
        + " "
        + swap.was().name()
        + ": "
        + (instead.isEmpty() ? "nothing" : instead)
        + ". ";
  }

  private static String at(Moment moment) {
    return "'"
        + moment.title()
        + "'"
        + (moment.after().isZero() ? "" : ", minute " + moment.after().toMinutes());
  }

  /** The fullest stage in each vessel. */
  private static String pot(List<StageFit> fits) {
    return fits.stream()
        .collect(
            Collectors.toMap(
                fit -> fit.vessel().name(),
                fit -> fit,
                (one, other) -> one.fullShare() > other.fullShare() ? one : other,
                LinkedHashMap::new))
        .values()
        .stream()
        .map(
            fit ->
                (fit.vessels() > 1 ? fit.vessels() + " × " : "")
                    + fit.vessel().name()
                    + ", "
                    + Math.round(100 * fit.fullShare())
                    + " % full at '"
                    + fit.stage().title()
                    + "'")
        .collect(Collectors.joining("; "));
  }
}
