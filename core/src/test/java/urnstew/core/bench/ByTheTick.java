package urnstew.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Whether a schedule stands, found in another way than {@link Rules}: every quarter of a minute is
 * walked through and what is held in it is counted.
 */
public final class ByTheTick {
  private static final int TICK = Problem.GRID_SECONDS;

  private final Problem problem;
  private final Map<String, Placement> at;

  private ByTheTick(Problem problem, Schedule schedule) {
    this.problem = problem;
    at = schedule.byKey();
  }

  public static boolean stands(Problem problem, Schedule schedule) {
    ByTheTick one = new ByTheTick(problem, schedule);
    for (int tick = 0; tick < problem.horizonSeconds(); tick += TICK) {
      if (!one.standsAt(tick)) {
        return false;
      }
    }
    return one.inTime() && one.lagsStand();
  }

  private Placement at(Activity one) {
    return Objects.requireNonNull(at.get(one.key()));
  }

  private Mode mode(Activity one) {
    return one.modes().get(at(one).mode());
  }

  private int end(Activity one) {
    return at(one).startSeconds() + mode(one).lastsSeconds();
  }

  /** Whether it holds what it claims. */
  private boolean holds(Activity one, int tick) {
    return at(one).startSeconds() <= tick && tick < letsGo(one);
  }

  private int letsGo(Activity one) {
    return one.holdsUntil().map(key -> end(problem.activity(key))).orElse(end(one));
  }

  private boolean standsAt(int tick) {
    Map<String, Integer> held = new HashMap<>();
    problem.occupied().stream()
        .filter(busy -> busy.fromSeconds() <= tick && tick < busy.untilSeconds())
        .forEach(busy -> held.merge(busy.resource(), 1, Integer::sum));
    Map<String, Integer> shelves = new HashMap<>();
    for (Activity one : problem.activities()) {
      if (at(one).startSeconds() <= tick && tick < at(one).startSeconds() + one.handsSeconds()) {
        if (!isThere(at(one).cook().orElseThrow(), tick)) {
          return false;
        }
        held.merge(at(one).cook().orElseThrow(), 1, Integer::sum);
      }
      if (holds(one, tick)) {
        for (Claim claim : mode(one).claims()) {
          if (claim instanceof Claim.Shelf shelf) {
            shelves.merge(shelf.resource(), shelf.shelves(), Integer::sum);
          } else {
            held.merge(claim.resource(), 1, Integer::sum);
          }
        }
      }
    }
    boolean ovenGone = shelves.keySet().stream().anyMatch(oven -> held.getOrDefault(oven, 0) > 0);
    return held.values().stream().allMatch(count -> count <= 1)
        && !ovenGone
        && problem.ovens().stream()
            .allMatch(
                oven ->
                    shelves.getOrDefault(oven.name(), 0) <= oven.shelves() && oneHeat(oven, tick));
  }

  private boolean isThere(String cook, int tick) {
    return problem.cooks().stream()
        .anyMatch(
            one ->
                one.name().equals(cook) && one.fromSeconds() <= tick && tick < one.untilSeconds());
  }

  /** What is in the oven now agrees with all that is in it before it could have changed. */
  private boolean oneHeat(Oven oven, int tick) {
    List<Claim.Shelf> now = new ArrayList<>();
    for (Activity one : problem.activities()) {
      if (holds(one, tick)) {
        now.addAll(shelves(one, oven));
      }
    }
    for (Claim.Shelf one : now) {
      for (Activity other : problem.activities()) {
        for (Claim.Shelf theirs : shelves(other, oven)) {
          int apart = Math.abs(one.airCelsius() - theirs.airCelsius());
          int change = apart <= 10 ? 0 : oven.secondsPerKelvin() * apart;
          int next = at(other).startSeconds();
          if (change > 0 && tick < letsGo(other) + change && tick >= next) {
            return false;
          }
        }
      }
    }
    return true;
  }

  private List<Claim.Shelf> shelves(Activity one, Oven oven) {
    return mode(one).claims().stream()
        .filter(claim -> claim.resource().equals(oven.name()))
        .map(Claim.Shelf.class::cast)
        .toList();
  }

  private boolean inTime() {
    return problem.activities().stream()
        .allMatch(
            one ->
                at(one).startSeconds() >= one.earliestSeconds()
                    && letsGo(one) >= end(one)
                    && end(one) <= one.latestSeconds().orElse(Integer.MAX_VALUE)
                    && end(one) <= problem.horizonSeconds());
  }

  private boolean lagsStand() {
    Map<String, Activity> byKey = problem.byKey();
    return problem.lags().stream()
        .allMatch(
            lag -> {
              Activity before = Objects.requireNonNull(byKey.get(lag.before()));
              Activity after = Objects.requireNonNull(byKey.get(lag.after()));
              int between = at(after).startSeconds() - end(before);
              return between >= lag.shortestSeconds()
                  && between <= lag.longestSeconds().orElse(Integer.MAX_VALUE);
            });
  }
}
