package urnstew.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The hard rules of the bench, read off a schedule alone: nothing of how it was found is believed.
 */
public final class Rules {
  /** What can be broken. */
  public enum Rule {
    /** Each activity once, in one of its modes, with hands where it needs them. */
    PLACED,
    /** Not before it can, all over by the end. */
    WINDOW,
    LAG,
    /** What is held is not let go before the end of what holds it. */
    HELD,
    HANDS,
    RESOURCE,
    OVEN,
    FIXED
  }

  /**
   * A rule that a schedule breaks.
   *
   * @param rule which
   * @param keys activities that break it
   */
  public record Broken(Rule rule, List<String> keys) {}

  /** An activity at its place. */
  private record Placed(Activity activity, Mode mode, Placement at) {
    int start() {
      return at.startSeconds();
    }

    int end() {
      return at.startSeconds() + mode.lastsSeconds();
    }

    int handsEnd() {
      return at.startSeconds() + activity.handsSeconds();
    }

    String key() {
      return activity.key();
    }
  }

  private final Problem problem;
  private final List<Placed> placed = new ArrayList<>();
  private final Map<String, Placed> byKey = new HashMap<>();
  private final List<Broken> broken = new ArrayList<>();

  private Rules(Problem problem) {
    this.problem = problem;
  }

  /** Every rule that a schedule breaks; none where it stands. */
  public static List<Broken> broken(Problem problem, Schedule schedule) {
    Rules rules = new Rules(problem);
    rules.place(schedule);
    if (rules.broken.isEmpty()) {
      rules.placed.forEach(rules::alone);
      problem.lags().forEach(rules::lag);
      rules.pairs();
      rules.shelves();
      rules.fixed(schedule);
    }
    return rules.broken;
  }

  /** A board on which activities are put one by one. */
  static Rules empty(Problem problem) {
    return new Rules(problem);
  }

  /** Whether one more breaks nothing beside those that are on it. */
  boolean admits(Activity activity, Placement at) {
    put(activity, at);
    Placed one = placed.get(placed.size() - 1);
    broken.clear();
    beside(one);
    for (int i = 0; i < placed.size() && broken.isEmpty(); i++) {
      Placed holder = placed.get(i);
      if (holder.activity().holdsUntil().filter(one.key()::equals).isPresent()) {
        beside(holder);
      }
    }
    if (broken.isEmpty() && one.mode().claims().stream().anyMatch(Claim.Shelf.class::isInstance)) {
      shelves();
    }
    remove(one.key());
    return broken.isEmpty();
  }

  /** What it breaks by itself and with any other. */
  private void beside(Placed one) {
    alone(one);
    for (int i = 0; i < placed.size() && broken.isEmpty(); i++) {
      if (placed.get(i) != one) {
        pair(one, placed.get(i));
      }
    }
  }

  void remove(String key) {
    placed.remove(byKey.remove(key));
  }

  void put(Activity activity, Placement at) {
    add(new Placed(activity, activity.modes().get(at.mode()), at));
  }

  private void add(Placed one) {
    placed.add(one);
    byKey.put(one.key(), one);
  }

  /** When it lets go of what it claims; of what is not placed yet nothing is known. */
  private int heldEnd(Placed one) {
    Placed until = one.activity().holdsUntil().map(byKey::get).orElse(one);
    return Math.max(one.end(), until.end());
  }

  private void breaks(Rule rule, String... keys) {
    broken.add(new Broken(rule, List.of(keys)));
  }

  private void place(Schedule schedule) {
    Map<String, List<Placement>> byKey =
        schedule.placements().stream().collect(Collectors.groupingBy(Placement::key));
    Set<String> cooks = problem.cooks().stream().map(Cook::name).collect(Collectors.toSet());
    for (Activity one : problem.activities()) {
      List<Placement> at = byKey.getOrDefault(one.key(), List.of());
      if (at.size() != 1
          || at.get(0).mode() < 0
          || at.get(0).mode() >= one.modes().size()
          || at.get(0).cook().isPresent() != one.handsSeconds() > 0
          || !at.get(0).cook().map(cooks::contains).orElse(true)
          || at.get(0).startSeconds() % Problem.GRID_SECONDS != 0) {
        breaks(Rule.PLACED, one.key());
      } else {
        add(new Placed(one, one.modes().get(at.get(0).mode()), at.get(0)));
      }
    }
    byKey.keySet().stream()
        .filter(key -> problem.activities().stream().noneMatch(one -> one.key().equals(key)))
        .forEach(key -> breaks(Rule.PLACED, key));
  }

  /** What it breaks whatever else is done. */
  private void alone(Placed one) {
    int latest = one.activity().latestSeconds().orElse(problem.horizonSeconds());
    if (one.start() < one.activity().earliestSeconds()
        || one.end() > Math.min(latest, problem.horizonSeconds())) {
      breaks(Rule.WINDOW, one.key());
    }
    if (one.activity().holdsUntil().map(byKey::get).filter(u -> u.end() < one.end()).isPresent()) {
      breaks(Rule.HELD, one.key());
    }
    one.at()
        .cook()
        .flatMap(name -> problem.cooks().stream().filter(c -> c.name().equals(name)).findFirst())
        .filter(c -> one.start() < c.fromSeconds() || one.handsEnd() > c.untilSeconds())
        .ifPresent(c -> breaks(Rule.HANDS, one.key()));
    for (Occupied busy : problem.occupied()) {
      boolean held =
          one.mode().claims().stream().anyMatch(c -> c.resource().equals(busy.resource()));
      if (held && busy.meets(one.start(), heldEnd(one))) {
        breaks(Rule.RESOURCE, one.key());
      }
      boolean hands = one.at().cook().filter(busy.resource()::equals).isPresent();
      if (hands && busy.meets(one.start(), one.handsEnd())) {
        breaks(Rule.HANDS, one.key());
      }
    }
  }

  private void lag(TimeLag lag) {
    Placed before = placed(lag.before());
    Placed after = placed(lag.after());
    int between = after.start() - before.end();
    if (between < lag.shortestSeconds()
        || lag.longestSeconds().filter(longest -> between > longest).isPresent()) {
      breaks(Rule.LAG, lag.before(), lag.after());
    }
  }

  private Placed placed(String key) {
    return Optional.ofNullable(byKey.get(key)).orElseThrow();
  }

  private void pairs() {
    for (int i = 0; i < placed.size(); i++) {
      for (int j = i + 1; j < placed.size(); j++) {
        pair(placed.get(i), placed.get(j));
      }
    }
  }

  private void pair(Placed one, Placed other) {
    boolean sameCook = one.at().cook().isPresent() && one.at().cook().equals(other.at().cook());
    if (sameCook && one.start() < other.handsEnd() && other.start() < one.handsEnd()) {
      breaks(Rule.HANDS, one.key(), other.key());
    }
    for (Claim mine : one.mode().claims()) {
      for (Claim theirs : other.mode().claims()) {
        if (mine.resource().equals(theirs.resource())) {
          shared(one, mine, other, theirs);
        }
      }
    }
  }

  private void shared(Placed one, Claim mine, Placed other, Claim theirs) {
    int oneEnd = heldEnd(one);
    int otherEnd = heldEnd(other);
    boolean meet = one.start() < otherEnd && other.start() < oneEnd;
    if (mine instanceof Claim.Shelf first && theirs instanceof Claim.Shelf second) {
      int change = problem.oven(first.resource()).changeSeconds(first, second);
      if (change > 0 && one.start() < otherEnd + change && other.start() < oneEnd + change) {
        breaks(Rule.OVEN, one.key(), other.key());
      }
    } else if (meet) {
      breaks(Rule.RESOURCE, one.key(), other.key());
    }
  }

  /** No more shelves than there are, at every moment at which one more is taken. */
  private void shelves() {
    for (Oven oven : problem.ovens()) {
      for (Placed one : placed) {
        int taken =
            placed.stream()
                .filter(p -> p.start() <= one.start() && one.start() < heldEnd(p))
                .mapToInt(p -> shelves(p, oven))
                .sum();
        if (shelves(one, oven) > 0 && taken > oven.shelves()) {
          breaks(Rule.OVEN, one.key());
        }
      }
    }
  }

  private static int shelves(Placed one, Oven oven) {
    return one.mode().claims().stream()
        .filter(claim -> claim.resource().equals(oven.name()))
        .mapToInt(claim -> claim instanceof Claim.Shelf shelf ? shelf.shelves() : oven.shelves())
        .sum();
  }

  private void fixed(Schedule schedule) {
    for (Placement one : problem.fixed()) {
      if (!schedule.placements().contains(one)) {
        breaks(Rule.FIXED, one.key());
      }
    }
  }
}
