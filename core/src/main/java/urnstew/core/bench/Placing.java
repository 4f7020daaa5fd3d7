package urnstew.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Schedules without a solver: dish by dish, backwards from the hour, each work as late as its place
 * is free. A dish that finds no place is placed first in the next attempt. Sources: Brucker et al.
 * (1999), serial generation scheme; D. Joslin, D. Clements, Squeaky wheel optimization, Journal of
 * Artificial Intelligence Research 10 (1999) 353. Range: it always keeps the rules, and is often
 * not the best.
 */
public final class Placing {
  private static final int DELAY_SECONDS = 300;

  /** After so many moves of a dish for each of its works another order is tried. */
  private static final int MOST_MOVES = 8;

  /** So often dishes that found no place are placed first, for each order. */
  private static final int ATTEMPTS = 8;

  private final Problem problem;
  private final Map<String, Activity> activities;
  private final Map<String, List<TimeLag>> after = new HashMap<>();
  private final Map<String, List<TimeLag>> before = new HashMap<>();

  /** Of each activity with whose end something is let go: what holds it. */
  private final Map<String, List<Activity>> holders = new HashMap<>();

  /** Of each that holds something: at least so long before what lets go of it begins; s. */
  private final Map<String, Integer> standsBefore = new HashMap<>();

  /** What hangs together by lags: a dish. */
  private final Map<String, Set<String>> together = new HashMap<>();

  private Placing(Problem problem) {
    this.problem = problem;
    activities = problem.byKey();
    for (TimeLag lag : problem.lags()) {
      after.computeIfAbsent(lag.before(), key -> new ArrayList<>()).add(lag);
      before.computeIfAbsent(lag.after(), key -> new ArrayList<>()).add(lag);
    }
    problem
        .activities()
        .forEach(
            one ->
                one.holdsUntil()
                    .ifPresent(
                        until ->
                            holders.computeIfAbsent(until, key -> new ArrayList<>()).add(one)));
    holders.forEach(
        (until, all) ->
            all.forEach(holder -> standsBefore.put(holder.key(), between(holder.key(), until))));
    problem.activities().forEach(one -> together.put(one.key(), new HashSet<>(Set.of(one.key()))));
    problem.lags().stream()
        .filter(lag -> !milestone(lag.before()) && !milestone(lag.after()))
        .forEach(lag -> join(lag.before(), lag.after()));
  }

  /** An hour at which dishes meet is of none of them. */
  private boolean milestone(String key) {
    Activity one = problem.activity(key);
    return one.handsSeconds() == 0
        && one.modes().stream().allMatch(mode -> mode.claims().isEmpty());
  }

  private void join(String one, String other) {
    Set<String> all = dish(one);
    if (all.addAll(dish(other))) {
      List.copyOf(all).forEach(key -> together.put(key, all));
    }
  }

  /** At least so long between the beginnings of two, by what lies between them; s. */
  private int between(String first, String last) {
    Map<String, Integer> starts = new HashMap<>(Map.of(first, 0));
    List<String> open = new ArrayList<>(List.of(first));
    while (!open.isEmpty()) {
      String key = open.remove(open.size() - 1);
      int lasts = problem.activity(key).modes().get(0).lastsSeconds();
      for (TimeLag lag : after.getOrDefault(key, List.of())) {
        int start = starts.getOrDefault(key, 0) + lasts + lag.shortestSeconds();
        if (start > starts.getOrDefault(lag.after(), -1)) {
          starts.put(lag.after(), start);
          open.add(lag.after());
        }
      }
    }
    return starts.getOrDefault(last, 0);
  }

  private Set<String> dish(String key) {
    return together.getOrDefault(key, Set.of());
  }

  /**
   * The best that some orders give; empty where none does.
   *
   * @param seed of the orders: the same gives the same
   * @param orders that are tried at each delay, at least 1
   * @param mostDelaySeconds that is tried: 0 where only what is in time is wanted
   */
  public static Optional<Schedule> of(
      Problem problem, long seed, int orders, int mostDelaySeconds) {
    Placing one = new Placing(problem);
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    for (int delay = 0; delay <= mostDelaySeconds; delay = 2 * delay + DELAY_SECONDS) {
      Optional<Schedule> best = one.best(random, orders, delay);
      if (best.isPresent()) {
        return best;
      }
    }
    return Optional.empty();
  }

  private Optional<Schedule> best(RandomGenerator random, int orders, int delay) {
    Optional<Schedule> best = Optional.empty();
    Optional<Cost> least = Optional.empty();
    List<Set<String>> dishes = dishes();
    for (int order = 0; order < orders; order++) {
      Optional<Schedule> found = found(dishes, delay, random);
      if (found.isPresent()) {
        Cost cost = Cost.of(problem, found.get(), Optional.empty());
        if (least.filter(is -> is.compareTo(cost) <= 0).isEmpty()) {
          best = found;
          least = Optional.of(cost);
        }
      }
      shuffle(dishes, random);
    }
    return best;
  }

  /** What nobody waits for and cannot wait itself: it is placed after what it follows. */
  private boolean tail(String key) {
    return after.getOrDefault(key, List.of()).isEmpty()
        && problem.activity(key).dueSeconds().isEmpty()
        && before.getOrDefault(key, List.of()).stream()
            .anyMatch(lag -> lag.longestSeconds().isPresent());
  }

  private static void shuffle(List<Set<String>> dishes, RandomGenerator random) {
    for (int place = dishes.size() - 1; place > 0; place--) {
      Collections.swap(dishes, place, random.nextInt(place + 1));
    }
  }

  /** Hours first, then what works longest. */
  private List<Set<String>> dishes() {
    List<Set<String>> dishes = new ArrayList<>(new LinkedHashSet<>(together.values()));
    dishes.sort(Comparator.comparingInt(this::rank));
    return dishes;
  }

  private int rank(Set<String> dish) {
    return dish.stream().allMatch(this::milestone)
        ? Integer.MIN_VALUE
        : -dish.stream().mapToInt(key -> problem.activity(key).modes().get(0).lastsSeconds()).sum();
  }

  private Optional<Schedule> found(List<Set<String>> dishes, int delay, RandomGenerator random) {
    for (int attempt = 0; attempt < ATTEMPTS; attempt++) {
      dishes.sort(Comparator.comparing(dish -> !dish.stream().allMatch(this::milestone)));
      Attempt one = new Attempt(delay, random, attempt % 2 == 0);
      Optional<Set<String>> failed = dishes.stream().filter(dish -> !one.place(dish)).findFirst();
      if (failed.isEmpty()) {
        return one.schedule();
      }
      dishes.remove(failed.get());
      dishes.add(0, failed.get());
    }
    return Optional.empty();
  }

  /** One order of placing. */
  private final class Attempt {
    private final int delay;
    private final RandomGenerator random;
    private final boolean plain;
    private final Map<String, Placement> placed = new HashMap<>();
    private final Map<String, Integer> sooner = new HashMap<>();
    private final Rules board = Rules.empty(problem);

    Attempt(int delay, RandomGenerator random, boolean plain) {
      this.delay = delay;
      this.random = random;
      this.plain = plain;
      problem.fixed().forEach(this::put);
    }

    Optional<Schedule> schedule() {
      Schedule schedule = new Schedule(List.copyOf(placed.values()));
      return Rules.broken(problem, schedule).isEmpty() ? Optional.of(schedule) : Optional.empty();
    }

    /** Whether the whole dish found its place. */
    boolean place(Set<String> dish) {
      Set<String> open = new HashSet<>(dish);
      open.removeAll(placed.keySet());
      int moves = 0;
      while (!open.isEmpty()) {
        Activity next = next(open);
        Optional<Placement> at = latest(next);
        int floor = earliestEnd(next);
        if (at.isEmpty() || moves > MOST_MOVES * dish.size()) {
          return false;
        }
        if (end(at.get()) >= floor) {
          put(at.get());
          open.remove(next.key());
        } else {
          moves++;
          sooner(dish, open, floor - end(at.get()));
        }
      }
      return true;
    }

    /** What follows would wait too long: the whole dish is taken off again, to end sooner. */
    private void sooner(Set<String> dish, Set<String> open, int seconds) {
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

    /** Of those that nothing open follows, the one that may wait least; or any of them. */
    private Activity next(Set<String> open) {
      List<Activity> ready =
          problem.activities().stream()
              .filter(one -> open.contains(one.key()))
              .filter(
                  one ->
                      after.getOrDefault(one.key(), List.of()).stream()
                          .noneMatch(lag -> open.contains(lag.after()) && !tail(lag.after())))
              .filter(
                  one ->
                      !tail(one.key())
                          || before.getOrDefault(one.key(), List.of()).stream()
                              .noneMatch(lag -> open.contains(lag.before())))
              .toList();
      if (ready.isEmpty()) {
        return activity(open.iterator().next());
      }
      return plain
          ? Collections.max(
              ready, Comparator.comparingInt(this::earliestEnd).thenComparingInt(this::latestEnd))
          : ready.get(random.nextInt(ready.size()));
    }

    private int latestEnd(Activity one) {
      int horizon =
          Math.min(problem.horizonSeconds(), one.latestSeconds().orElse(Integer.MAX_VALUE));
      int latest =
          Math.min(horizon, one.dueSeconds().map(due -> due + delay).orElse(horizon))
              - sooner.getOrDefault(one.key(), 0);
      for (TimeLag lag : after.getOrDefault(one.key(), List.of())) {
        Placement next = placed.get(lag.after());
        if (next != null) {
          latest = Math.min(latest, next.startSeconds() - lag.shortestSeconds());
        }
      }
      return Math.min(latest, latestEndOfTail(one));
    }

    /** Of what follows something that is placed already. */
    private int latestEndOfTail(Activity one) {
      int latest = Integer.MAX_VALUE;
      for (TimeLag lag : before.getOrDefault(one.key(), List.of())) {
        Placement first = placed.get(lag.before());
        if (first != null && lag.longestSeconds().isPresent()) {
          int start = end(first) + lag.longestSeconds().get();
          latest = Math.min(latest, start + one.modes().get(0).lastsSeconds());
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
      Optional<Placement> place =
          admitted(one, new Placement(one.key(), start, mode, Optional.empty()));
      if (one.handsSeconds() == 0 || place.isEmpty()) {
        return place;
      }
      return problem.cooks().stream()
          .map(cook -> new Placement(one.key(), start, mode, Optional.of(cook.name())))
          .flatMap(at -> admitted(one, at).stream())
          .findFirst();
    }

    private Optional<Placement> admitted(Activity one, Placement at) {
      return board.admits(one, at) && stands(one, at) ? Optional.of(at) : Optional.empty();
    }

    /** What is let go with its end, and is not placed yet, could be held so long before it. */
    private boolean stands(Activity one, Placement at) {
      for (Activity holder : holders.getOrDefault(one.key(), List.of())) {
        if (!placed.containsKey(holder.key()) && !holds(holder, one, at)) {
          return false;
        }
      }
      return true;
    }

    private boolean holds(Activity holder, Activity until, Placement at) {
      int start = at.startSeconds() - standsBefore.getOrDefault(holder.key(), 0);
      board.put(until, at);
      boolean free = false;
      for (int mode = 0; mode < holder.modes().size() && !free; mode++) {
        free = board.admits(holder, new Placement(holder.key(), start, mode, Optional.empty()));
      }
      board.remove(until.key());
      return free;
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
