package urnstew.app.platform;

import java.time.Duration;
import java.time.Instant;
import urnstew.units.InvalidInput;

/**
 * When something was typed at the stove and when it was sent, both by the device's own clock.
 *
 * @param typedAt when it was typed
 * @param sentAt when it was last sent; not before it was typed
 */
public record StoveTime(Instant typedAt, Instant sentAt) {
  private static final Duration LONGEST_QUEUE = Duration.ofDays(7);

  public StoveTime {
    Duration queued = Duration.between(typedAt, sentAt);
    if (queued.isNegative() || queued.compareTo(LONGEST_QUEUE) > 0) {
      throw new InvalidInput(
          "stamp.typedAt",
          "clock",
          "The device's clock went wrong between typing and sending.",
          "typed before sent, within a week",
          "Enter it again.");
    }
  }

  /** When it was typed, by the server's clock: the device's skew is taken out. */
  public Instant typedByServerClock(Instant receivedAt) {
    return receivedAt.minus(Duration.between(typedAt, sentAt));
  }
}
