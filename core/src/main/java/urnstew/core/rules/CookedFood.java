package urnstew.core.rules;

/** Foods that a code asks to be cooked to a temperature. */
public enum CookedFood {
  /** Birds, and anything stuffed. */
  POULTRY_OR_STUFFED,
  /** Minced meat and fish. */
  MINCED,
  /** Whole meat, fish and shellfish. */
  WHOLE,
  /** Eggs broken for one guest and served at once. */
  EGGS_AT_ONCE,
  /** Eggs pooled, held hot or served later: what is bound with them too. */
  EGGS_TO_HOLD,
  /** Whole roasts of beef, pork and lamb. */
  ROAST,
  /** Raw meat, fish, birds and eggs cooked in a microwave, covered, then left to stand. */
  MICROWAVED,
  /** Plant food that is then held hot. */
  PLANTS_TO_HOLD
}
