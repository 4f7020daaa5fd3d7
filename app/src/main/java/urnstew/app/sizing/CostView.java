package urnstew.app.sizing;

import java.math.BigDecimal;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Cost;

/**
 * What a batch costs: what is used of the packs, and all packs that must be bought.
 *
 * @param used of the whole batch
 * @param bought for the whole batch
 * @param usedPerPortion of one portion
 * @param boughtPerPortion for one portion
 * @param usedPerKilogram of one kilogram of sauce
 */
public record CostView(
    BigDecimal used,
    BigDecimal bought,
    BigDecimal usedPerPortion,
    BigDecimal boughtPerPortion,
    BigDecimal usedPerKilogram) {
  public static CostView of(Cost cost, BatchSize size) {
    Cost portion = cost.over(size.portions());
    return new CostView(
        cost.used(),
        cost.bought(),
        portion.used(),
        portion.bought(),
        cost.over(size.end().total().kilograms()).used());
  }
}
