package urnstew.core.bench;

import java.util.Map;
import java.util.Optional;

/**
 * What a schedule costs, the worst first: plates that are late, food that waits, work that begins
 * sooner than it must, and what is no longer as it was said.
 *
 * @param lateSeconds by which wanted ends are missed, all together
 * @param waiting seconds of food that waits, times what a minute of it costs
 * @param earlySeconds by which work begins before the end of all, all together
 * @param changes placements that are not as they were
 */
public record Cost(long lateSeconds, long waiting, long earlySeconds, int changes) {
  /** A second late is worth more than a minute in which the most delicate food waits. */
  public static final int PER_LATE_SECOND = 100_000;

  public static final int PER_WAITING = 100;

  /** To move one work is worth as much as to begin all of it five minutes sooner. */
  public static final int PER_CHANGE = 18_000;

  /** Of a schedule, beside the one that was said before. */
  public static Cost of(Problem problem, Schedule schedule, Optional<Schedule> before) {
    Map<String, Placement> at = schedule.byKey();
    long late = 0;
    long early = 0;
    for (Activity one : problem.activities()) {
      int end = end(one, at);
      late += one.dueSeconds().map(due -> Math.max(0, end - due)).orElse(0);
      early += problem.horizonSeconds() - of(at, one.key()).startSeconds();
    }
    long waiting = 0;
    Map<String, Activity> activities = problem.byKey();
    for (TimeLag lag : problem.lags()) {
      Activity first = activities.get(lag.before());
      if (first != null) {
        waiting +=
            (long) lag.costPerMinute()
                * (of(at, lag.after()).startSeconds() - end(first, at) - lag.shortestSeconds());
      }
    }
    return new Cost(late, waiting, early, before.map(b -> changes(b, at)).orElse(0));
  }

  private static int changes(Schedule before, Map<String, Placement> at) {
    return (int)
        before.placements().stream()
            .filter(one -> at.containsKey(one.key()) && !one.equals(at.get(one.key())))
            .count();
  }

  private static Placement of(Map<String, Placement> at, String key) {
    Placement placement = at.get(key);
    if (placement == null) {
      throw new IllegalArgumentException("'" + key + "' is not placed.");
    }
    return placement;
  }

  private static int end(Activity one, Map<String, Placement> at) {
    Placement placement = of(at, one.key());
    return placement.startSeconds() + one.modes().get(placement.mode()).lastsSeconds();
  }

  /** All of it as one number, the less the better. */
  public long total() {
    return lateSeconds * PER_LATE_SECOND
        + waiting * PER_WAITING
        + earlySeconds
        + (long) changes * PER_CHANGE;
  }
}
