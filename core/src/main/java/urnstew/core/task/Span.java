package urnstew.core.task;

import java.time.Duration;
import urnstew.units.InvalidInput;

/**
 * A time that something takes, with its band.
 *
 * @param least at best, not negative
 * @param likely at least that
 * @param most at worst, at least that
 */
public record Span(Duration least, Duration likely, Duration most) {
  public static final Span NONE = exactly(Duration.ZERO);

  /**
   * @throws InvalidInput {@code time} if the three are out of order or negative
   */
  public Span {
    if (least.isNegative() || likely.compareTo(least) < 0 || most.compareTo(likely) < 0) {
      throw new InvalidInput(
          "time",
          "out-of-order",
          "A band of " + least + ", " + likely + " and " + most + " is none.",
          "least, likely and most, in this order",
          "Give the shortest time first.");
    }
  }

  /** Known to the second. */
  public static Span exactly(Duration time) {
    return new Span(time, time, time);
  }

  /**
   * Likely so long, and by a share shorter or longer.
   *
   * @param share 0 to 1
   */
  public static Span about(Duration likely, double share) {
    return new Span(times(likely, 1 - share), likely, times(likely, 1 + share));
  }

  /** Shares of a time. */
  public static Span sharesOf(
      Duration time, double leastShare, double likelyShare, double mostShare) {
    return new Span(times(time, leastShare), times(time, likelyShare), times(time, mostShare));
  }

  /** One after the other: all at best, all likely, all at worst. */
  public Span plus(Span other) {
    return new Span(least.plus(other.least), likely.plus(other.likely), most.plus(other.most));
  }

  /** So many times as long, all three. */
  public Span times(double ratio) {
    return new Span(times(least, ratio), times(likely, ratio), times(most, ratio));
  }

  /** The same band later, or earlier, down to nothing. */
  public Span shifted(Duration by) {
    return new Span(notLess(least.plus(by)), notLess(likely.plus(by)), notLess(most.plus(by)));
  }

  private static Duration notLess(Duration time) {
    return time.isNegative() ? Duration.ZERO : time;
  }

  private static Duration times(Duration time, double share) {
    return Duration.ofMillis(Math.round(time.toMillis() * share));
  }
}
