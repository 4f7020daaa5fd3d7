package urnstew.app.sizing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.app.formula.TasteView;
import urnstew.app.serving.ServedBeside;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.serving.Plate;
import urnstew.core.serving.Plate.Share;
import urnstew.core.serving.SauceAsEaten;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.sizing.Dish;
import urnstew.units.Mass;

/**
 * What one eater of a dish gets. What goes with it for some only makes a plate of its own.
 *
 * @param covers how many get such a plate
 * @param tastes of its sauce in the pot, and as it is eaten
 */
public record PlateView(
    int covers,
    List<PlateShareView> shares,
    double massKilograms,
    double saltKilograms,
    double saltFraction,
    List<TasteView> tastes) {

  /** One thing on it. */
  public record PlateShareView(String name, double massKilograms, double saltKilograms) {
    static PlateShareView of(Share share) {
      return new PlateShareView(share.name(), share.mass().kilograms(), share.salt().kilograms());
    }
  }

  /** Every plate of a dish; who gets goods that are for some has them with what most eat. */
  static List<PlateView> all(Meal.Served served, Pantry pantry) {
    int covers = (int) served.dish().need().covers();
    List<ServedBeside> common = new ArrayList<>();
    List<ServedBeside> some = new ArrayList<>();
    List<ServedBeside> goods = new ArrayList<>();
    for (ServedBeside one : served.besides()) {
      boolean all = one.beside().covers() >= covers;
      (all ? common : one.goods().isPresent() ? goods : some).add(one);
    }
    List<ServedBeside> most =
        some.stream().max(Comparator.comparingInt(one -> one.beside().covers())).stream().toList();
    List<PlateView> plates = new ArrayList<>();
    if (some.isEmpty()) {
      plates.add(of(covers, served.dish(), common, pantry));
    }
    for (ServedBeside one : some) {
      plates.add(of(one.beside().covers(), served.dish(), with(common, List.of(one)), pantry));
    }
    for (ServedBeside one : goods) {
      List<ServedBeside> theirs = with(with(common, most), List.of(one));
      plates.add(of(one.beside().covers(), served.dish(), theirs, pantry));
    }
    return plates;
  }

  private static <T> List<T> with(List<T> some, List<T> more) {
    return Stream.concat(some.stream(), more.stream()).toList();
  }

  private static PlateView of(int covers, Dish dish, List<ServedBeside> besides, Pantry pantry) {
    List<Share> shares = new ArrayList<>(List.of(sauce(dish)));
    besides.forEach(one -> shares.addAll(shares(one)));
    Plate plate = new Plate(shares);
    SauceAsEaten tastes = asEaten(dish, besides, pantry);
    return new PlateView(
        covers,
        plate.shares().stream().map(PlateShareView::of).toList(),
        plate.mass().kilograms(),
        plate.salt().kilograms(),
        plate.saltShare().value(),
        TasteView.of(tastes.pot(), tastes.eaten(), dish.batch().formula().family()));
  }

  private static SauceAsEaten asEaten(Dish dish, List<ServedBeside> besides, Pantry pantry) {
    Ingredient water = pantry.ingredient("water");
    SauceAsEaten sauce = SauceAsEaten.of(dish.batch(), dish.ribbon().end(), dish.need().serving());
    for (ServedBeside one : besides) {
      double each = 1.0 / one.beside().covers();
      sauce = sauce.thinned(new Mass(one.juiceKilograms() * each), water);
      Optional<PanFinish> pan = one.pasta().flatMap(ServedBeside.PastaServed::finish);
      if (pan.isPresent()) {
        sauce = sauce.tossed(pan.get(), each, water, pantry.ingredient("table-salt"));
      }
      if (one.goods().filter(ServedBeside.GoodsServed::overSauce).isPresent()) {
        sauce = sauce.strewn(one.goods().get().each(one.beside().covers()));
      }
    }
    return sauce;
  }

  private static Share sauce(Dish dish) {
    Mass serving = dish.need().serving();
    Mass salt =
        serving.times(
            FormulaAnalysis.saltOfTheSauce(dish.batch().portions(), dish.ribbon().end()).value());
    return new Share(dish.batch().formula().name(), serving, salt);
  }

  private static List<Share> shares(ServedBeside one) {
    return one.pasta().map(pasta -> pasta(one, pasta)).orElseGet(() -> List.of(pieces(one)));
  }

  private static List<Share> pasta(ServedBeside one, ServedBeside.PastaServed pasta) {
    double each = 1.0 / one.beside().covers();
    List<Share> shares = new ArrayList<>();
    Mass salt = pasta.stove().saltTaken().plus(one.beside().salt());
    shares.add(
        new Share(one.beside().name(), pasta.stove().cooked().times(each), salt.times(each)));
    pasta
        .finish()
        .filter(finish -> finish.ladle().grams() >= 1)
        .ifPresent(finish -> shares.add(ladle(finish, each)));
    return shares;
  }

  private static Share ladle(PanFinish finish, double each) {
    return new Share(
        finish.plain() ? "Water" : "Pasta water",
        finish.ladle().times(each),
        finish.salt().times(each));
  }

  /** As they are eaten: less the juice that they gave. */
  private static Share pieces(ServedBeside one) {
    double each = 1.0 / one.beside().covers();
    double left = 1 - one.piece().map(piece -> piece.cut().juice().likelyShare()).orElse(0.0);
    return new Share(
        one.beside().name(),
        one.beside().each().times(left),
        one.beside().salt().times(each * left));
  }
}
