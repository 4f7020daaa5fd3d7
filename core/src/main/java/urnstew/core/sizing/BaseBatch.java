package urnstew.core.sizing;

import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A base made once, of which several dishes are made.
 *
 * @param name of the base
 * @param made as much as tubs do not give; empty where they give it all
 * @param fromTubs finished base that is there already
 * @param variants one for each dish, in their order
 */
public record BaseBatch(String name, Optional<Made> made, Mass fromTubs, List<Variant> variants) {
  /** Less than this of the base's own size is not worth a pot. */
  private static final double CRUMB_TIMES = 1e-6;

  public BaseBatch {
    variants = List.copyOf(variants);
  }

  /**
   * The pot of it.
   *
   * @param batch large enough for what tubs do not give
   * @param ribbon of it
   */
  public record Made(ResolvedFormula batch, Ribbon ribbon) {
    /** What comes out. */
    public Mass mass() {
      return ribbon.end().total();
    }
  }

  /**
   * Sizes a base for its dishes. Tubs hold it as it is when it is done: a dish whose share must
   * leave before takes it from the pot.
   *
   * @param base at its own size
   * @param target thickness of the base; empty where it keeps its own
   * @param dishes sized, as each would be made on its own
   * @param inTubs finished base that may be used
   */
  public static BaseBatch of(
      ResolvedFormula base, Optional<MassFraction> target, List<Dish> dishes, Mass inTubs) {
    Ribbon own = Ribbon.of(base, target);
    List<Variant> variants = dishes.stream().map(dish -> Variant.of(base, own, dish)).toList();
    double whenDone =
        variants.stream()
            .filter(variant -> variant.leavesBefore().isEmpty())
            .mapToDouble(variant -> variant.share().kilograms())
            .sum();
    Mass fromTubs = new Mass(Math.min(whenDone, inTubs.kilograms()));
    double times =
        variants.stream().mapToDouble(Variant::factor).sum()
            - fromTubs.kilograms() / own.end().total().kilograms();
    Optional<Made> made =
        times < CRUMB_TIMES ? Optional.empty() : Optional.of(made(base.times(times), target));
    return new BaseBatch(base.formula().name(), made, fromTubs, variants);
  }

  private static Made made(ResolvedFormula batch, Optional<MassFraction> target) {
    return new Made(batch, Ribbon.of(batch, target));
  }
}
