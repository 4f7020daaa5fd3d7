package urnstew.core.sizing;

/**
 * How packs are bought.
 *
 * @param whole whether the batch is raised until the packs of its main ingredient are used up
 * @param goal what packs are chosen by
 */
public record PackRule(boolean whole, PackGoal goal) {
  /** The batch as it is needed, from the cheapest packs. */
  public static final PackRule AS_NEEDED = new PackRule(false, PackGoal.LEAST_COST);

  /** Raised until the packs are used up, by as little as can be. */
  public static final PackRule WHOLE = new PackRule(true, PackGoal.LEAST_WASTE);
}
