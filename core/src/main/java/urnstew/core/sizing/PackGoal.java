package urnstew.core.sizing;

/** What whole packs are chosen by. */
public enum PackGoal {
  /** The least money, and of equals the least left over. */
  LEAST_COST,
  /** The least left over, and of equals the least money. */
  LEAST_WASTE
}
