package urnstew.core.task;

import java.time.Duration;
import java.util.Optional;

/**
 * What must be over before a task begins.
 *
 * @param key of the other task
 * @param shortest that must lie between its end and the beginning
 * @param longest that may lie between; empty where it keeps
 */
public record Follows(String key, Duration shortest, Optional<Duration> longest) {
  /** At once or whenever it suits. */
  public static Follows whenever(String key) {
    return new Follows(key, Duration.ZERO, Optional.empty());
  }

  /** So long after at most. */
  public static Follows within(String key, Duration longest) {
    return new Follows(key, Duration.ZERO, Optional.of(longest));
  }
}
