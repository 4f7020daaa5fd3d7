package urnstew.core.holding;

import java.time.Instant;
import java.util.Optional;

/**
 * What the rule says of something held hot.
 *
 * @param state how it stands
 * @param lastHot last moment at which it was shown to be hot enough
 * @param act moment by which something must have been done; empty when it is to be thrown away
 * @param discard moment from which it may not be served any more unless it is shown hot before
 */
public record HoldOutlook(State state, Instant lastHot, Optional<Instant> act, Instant discard) {
  /** How a hold stands to the limit. */
  public enum State {
    /** Shown hot enough, not long ago. */
    HOT,
    /** Shown hot, but too long ago: read it. */
    TO_READ,
    /** It fell below the limit: up to the temperature of reheating in time, or served by then. */
    REHEAT,
    /** Below the limit and not reheated in time, or below it once too often. */
    DISCARD
  }
}
