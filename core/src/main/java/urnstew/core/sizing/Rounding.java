package urnstew.core.sizing;

/** Whether a batch keeps its size or follows the packs of its main ingredient. */
public enum Rounding {
  /** As needed; what is left in an opened pack is left. */
  EXACT,
  /** Raised until the packs are used up. */
  UP,
  /** Lowered to the packs that the need would fill: everybody gets a little less. */
  DOWN
}
