package urnstew.core.sizing;

/** Two schools of saucing, three- to fourfold apart. */
public enum Style {
  /** Dressed in the pan, little. */
  LIGHT,
  /** Between the two. */
  USUAL,
  /** Ladled on top, much. */
  GENEROUS
}
