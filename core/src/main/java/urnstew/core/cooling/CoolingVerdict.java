package urnstew.core.cooling;

/** Whether a cooling is within the rule. */
public enum CoolingVerdict {
  /** In time, also in the bounding case that cools slowest. */
  MAKES_IT,
  /** Likely, but not on the slow side: nobody may rely on it. */
  MAY_MISS,
  /** Too late, also in the likely case. */
  WILL_MISS,
  /** Never cold enough: the surroundings are too warm. */
  NEVER,
  /** Every mark was read in time. */
  PASSED,
  /** Not read in time, but in time on the slow side of the reckoning, and read later. */
  RECKONED,
  /** A mark was not met, or nothing shows that it was. */
  MISSED
}
