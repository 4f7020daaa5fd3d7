package urnstew.app.sizing;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Use;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Cost;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.Style;

/**
 * What a batch costs: what is used of the packs, and all packs that must be bought.
 *
 * @param used of the whole batch
 * @param bought for the whole batch
 * @param usedPerPortion of one portion
 * @param boughtPerPortion for one portion
 * @param usedPerKilogram of one kilogram of sauce
 * @param lightPortion of one portion by a light hand, what is on the table included
 * @param generousPortion the same by a generous hand
 */
public record CostView(
    BigDecimal used,
    BigDecimal bought,
    BigDecimal usedPerPortion,
    BigDecimal boughtPerPortion,
    BigDecimal usedPerKilogram,
    @Nullable BigDecimal lightPortion,
    @Nullable BigDecimal generousPortion) {
  /** What a batch costs, and a portion of it for the first use of its formula. */
  public static CostView of(Cost cost, BatchSize size, Need need, Formula formula) {
    Use use = formula.uses().iterator().next();
    Cost portion = cost.over(size.portions());
    BigDecimal perKilogram = cost.over(size.end().total().kilograms()).used();
    return new CostView(
        cost.used(),
        cost.bought(),
        portion.used(),
        portion.bought(),
        perKilogram,
        portion(perKilogram, need.each(Serving.of(use, Style.LIGHT).sauce())),
        portion(perKilogram, need.each(Serving.of(use, Style.GENEROUS).sauce())));
  }

  private static BigDecimal portion(BigDecimal perKilogram, Need need) {
    return perKilogram.multiply(BigDecimal.valueOf(need.massForEach().kilograms()));
  }
}
