package urnstew.core.formula;

/** What a stage is cooked in. */
public enum StageVessel {
  /** The pot of the sauce. */
  POT,
  /** A pan beside it; what comes of it goes into the pot later. */
  PAN,
  /** A tray. */
  TRAY,
  /** A bowl, cold. */
  BOWL
}
