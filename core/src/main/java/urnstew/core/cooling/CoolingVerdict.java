package urnstew.core.cooling;

/** Whether a cooling is within the rule. */
public enum CoolingVerdict {
  /** Also on the slow side of what is known. */
  MAKES_IT,
  /** Likely, but not on the slow side: nobody may rely on it. */
  MAY_MISS,
  /** Not even likely. */
  WILL_MISS,
  /** Its surroundings are too warm: it never gets there. */
  NEVER,
  /** Every mark was read in time. */
  PASSED,
  /** Not read in time, but in time on the slow side of the reckoning, and read later. */
  RECKONED,
  /** A mark was not met, or nothing shows that it was. */
  MISSED
}
