package urnstew.core.sizing;

/** Whether a batch keeps its size or follows the packs of its main ingredient. */
public enum Rounding {
  /** Not rounded; an opened pack may be left over. */
  EXACT,
  /** Raised until the packs are used up. */
  UP,
  /** Lowered to the packs that the need would fill: everybody gets a little less. */
  DOWN
}
