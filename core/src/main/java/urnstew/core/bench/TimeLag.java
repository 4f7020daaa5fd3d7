package urnstew.core.bench;

import java.util.Optional;

/**
 * What lies between the end of one activity and the beginning of another.
 *
 * @param before key of the first
 * @param after key of the second
 * @param shortestSeconds at least; negative where they may overlap so far
 * @param longestSeconds at most; empty where it keeps
 * @param costPerMinute how much a minute of waiting between them hurts what waits; 0 where nothing
 *     does: then a longest is a clock, as of what goes in so long after something began
 */
public record TimeLag(
    String before,
    String after,
    int shortestSeconds,
    Optional<Integer> longestSeconds,
    int costPerMinute) {
  /** The same of what keeps. Where nothing waits the longest is no wish: it stays. */
  TimeLag keeping() {
    return costPerMinute > 0
        ? new TimeLag(before, after, shortestSeconds, Optional.empty(), costPerMinute)
        : this;
  }

  /** Whether it waits longer than it may. */
  boolean tooLong(Problem problem, Schedule schedule) {
    int waits = schedule.of(after).startSeconds() - problem.end(schedule.of(before));
    return longestSeconds.filter(longest -> waits > longest).isPresent();
  }
}
