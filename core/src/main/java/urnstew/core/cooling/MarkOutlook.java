package urnstew.core.cooling;

import java.time.Instant;
import java.util.Optional;
import urnstew.core.rules.CoolingMark;

/**
 * One mark of the rule, and how a cooling stands to it.
 *
 * @param mark of the rule
 * @param deadline counted from the earliest moment at which the clock can have started
 * @param state how it stands
 * @param shownAt reading that shows it; empty where none does
 * @param likely when it is reached, likely; empty if never within two days
 * @param latest the same on the slow side
 */
public record MarkOutlook(
    CoolingMark mark,
    Instant deadline,
    State state,
    Optional<Instant> shownAt,
    Optional<Instant> likely,
    Optional<Instant> latest) {
  /** How a cooling stands to a mark. */
  public enum State {
    /** A reading in time shows that it was met. */
    SHOWN,
    /** Not read in time; reckoned in time on the slow side, and read since. */
    RECKONED,
    /** Past, in time on the slow side, but nobody has read it. */
    TO_READ,
    /** Not met, or nothing shows that it was. */
    MISSED,
    /** Still to come; in time also in the slowest case. */
    IN_TIME,
    /** Still to come; in time in the likely case, but not in the slowest. */
    IN_DOUBT,
    /** Still to come; too late already in the likely case. */
    TOO_LATE
  }
}
