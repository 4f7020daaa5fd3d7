package urnstew.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Schedules without a solver: backwards from the hour, each work as late as its place is free, in
 * many orders of which the best stays. Source: Brucker et al. (1999), serial generation scheme.
 * Range: it always keeps the rules, and is often not the best.
 */
public final class Constructive {
  private static final int DELAY_SECONDS = 300;

  /** After so many moves of dishes for each activity another order is tried. */
  private static final int MOST_MOVES = 4;

  private final Problem problem;
  private final Map<String, Activity> activities;
  private final Map<String, List<TimeLag>> after = new HashMap<>();
  private final Map<String, List<TimeLag>> before = new HashMap<>();

  /** What hangs together by lags: a dish. */
  private final Map<String, Set<String>> together = new HashMap<>();

  private Constructive(Problem problem) {
    this.problem = problem;
    activities = problem.byKey();
    for (TimeLag lag : problem.lags()) {
      after.computeIfAbsent(lag.before(), key -> new ArrayList<>()).add(lag);
      before.computeIfAbsent(lag.after(), key -> new ArrayList<>()).add(lag);
    }
    problem.activities().forEach(one -> together.put(one.key(), new HashSet<>(Set.of(one.key()))));
    problem.lags().forEach(lag -> join(lag.before(), lag.after()));
  }

  private void join(String one, String other) {
    Set<String> all = dish(one);
    if (all.addAll(dish(other))) {
      List.copyOf(all).forEach(key -> together.put(key, all));
    }
  }

  private Set<String> dish(String key) {
    return together.getOrDefault(key, Set.of());
  }

  /**
   * The best that some orders give; empty where none does.
   *
   * @param seed of the orders: the same gives the same
   * @param orders that are tried at each delay, at least 1
   */
  public static Optional<Schedule> of(Problem problem, long seed, int orders) {
    Constructive one = new Constructive(problem);
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    int latest = problem.horizonSeconds();
    for (int delay = 0; delay <= latest; delay += DELAY_SECONDS) {
      Optional<Schedule> best = one.best(random, orders, delay);
      if (best.isPresent()) {
        return best;
      }
    }
    return Optional.empty();
  }

  private Optional<Schedule> best(RandomGenerator random, int orders, int delay) {
    Optional<Schedule> best = Optional.empty();
    long least = Long.MAX_VALUE;
    for (int order = 0; order < orders; order++) {
      Optional<Schedule> found = new Attempt(random, order == 0, delay).run();
      if (found.isPresent()) {
        long cost = Cost.of(problem, found.get(), Optional.empty()).total();
        if (cost < least) {
          best = found;
          least = cost;
        }
      }
    }
    return best;
  }

  /** One order of placing. */
  private final class Attempt {
    private final RandomGenerator random;
    private final boolean plain;
    private final int delay;
    private final Map<String, Placement> placed = new HashMap<>();
    private final Map<String, Integer> sooner = new HashMap<>();
    private final Rules board = Rules.empty(problem);

    Attempt(RandomGenerator random, boolean plain, int delay) {
      this.random = random;
      this.plain = plain;
      this.delay = delay;
    }

    Optional<Schedule> run() {
      problem.fixed().forEach(this::put);
      Set<String> open = new HashSet<>(activities.keySet());
      open.removeAll(placed.keySet());
      int moves = 0;
      while (!open.isEmpty()) {
        Activity next = next(open);
        Optional<Placement> at = latest(next);
        int floor = earliestEnd(next);
        if (at.isEmpty() || moves > MOST_MOVES * activities.size()) {
          return Optional.empty();
        }
        if (end(at.get()) >= floor) {
          put(at.get());
          open.remove(next.key());
        } else {
          moves++;
          sooner(next, open, floor - end(at.get()));
        }
      }
      Schedule schedule = new Schedule(List.copyOf(placed.values()));
      return Rules.broken(problem, schedule).isEmpty() ? Optional.of(schedule) : Optional.empty();
    }

    /** What follows would wait too long: the whole dish is taken off again, to end sooner. */
    private void sooner(Activity failed, Set<String> open, int seconds) {
      Set<String> dish = dish(failed.key());
      Set<String> kept = new HashSet<>();
      problem.fixed().forEach(one -> kept.add(one.key()));
      for (String key : dish) {
        if (!kept.contains(key) && placed.remove(key) != null) {
          board.remove(key);
          open.add(key);
        }
        sooner.merge(key, seconds, Integer::sum);
      }
    }

    private void put(Placement at) {
      placed.put(at.key(), at);
      board.put(activity(at.key()), at);
    }

    /** Of those that nothing open follows, the one that must end last; or any of them. */
    private Activity next(Set<String> open) {
      List<Activity> ready =
          problem.activities().stream()
              .filter(one -> open.contains(one.key()))
              .filter(
                  one ->
                      after.getOrDefault(one.key(), List.of()).stream()
                          .noneMatch(lag -> open.contains(lag.after())))
              .toList();
      List<Activity> some =
          ready.isEmpty()
              ? problem.activities().stream().filter(one -> open.contains(one.key())).toList()
              : ready;
      if (!plain) {
        return some.get(random.nextInt(some.size()));
      }
      Activity last = some.get(0);
      for (Activity one : some) {
        last = latestEnd(one) > latestEnd(last) ? one : last;
      }
      return last;
    }

    private int latestEnd(Activity one) {
      int horizon = problem.horizonSeconds();
      int latest =
          Math.min(horizon, one.dueSeconds().map(due -> due + delay).orElse(horizon))
              - sooner.getOrDefault(one.key(), 0);
      for (TimeLag lag : after.getOrDefault(one.key(), List.of())) {
        Placement next = placed.get(lag.after());
        if (next != null) {
          latest = Math.min(latest, next.startSeconds() - lag.shortestSeconds());
        }
      }
      return latest;
    }

    private int earliestEnd(Activity one) {
      int earliest = 0;
      for (TimeLag lag : after.getOrDefault(one.key(), List.of())) {
        Placement next = placed.get(lag.after());
        if (next != null && lag.longestSeconds().isPresent()) {
          earliest = Math.max(earliest, next.startSeconds() - lag.longestSeconds().get());
        }
      }
      return earliest;
    }

    /** As late as it can be, whatever the mode and whoever does it. */
    private Optional<Placement> latest(Activity one) {
      int end = latestEnd(one) / Problem.GRID_SECONDS * Problem.GRID_SECONDS;
      for (int at = end; at > 0; at -= Problem.GRID_SECONDS) {
        for (int mode = 0; mode < one.modes().size(); mode++) {
          int start = at - one.modes().get(mode).lastsSeconds();
          if (start >= one.earliestSeconds() && start >= earliestAfterPlaced(one)) {
            Optional<Placement> free = free(one, mode, start);
            if (free.isPresent()) {
              return free;
            }
          }
        }
      }
      return Optional.empty();
    }

    /** What came before it and stays: it cannot begin before that is over. */
    private int earliestAfterPlaced(Activity one) {
      int earliest = 0;
      for (TimeLag lag : before.getOrDefault(one.key(), List.of())) {
        Placement first = placed.get(lag.before());
        if (first != null) {
          earliest = Math.max(earliest, end(first) + lag.shortestSeconds());
        }
      }
      return earliest;
    }

    private int end(Placement at) {
      Activity one = activity(at.key());
      return at.startSeconds() + one.modes().get(at.mode()).lastsSeconds();
    }

    private Optional<Placement> free(Activity one, int mode, int start) {
      if (one.handsSeconds() == 0) {
        return admitted(one, new Placement(one.key(), start, mode, Optional.empty()));
      }
      return problem.cooks().stream()
          .map(cook -> new Placement(one.key(), start, mode, Optional.of(cook.name())))
          .flatMap(at -> admitted(one, at).stream())
          .findFirst();
    }

    private Optional<Placement> admitted(Activity one, Placement at) {
      return board.admits(one, at) ? Optional.of(at) : Optional.empty();
    }

    private Activity activity(String key) {
      Activity one = activities.get(key);
      if (one == null) {
        throw new IllegalArgumentException("'" + key + "' is not there.");
      }
      return one;
    }
  }
}
