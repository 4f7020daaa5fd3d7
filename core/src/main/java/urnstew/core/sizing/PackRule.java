package urnstew.core.sizing;

/**
 * How packs are bought.
 *
 * @param rounding whether the batch follows the packs of its main ingredient
 * @param goal what packs are chosen by
 */
public record PackRule(Rounding rounding, PackGoal goal) {
  /** The batch as it is needed, from the cheapest packs. */
  public static final PackRule AS_NEEDED = new PackRule(Rounding.EXACT, PackGoal.LEAST_COST);

  /** Raised until the packs are used up, by as little as can be. */
  public static final PackRule WHOLE = new PackRule(Rounding.UP, PackGoal.LEAST_WASTE);
}
