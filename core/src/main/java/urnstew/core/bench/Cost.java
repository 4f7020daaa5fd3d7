package urnstew.core.bench;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/**
 * What a schedule costs. The worst decides first: plates that are late; then food that waits and
 * what is no longer as it was said; then how soon the kitchen has to begin.
 *
 * @param lateMinutes begun, by which wanted ends are missed, all together: within a minute nobody
 *     minds
 * @param waiting seconds of food that waits, times what a minute of it costs
 * @param changes placements that are not as they were
 * @param aheadSeconds by which the first work that is still free begins before the end of all
 */
public record Cost(long lateMinutes, long waiting, int changes, long aheadSeconds)
    implements Comparable<Cost> {
  private static final int MINUTE_SECONDS = 60;

  /** To move one work is as bad as that the most delicate food (100) waits two minutes. */
  public static final int WAITING_PER_CHANGE = 12_000;

  private static final Comparator<Cost> WORST_FIRST =
      Comparator.comparingLong(Cost::lateMinutes)
          .thenComparingLong(Cost::unrest)
          .thenComparingLong(Cost::aheadSeconds);

  /** Of a schedule, beside the one that was said before. */
  public static Cost of(Problem problem, Schedule schedule, Optional<Schedule> before) {
    Map<String, Placement> at = schedule.byKey();
    long late = 0;
    for (Activity one : problem.activities()) {
      int end = end(one, at);
      late += one.dueSeconds().map(due -> minutesBegun(end - due)).orElse(0);
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
    return new Cost(
        late, waiting, before.map(b -> changes(b, at)).orElse(0), ahead(problem, schedule));
  }

  private static long ahead(Problem problem, Schedule schedule) {
    return schedule.placements().stream()
        .filter(one -> !problem.fixed().contains(one))
        .mapToLong(one -> problem.horizonSeconds() - one.startSeconds())
        .max()
        .orElse(0);
  }

  private static int minutesBegun(int seconds) {
    return Math.max(0, Math.floorDiv(seconds + MINUTE_SECONDS - 1, MINUTE_SECONDS));
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

  /** Waiting and changes as one. */
  public long unrest() {
    return waiting + (long) changes * WAITING_PER_CHANGE;
  }

  /** The better first. */
  @Override
  public int compareTo(Cost other) {
    return WORST_FIRST.compare(this, other);
  }
}
