package urnstew.core.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What of a problem are wishes, and the problem when only some of them must be had. */
final class Wishes {
  private final Problem problem;
  private final Set<String> running;

  /**
   * @param running keys of fixed placements that nobody can take back: they have begun
   */
  Wishes(Problem problem, Set<String> running) {
    this.problem = problem;
    this.running = Set.copyOf(running);
  }

  /** All of them, what is given up least gladly first. */
  List<Wish> all() {
    List<Wish> all = new ArrayList<>();
    problem.cooks().stream()
        .filter(one -> one.fromSeconds() > 0 || one.untilSeconds() < problem.horizonSeconds())
        .forEach(one -> all.add(new Wish.Hours(one.name())));
    problem.occupied().forEach(one -> all.add(new Wish.Held(one)));
    problem.lags().stream()
        .filter(one -> one.longestSeconds().isPresent() && one.costPerMinute() > 0)
        .forEach(one -> all.add(new Wish.Fresh(one.before(), one.after())));
    problem.fixed().stream()
        .filter(one -> !running.contains(one.key()))
        .forEach(one -> all.add(new Wish.Locked(one.key())));
    problem.activities().stream()
        .filter(one -> one.dueSeconds().isPresent())
        .forEach(one -> all.add(new Wish.OnTime(one.key())));
    return all;
  }

  /** These wishes must be had, the others need not; nothing costs but what is late. */
  Problem strict(Collection<Wish> kept) {
    Set<Wish> must = new HashSet<>(kept);
    return new Problem(
        problem.activities().stream().map(one -> strict(one, must)).toList(),
        problem.lags().stream().map(one -> strict(one, must)).distinct().toList(),
        problem.cooks().stream().map(one -> strict(one, must)).toList(),
        problem.ovens(),
        problem.occupied().stream().filter(one -> must.contains(new Wish.Held(one))).toList(),
        problem.fixed().stream()
            .filter(one -> running.contains(one.key()) || must.contains(new Wish.Locked(one.key())))
            .toList(),
        problem.horizonSeconds());
  }

  private static Activity strict(Activity one, Set<Wish> must) {
    if (one.dueSeconds().isEmpty()) {
      return one;
    }
    return must.contains(new Wish.OnTime(one.key()))
        ? one.by(Math.min(one.dueSeconds().get(), one.latestSeconds().orElse(Integer.MAX_VALUE)))
        : one.whenever();
  }

  private static TimeLag strict(TimeLag lag, Set<Wish> must) {
    return new TimeLag(
        lag.before(),
        lag.after(),
        lag.shortestSeconds(),
        lag.longestSeconds()
            .filter(
                l ->
                    lag.costPerMinute() == 0
                        || must.contains(new Wish.Fresh(lag.before(), lag.after()))),
        0);
  }

  private Cook strict(Cook one, Set<Wish> must) {
    return must.contains(new Wish.Hours(one.name()))
        ? one
        : new Cook(one.name(), 0, problem.horizonSeconds());
  }

  /** The others are kept, and this one is missed by as little as can be. */
  Problem missing(Wish given, Collection<Wish> kept) {
    Problem strict = strict(kept.stream().filter(one -> !one.equals(given)).toList());
    return new Problem(
        strict.activities().stream().map(one -> late(one, given)).toList(),
        strict.lags().stream().map(one -> waiting(one, given)).toList(),
        strict.cooks(),
        strict.ovens(),
        strict.occupied(),
        strict.fixed(),
        strict.horizonSeconds());
  }

  private Activity late(Activity one, Wish given) {
    if (!given.equals(new Wish.OnTime(one.key()))) {
      return one;
    }
    return problem.activity(one.key()).dueSeconds().map(one::due).orElse(one);
  }

  private static TimeLag waiting(TimeLag lag, Wish given) {
    return given.equals(new Wish.Fresh(lag.before(), lag.after()))
        ? new TimeLag(lag.before(), lag.after(), lag.shortestSeconds(), lag.longestSeconds(), 100)
        : lag;
  }
}
