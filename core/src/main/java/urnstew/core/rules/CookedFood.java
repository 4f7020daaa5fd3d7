package urnstew.core.rules;

/** Foods that a code asks to be cooked to a temperature. */
public enum CookedFood {
  /** Birds, and anything stuffed. */
  POULTRY_OR_STUFFED,
  /** Minced meat and fish. */
  MINCED,
  /** Whole meat, fish, shellfish and eggs. */
  WHOLE,
  /** Plant food that is then held hot. */
  PLANTS_TO_HOLD
}
