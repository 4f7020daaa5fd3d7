package urnstew.core.task;

import java.time.Duration;

/**
 * How long work takes.
 *
 * @param hands time of a cook
 * @param unattended time in which it goes on by itself, beside that
 */
public record Effort(Span hands, Span unattended) {
  public static final Effort NONE = new Effort(Span.NONE, Span.NONE);

  /** A cook's all the time. */
  public static Effort ofHands(Span hands) {
    return new Effort(hands, Span.NONE);
  }

  /** A cook's, so many minutes at least, likely and at most. */
  public static Effort ofMinutes(double leastMinutes, double likelyMinutes, double mostMinutes) {
    return ofHands(Span.sharesOf(Duration.ofMinutes(1), leastMinutes, likelyMinutes, mostMinutes));
  }

  /** The same going on by itself for so much longer; where that is negative, less, down to none. */
  public Effort longer(Duration by) {
    return new Effort(hands, unattended.shifted(by));
  }

  /** The same where hands take so many times as long. */
  public Effort handsTimes(double ratio) {
    return new Effort(hands.times(ratio), unattended);
  }

  /** From its beginning to its end. */
  public Span total() {
    return hands.plus(unattended);
  }
}
