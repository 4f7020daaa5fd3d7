package urnstew.core.serving;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.sizing.Cost;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Purchase;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.Style;
import urnstew.units.Mass;

/**
 * What a plate costs, by the sauce that each takes; what is in stock counts at the price of its
 * packs.
 *
 * @param least with as little sauce as is usual
 * @param asServed with what is served
 * @param most with as much as is usual
 */
public record PlateCost(BigDecimal least, BigDecimal asServed, BigDecimal most) {

  /**
   * The cost of one of so many plates; empty where a price is missing.
   *
   * @param sauce what goes into the sauce of all of them
   * @param beside what goes with it, for all of them
   * @param usual what is usually served of such a sauce
   * @param serving of sauce for each
   */
  public static Optional<PlateCost> of(
      List<Portion> sauce, List<Portion> beside, Serving usual, Mass serving, double covers) {
    double light = Serving.of(usual.use(), Style.LIGHT).sauce().kilograms();
    double generous = Serving.of(usual.use(), Style.GENEROUS).sauce().kilograms();
    double own = serving.kilograms();
    Optional<BigDecimal> least = each(sauce, Math.min(1, light / own), beside, covers);
    Optional<BigDecimal> now = each(sauce, 1, beside, covers);
    Optional<BigDecimal> most = each(sauce, Math.max(1, generous / own), beside, covers);
    return least.flatMap(low -> now.flatMap(as -> most.map(high -> new PlateCost(low, as, high))));
  }

  private static Optional<BigDecimal> each(
      List<Portion> sauce, double factor, List<Portion> beside, double covers) {
    List<Portion> all =
        Stream.concat(sauce.stream().map(one -> one.times(factor)), beside.stream()).toList();
    return Cost.of(Purchase.of(all, PackGoal.LEAST_COST)).map(cost -> cost.over(covers).used());
  }
}
