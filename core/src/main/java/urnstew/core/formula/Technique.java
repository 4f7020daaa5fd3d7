package urnstew.core.formula;

/** What is done in a stage. */
public enum Technique {
  /** Softened in fat. */
  SWEAT,
  /** Browned in loads; how long is computed from meat, pot and burner. */
  BROWN,
  /** Liquid poured on, and boiled down. */
  DEGLAZE,
  /** The simmer; how long is computed. */
  SIMMER,
  /** Stirred in at the end. */
  FINISH
}
