package urnstew.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A schedule with everything as late as it can be where it is no worse: nobody chops parsley two
 * hours before it is wanted because there was time then.
 */
public final class Later {
  /** So many moments are tried for a move; the next round goes on from there. */
  private static final int TRIES = 48;

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

  /** One of them with all that waits for it, else with what is tied to it alone. */
  private Schedule moved(Schedule now, Placement one) {
    Schedule together = moved(now, tied(one.key(), true));
    return together.equals(now) ? moved(now, tied(one.key(), false)) : together;
  }

  /** By as much as nothing else has to make way for. */
  private Schedule moved(Schedule now, Set<String> keys) {
    List<Placement> tied = keys.stream().map(now::of).toList();
    if (tied.stream().anyMatch(problem.fixed()::contains)) {
      return now;
    }
    int most =
        tied.stream().mapToInt(at -> latest(now, at, keys) - at.startSeconds()).min().orElse(0);
    int step = Math.max(1, most / TRIES / Problem.GRID_SECONDS) * Problem.GRID_SECONDS;
    for (int by = most; by > 0; by -= step) {
      Schedule then = with(now, tied, by);
      if (cost(then).compareTo(cost(now)) <= 0 && admits(now, tied, by)) {
        return then;
      }
    }
    return now;
  }

  /**
   * What hangs on one clock: a pot and its burner, a simmer and what goes in while it lasts.
   *
   * @param waiting whether also what may not wait long for it
   */
  private Set<String> tied(String key, boolean waiting) {
    Set<String> tied = new LinkedHashSet<>(Set.of(key));
    boolean grows = true;
    while (grows) {
      grows = false;
      for (TimeLag lag : problem.lags()) {
        boolean bound = lag.longestSeconds().isPresent();
        boolean clock = bound && lag.costPerMinute() == 0;
        if (tied.contains(lag.after()) && (clock || bound && waiting)) {
          grows |= tied.add(lag.before());
        }
        if (tied.contains(lag.before()) && clock) {
          grows |= tied.add(lag.after());
        }
      }
    }
    return tied;
  }

  private boolean admits(Schedule now, List<Placement> tied, int by) {
    Rules board = Rules.empty(problem);
    now.placements().stream()
        .filter(other -> !tied.contains(other))
        .forEach(other -> board.put(problem.activity(other.key()), other));
    for (Placement one : tied) {
      Activity activity = problem.activity(one.key());
      Placement then = by(one, by);
      if (!board.admits(activity, then)) {
        return false;
      }
      board.put(activity, then);
    }
    return true;
  }

  private Cost cost(Schedule schedule) {
    return Cost.of(problem, schedule, before);
  }

  /** Of one of what is tied together, whatever the others allow. */
  private int latest(Schedule now, Placement one, Set<String> own) {
    int lasts = problem.end(one) - one.startSeconds();
    int latest = problem.horizonSeconds() - lasts;
    for (TimeLag lag : problem.lags()) {
      if (own.contains(lag.before()) && own.contains(lag.after())) {
        continue;
      }
      if (lag.before().equals(one.key())) {
        int next = now.of(lag.after()).startSeconds();
        latest = Math.min(latest, next - lag.shortestSeconds() - lasts);
      } else if (lag.after().equals(one.key()) && lag.longestSeconds().isPresent()) {
        latest = Math.min(latest, problem.end(now.of(lag.before())) + lag.longestSeconds().get());
      }
    }
    return Math.floorDiv(latest, Problem.GRID_SECONDS) * Problem.GRID_SECONDS;
  }

  private static Placement by(Placement one, int seconds) {
    return new Placement(one.key(), one.startSeconds() + seconds, one.mode(), one.cook());
  }

  private static Schedule with(Schedule now, List<Placement> tied, int by) {
    return new Schedule(
        now.placements().stream().map(one -> tied.contains(one) ? by(one, by) : one).toList());
  }
}
