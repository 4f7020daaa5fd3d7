package urnstew.app.sizing;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import urnstew.core.serving.PlateCost;

/**
 * What a plate of a dish costs on the mean, by the sauce that each takes.
 *
 * @param least with as little sauce as is usual
 * @param asServed with what is served
 * @param most with as much as is usual
 */
public record PlateCostView(BigDecimal least, BigDecimal asServed, BigDecimal most) {

  /** Absent where a price is missing. */
  static @Nullable PlateCostView of(Meal.Served served) {
    return served
        .plateCost()
        .map((PlateCost cost) -> new PlateCostView(cost.least(), cost.asServed(), cost.most()))
        .orElse(null);
  }
}
