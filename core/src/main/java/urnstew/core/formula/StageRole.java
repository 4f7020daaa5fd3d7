package urnstew.core.formula;

/** What a stage does to the pot. */
public enum StageRole {
  /** In the pot before the simmer, for a fixed time. */
  PREPARE,
  /** The simmer, until thick enough. */
  REDUCE,
  /** Goes in when it is thick enough. */
  FINISH
}
