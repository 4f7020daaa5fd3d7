package urnstew.core.formula;

/** What is done in a stage. */
public enum Technique {
  /** Fat melted out of meat. */
  RENDER,
  /** Softened in fat, pale. */
  SWEAT,
  /** Softened and coloured. */
  CARAMELISE,
  /** Browned in loads; how long is computed from meat, pot and burner. */
  BROWN,
  /** Seared on both sides and taken out again. */
  SEAR,
  /** In deep or shallow oil, in loads; how long is computed. */
  FRY,
  /** Dry in a pan. */
  TOAST,
  /** Liquid poured on, and boiled down. */
  DEGLAZE,
  /** Spirit set alight. */
  FLAME,
  /** The simmer; how long is computed. */
  SIMMER,
  /** Covered, round a protein. */
  BRAISE,
  /** In the oven. */
  BAKE,
  /** Through a food mill. */
  MILL,
  /** Stirred together without heat. */
  MIX,
  KNEAD,
  REST,
  /** Stirred in at the end. */
  FINISH
}
