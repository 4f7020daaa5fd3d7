package urnstew.core.sizing;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import urnstew.units.Mass;

/**
 * What a batch costs, as a range: what all that goes in is worth, and all packs that must be
 * bought.
 *
 * @param used share of its packs that goes into the pot, what is taken from stock at the same price
 * @param bought the packs to buy, leftovers included; what is in stock is paid for
 */
public record Cost(BigDecimal used, BigDecimal bought) {
  /** Of purchases; empty where a price is missing. */
  public static Optional<Cost> of(List<Purchase> purchases) {
    BigDecimal used = BigDecimal.ZERO;
    BigDecimal bought = BigDecimal.ZERO;
    for (Purchase purchase : purchases) {
      PackChoice worth = purchase.withoutStock(PackGoal.LEAST_COST).packs();
      Optional<BigDecimal> there = part(worth, purchase.fromStock());
      Optional<BigDecimal> rest = part(purchase.packs(), purchase.packs().needed());
      Optional<BigDecimal> packs = purchase.packs().cost();
      if (there.isEmpty() || rest.isEmpty() || packs.isEmpty()) {
        return Optional.empty();
      }
      used = used.add(there.orElseThrow()).add(rest.orElseThrow());
      bought = bought.add(packs.orElseThrow());
    }
    return Optional.of(new Cost(money(used), money(bought)));
  }

  /** What so much out of some packs is worth; nothing where it is not bought in packs. */
  private static Optional<BigDecimal> part(PackChoice packs, Mass mass) {
    if (packs.bought().isEmpty() || mass.kilograms() == 0) {
      return Optional.of(BigDecimal.ZERO);
    }
    double share = Math.min(1, mass.kilograms() / packs.holds().kilograms());
    return packs.cost().map(cost -> cost.multiply(BigDecimal.valueOf(share)));
  }

  /** A part of it: a portion, a kilogram. */
  public Cost over(double parts) {
    return new Cost(
        used.divide(BigDecimal.valueOf(parts), 4, RoundingMode.HALF_UP),
        bought.divide(BigDecimal.valueOf(parts), 4, RoundingMode.HALF_UP));
  }

  private static BigDecimal money(BigDecimal sum) {
    return sum.setScale(4, RoundingMode.HALF_UP);
  }
}
