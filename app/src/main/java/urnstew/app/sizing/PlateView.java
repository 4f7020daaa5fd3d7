package urnstew.app.sizing;

import java.util.ArrayList;
import java.util.List;
import urnstew.app.serving.ServedBeside;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.serving.Plate;
import urnstew.core.serving.Plate.Share;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.sizing.Dish;
import urnstew.units.Mass;

/**
 * What one eater of a dish gets. What goes with it for some only makes a plate of its own.
 *
 * @param covers how many get such a plate
 */
public record PlateView(
    int covers,
    List<PlateShareView> shares,
    double massKilograms,
    double saltKilograms,
    double saltFraction) {

  /** One thing on it. */
  public record PlateShareView(String name, double massKilograms, double saltKilograms) {
    static PlateShareView of(Share share) {
      return new PlateShareView(share.name(), share.mass().kilograms(), share.salt().kilograms());
    }
  }

  /** Every plate of a dish. */
  static List<PlateView> all(Meal.Served served) {
    int covers = (int) served.dish().need().covers();
    List<Share> common = new ArrayList<>(List.of(sauce(served.dish())));
    List<ServedBeside> some = new ArrayList<>();
    for (ServedBeside one : served.besides()) {
      if (one.beside().covers() >= covers) {
        common.addAll(shares(one));
      } else {
        some.add(one);
      }
    }
    if (some.isEmpty()) {
      return List.of(of(covers, new Plate(common)));
    }
    return some.stream()
        .map(
            one -> {
              List<Share> all = new ArrayList<>(common);
              all.addAll(shares(one));
              return of(one.beside().covers(), new Plate(all));
            })
        .toList();
  }

  private static PlateView of(int covers, Plate plate) {
    return new PlateView(
        covers,
        plate.shares().stream().map(PlateShareView::of).toList(),
        plate.mass().kilograms(),
        plate.salt().kilograms(),
        plate.saltShare().value());
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
    return new Share("Pasta water", finish.ladle().times(each), finish.salt().times(each));
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
