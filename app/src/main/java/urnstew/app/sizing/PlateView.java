package urnstew.app.sizing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.ServedBeside;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.serving.Plate;
import urnstew.core.serving.Plate.Share;
import urnstew.core.serving.PlateCost;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.sizing.Dish;
import urnstew.units.Mass;

/**
 * What one eater of a dish gets, of everything that goes with it.
 *
 * @param costLeast with as little sauce as is usual; all three absent where a price is missing
 * @param costAsServed with what is served
 * @param costMost with as much as is usual
 */
public record PlateView(
    List<PlateShareView> shares,
    double massKilograms,
    double saltKilograms,
    double saltFraction,
    @Nullable BigDecimal costLeast,
    @Nullable BigDecimal costAsServed,
    @Nullable BigDecimal costMost) {

  /** One thing on it. */
  public record PlateShareView(String name, double massKilograms, double saltKilograms) {
    static PlateShareView of(Share share) {
      return new PlateShareView(share.name(), share.mass().kilograms(), share.salt().kilograms());
    }
  }

  static PlateView of(Meal.Served served) {
    Plate plate = plate(served);
    Optional<PlateCost> cost = served.plateCost();
    return new PlateView(
        plate.shares().stream().map(PlateShareView::of).toList(),
        plate.mass().kilograms(),
        plate.salt().kilograms(),
        plate.saltShare().value(),
        cost.map(PlateCost::least).orElse(null),
        cost.map(PlateCost::asServed).orElse(null),
        cost.map(PlateCost::most).orElse(null));
  }

  private static Plate plate(Meal.Served served) {
    Dish dish = served.dish();
    List<Share> shares = new ArrayList<>();
    Mass serving = dish.need().serving();
    Mass salt =
        serving.times(
            FormulaAnalysis.saltOfTheSauce(dish.batch().portions(), dish.ribbon().end()).value());
    shares.add(new Share(dish.batch().formula().name(), serving, salt));
    for (ServedBeside one : served.besides()) {
      one.pasta()
          .ifPresentOrElse(
              pasta -> shares.addAll(pasta(one, pasta)), () -> shares.add(pieces(one)));
    }
    return new Plate(shares);
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

  private static Share pieces(ServedBeside one) {
    double each = 1.0 / one.beside().covers();
    return new Share(one.beside().name(), one.beside().each(), one.beside().salt().times(each));
  }
}
