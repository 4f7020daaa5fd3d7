package urnstew.core.sizing;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/**
 * What a batch costs, as a range: what is used of the packs, and all packs that must be bought.
 *
 * @param used share of the packs that goes into the pot
 * @param bought the packs themselves, leftovers included
 */
public record Cost(BigDecimal used, BigDecimal bought) {
  /** Of purchases; empty where a price is missing. */
  public static Optional<Cost> of(List<Purchase> purchases) {
    BigDecimal used = BigDecimal.ZERO;
    BigDecimal bought = BigDecimal.ZERO;
    for (Purchase purchase : purchases) {
      if (purchase.packs().bought().isEmpty()) {
        continue;
      }
      Optional<BigDecimal> cost = purchase.packs().cost();
      if (cost.isEmpty()) {
        return Optional.empty();
      }
      double share =
          Math.min(1, purchase.needed().kilograms() / purchase.packs().holds().kilograms());
      used = used.add(cost.orElseThrow().multiply(BigDecimal.valueOf(share)));
      bought = bought.add(cost.orElseThrow());
    }
    return Optional.of(new Cost(money(used), money(bought)));
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
