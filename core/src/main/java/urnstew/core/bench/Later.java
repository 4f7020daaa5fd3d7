package urnstew.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A schedule with everything as late as it can be where it is no worse: nobody chops parsley two
 * hours before it is wanted because there was time then.
 */
public final class Later {
  private final Problem problem;
  private final Optional<Schedule> before;

  /**
   * @param before that is kept near to, where there was one
   */
  public Later(Problem problem, Optional<Schedule> before) {
    this.problem = problem;
    this.before = before;
  }

  /** The same placements or later ones; it costs no more. */
  public Schedule of(Schedule schedule) {
    Schedule now = schedule;
    boolean moved = true;
    while (moved) {
      moved = false;
      List<Placement> lastFirst = new ArrayList<>(now.placements());
      Collections.reverse(lastFirst);
      for (Placement one : lastFirst) {
        Schedule then = moved(now, one);
        moved |= !then.equals(now);
        now = then;
      }
    }
    return now;
  }

  /** One of them, by as much as nothing else has to make way for. */
  private Schedule moved(Schedule now, Placement one) {
    if (problem.fixed().contains(one)) {
      return now;
    }
    Rules board = Rules.empty(problem);
    now.placements().stream()
        .filter(other -> !other.equals(one))
        .forEach(other -> board.put(problem.activity(other.key()), other));
    for (int at = latest(now, one); at > one.startSeconds(); at -= Problem.GRID_SECONDS) {
      Placement then = new Placement(one.key(), at, one.mode(), one.cook());
      if (board.admits(problem.activity(one.key()), then)) {
        Schedule schedule = with(now, one, then);
        if (cost(schedule).compareTo(cost(now)) <= 0) {
          return schedule;
        }
      }
    }
    return now;
  }

  private Cost cost(Schedule schedule) {
    return Cost.of(problem, schedule, before);
  }

  private int latest(Schedule now, Placement one) {
    int lasts = problem.end(one) - one.startSeconds();
    int latest = problem.horizonSeconds() - lasts;
    for (TimeLag lag : problem.lags()) {
      if (lag.before().equals(one.key())) {
        int next = now.of(lag.after()).startSeconds();
        latest = Math.min(latest, next - lag.shortestSeconds() - lasts);
      } else if (lag.after().equals(one.key()) && lag.longestSeconds().isPresent()) {
        latest = Math.min(latest, problem.end(now.of(lag.before())) + lag.longestSeconds().get());
      }
    }
    return Math.floorDiv(latest, Problem.GRID_SECONDS) * Problem.GRID_SECONDS;
  }

  private static Schedule with(Schedule now, Placement one, Placement then) {
    return new Schedule(
        now.placements().stream().map(other -> other.equals(one) ? then : other).toList());
  }
}
