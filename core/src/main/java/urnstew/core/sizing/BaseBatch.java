package urnstew.core.sizing;

import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.units.MassFraction;

/**
 * A base made once, of which several dishes are made.
 *
 * @param batch the base, large enough for all of them
 * @param ribbon of it
 * @param variants one for each dish, in their order
 */
public record BaseBatch(ResolvedFormula batch, Ribbon ribbon, List<Variant> variants) {
  public BaseBatch {
    variants = List.copyOf(variants);
  }

  /**
   * Sizes a base for its dishes.
   *
   * @param base at its own size
   * @param target thickness of the base; empty where it keeps its own
   * @param dishes sized, as each would be made on its own
   */
  public static BaseBatch of(
      ResolvedFormula base, Optional<MassFraction> target, List<Dish> dishes) {
    Ribbon own = Ribbon.of(base, target);
    List<Variant> variants = dishes.stream().map(dish -> Variant.of(base, own, dish)).toList();
    double times = variants.stream().mapToDouble(Variant::times).sum();
    ResolvedFormula batch = base.times(times);
    return new BaseBatch(batch, Ribbon.of(batch, target), variants);
  }
}
