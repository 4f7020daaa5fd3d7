package urnstew.app.sizing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.app.serving.ServedBeside;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.pantry.Intake;
import urnstew.core.plan.Placing;
import urnstew.core.serving.Beside;
import urnstew.core.serving.PickUps;
import urnstew.core.serving.PlateCost;
import urnstew.core.serving.SauceBefore;
import urnstew.core.sizing.BaseBatch;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.ShoppingList;
import urnstew.core.sizing.Variant;
import urnstew.units.Mass;

/**
 * A meal, computed.
 *
 * @param name what the cook calls it
 * @param bases made once for several dishes
 * @param dishes sized, with how each pot is parted
 * @param shopping one list for all
 * @param mise one for all
 */
public record Meal(
    String name, List<Common> bases, List<Served> dishes, ShoppingList shopping, MiseEnPlace mise) {

  /**
   * A base with its pot.
   *
   * @param formulaId of the base
   * @param placing where it is cooked; nowhere where tubs give all of it
   * @param tubs that give what need not be made
   */
  public record Common(
      String formulaId, BaseBatch base, Placing placing, List<TubStock.Share> tubs) {
    Common at(Placing place) {
      return new Common(formulaId, base, place, tubs);
    }
  }

  /**
   * One dish.
   *
   * @param dish sized
   * @param from the share of a base that it is made of; empty where it is made on its own
   * @param split how its pot is parted
   * @param fryingLoads by stage
   * @param placing where it is cooked; nowhere where a base is its pot
   * @param inTubs finished already, of what it takes
   * @param tubs that its eaters may get: of the dish itself, and of its base
   * @param besides what goes with it
   * @param drops when pieces go into its sauce; empty where none do
   * @param out its plates one after the other; empty where all go out together
   */
  public record Served(
      Dish dish,
      Optional<FromBase> from,
      Split split,
      Map<String, Integer> fryingLoads,
      Placing placing,
      Mass inTubs,
      List<TubStock.Share> tubs,
      List<ServedBeside> besides,
      Optional<Drops> drops,
      Optional<PickUps> out) {

    /** What goes in for all who eat of it, beside the share of a base. */
    public ResolvedFormula batch() {
      ResolvedFormula all = from.map(one -> one.variant().still()).orElse(dish.batch());
      return split.cooked(all, dish.need().covers());
    }

    Served at(Placing place) {
      return new Served(dish, from, split, fryingLoads, place, inTubs, tubs, besides, drops, out);
    }

    Served dropping(Optional<Drops> list) {
      return new Served(dish, from, split, fryingLoads, placing, inTubs, tubs, besides, list, out);
    }

    /** Its eaters who leave something out. */
    List<Split.Group> groups() {
      return split.branches().stream().map(Split.Branch::group).toList();
    }

    /** What goes with it and is not for eaters who leave something out. */
    List<String> notFor(Split.Group group) {
      return besides.stream()
          .map(ServedBeside::beside)
          .filter(beside -> beside.isHit(group.avoids()))
          .map(Beside::name)
          .toList();
    }

    /** What goes with it, of all that is made for it. */
    public List<ResolvedFormula> besideBatches() {
      return besides.stream().map(one -> one.beside().batch()).toList();
    }

    private List<Portion> besidePortions() {
      return besideBatches().stream().flatMap(batch -> batch.portions().stream()).toList();
    }

    /** What is cooked for its sauce, the share of a base with it. */
    private List<Portion> saucePortions() {
      List<Portion> all =
          from.map(one -> one.variant().ingredients(one.base())).orElse(dish.batch().portions());
      return split
          .cooked(new ResolvedFormula(dish.batch().formula(), all), dish.need().covers())
          .portions();
    }

    /**
     * How tight its sauce has to be before what goes with it gives juice or drinks; empty where
     * nothing does.
     */
    Optional<SauceBefore> sauceBefore() {
      double juice = besides.stream().mapToDouble(ServedBeside::juiceKilograms).sum();
      if (juice > 0) {
        return dish.batch()
            .formula()
            .target()
            .map(wanted -> SauceBefore.juice(wanted, dish.made(), juice));
      }
      return besides.stream().flatMap(one -> one.sauceForTrays().stream()).findFirst();
    }

    /** What a plate of it costs; empty where a price is missing. */
    Optional<PlateCost> plateCost() {
      return PlateCost.of(
          saucePortions(),
          besidePortions(),
          Serving.usualOf(dish.batch().formula()),
          dish.need().serving(),
          dish.need().covers());
    }

    /** All that its eaters have in it: what is cooked for them, and what tubs they may get. */
    List<Intake> ingredients() {
      return Stream.of(
              Declaration.intakes(saucePortions()).stream(),
              Declaration.intakes(besidePortions()).stream(),
              tubs.stream().map(tub -> new Intake(tub.sauce(), tub.mass())))
          .flatMap(intakes -> intakes)
          .toList();
    }

    /** What they have to be told. */
    Declaration declaration() {
      List<String> unread =
          Stream.of(
                  Stream.of(dish.batch()),
                  from.stream().map(FromBase::base),
                  besideBatches().stream())
              .flatMap(formulas -> formulas)
              .flatMap(formula -> Declaration.unread(formula).stream())
              .toList();
      return Declaration.of(ingredients(), dish.made(), unread);
    }
  }

  /**
   * A share of a base.
   *
   * @param base at its own size
   */
  public record FromBase(ResolvedFormula base, Variant variant) {
    boolean isOf(String formulaId) {
      return base.formula().id().equals(formulaId);
    }

    /** Whether a dish is nothing but that share. */
    boolean isAll(DishSheet dish) {
      return isOf(dish.formulaId());
    }
  }

  static Meal of(
      String name,
      List<Common> bases,
      List<Served> dishes,
      Map<String, Mass> stock,
      PackGoal goal) {
    List<ResolvedFormula> batches = batches(bases, dishes);
    return new Meal(
        name, bases, dishes, ShoppingList.of(batches, stock, goal), MiseEnPlace.of(named(batches)));
  }

  /** All that is cooked for it: bases, dishes, and what goes with them. */
  public List<ResolvedFormula> batches() {
    return batches(bases, dishes);
  }

  private static List<ResolvedFormula> batches(List<Common> bases, List<Served> dishes) {
    return Stream.concat(
            bases.stream()
                .flatMap(common -> common.base().made().stream())
                .map(BaseBatch.Made::batch),
            dishes.stream()
                .flatMap(
                    one -> Stream.concat(Stream.of(one.batch()), one.besideBatches().stream())))
        .toList();
  }

  private static Map<String, ResolvedFormula> named(List<ResolvedFormula> batches) {
    Map<String, ResolvedFormula> named = new LinkedHashMap<>();
    List<String> taken = new ArrayList<>();
    for (ResolvedFormula batch : batches) {
      String own = batch.formula().name();
      long before = taken.stream().filter(own::equals).count();
      taken.add(own);
      named.put(before == 0 ? own : own + " (" + (before + 1) + ")", batch);
    }
    return named;
  }
}
