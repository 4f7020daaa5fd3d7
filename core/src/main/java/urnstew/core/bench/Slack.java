package urnstew.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How much later each work of a schedule may be, if whatever follows it makes way in its order.
 * Source: R. Dechter, I. Meiri, J. Pearl, Temporal constraint networks, Artificial Intelligence 49
 * (1991) 61: the latest times are shortest paths.
 */
public final class Slack {
  /** At least so long between two beginnings. */
  private record Edge(String from, String to, int seconds) {}

  private final Problem problem;
  private final Schedule schedule;
  private final List<Edge> edges = new ArrayList<>();

  private Slack(Problem problem, Schedule schedule) {
    this.problem = problem;
    this.schedule = schedule;
    problem.lags().forEach(this::add);
    problem.activities().forEach(this::add);
    List<Placement> all = schedule.placements();
    for (int i = 0; i < all.size(); i++) {
      for (int j = i + 1; j < all.size(); j++) {
        order(all.get(i), all.get(j));
      }
    }
  }

  /**
   * Seconds for each activity, with modes, hands and order as they are, nothing later than its hour
   * (or than it is, where it is late already), what runs or is locked where it is. What waits too
   * long already may wait longer.
   */
  public static Map<String, Integer> of(Problem problem, Schedule schedule) {
    Slack slack = new Slack(problem, schedule);
    Map<String, Integer> latest = slack.latest();
    Map<String, Integer> all = new HashMap<>();
    schedule
        .placements()
        .forEach(one -> all.put(one.key(), latest.getOrDefault(one.key(), 0) - one.startSeconds()));
    return all;
  }

  private void add(TimeLag lag) {
    int lasts = lasts(lag.before());
    edges.add(new Edge(lag.before(), lag.after(), lasts + lag.shortestSeconds()));
    lag.longestSeconds()
        .filter(most -> !lag.tooLong(problem, schedule))
        .ifPresent(most -> edges.add(new Edge(lag.after(), lag.before(), -lasts - most)));
  }

  /** What is held is not let go before the end of what holds it. */
  private void add(Activity one) {
    one.holdsUntil()
        .ifPresent(until -> edges.add(new Edge(one.key(), until, lasts(one.key()) - lasts(until))));
  }

  private int lasts(String key) {
    Placement at = schedule.of(key);
    return problem.end(at) - at.startSeconds();
  }

  /** Two that cannot be at once stay in their order. */
  private void order(Placement one, Placement other) {
    Activity first = problem.activity(one.key());
    Activity second = problem.activity(other.key());
    if (one.cook().isPresent() && one.cook().equals(other.cook())) {
      edges.add(new Edge(one.key(), other.key(), first.handsSeconds()));
    }
    int between = -1;
    for (Claim mine : first.modes().get(one.mode()).claims()) {
      for (Claim theirs : second.modes().get(other.mode()).claims()) {
        if (mine.resource().equals(theirs.resource())) {
          between = Math.max(between, between(mine, theirs, one, other));
        }
      }
    }
    if (between >= 0) {
      String last = first.holdsUntil().orElse(one.key());
      edges.add(new Edge(last, other.key(), lasts(last) + between));
    }
  }

  private int between(Claim mine, Claim theirs, Placement one, Placement other) {
    if (mine instanceof Claim.Shelf first && theirs instanceof Claim.Shelf second) {
      int change = problem.oven(first.resource()).changeSeconds(first, second);
      boolean apart = other.startSeconds() >= letsGo(one);
      return change > 0 || apart ? change : -1;
    }
    return 0;
  }

  private int letsGo(Placement one) {
    return problem
        .activity(one.key())
        .holdsUntil()
        .map(key -> problem.end(schedule.of(key)))
        .orElse(problem.end(one));
  }

  private Map<String, Integer> latest() {
    Map<String, Integer> latest = new HashMap<>();
    for (Placement one : schedule.placements()) {
      latest.put(one.key(), bound(one));
    }
    boolean changed = true;
    while (changed) {
      changed = false;
      for (Edge edge : edges) {
        int most = latest.getOrDefault(edge.to(), 0) - edge.seconds();
        if (most < latest.getOrDefault(edge.from(), 0)) {
          latest.put(edge.from(), most);
          changed = true;
        }
      }
    }
    return latest;
  }

  private int bound(Placement one) {
    if (problem.fixed().contains(one)) {
      return one.startSeconds();
    }
    Activity activity = problem.activity(one.key());
    int lasts = lasts(one.key());
    int end =
        Math.min(problem.horizonSeconds(), activity.latestSeconds().orElse(Integer.MAX_VALUE));
    Optional<Integer> due = activity.dueSeconds().map(d -> Math.max(d, problem.end(one)));
    int start = Math.min(end, due.orElse(end)) - lasts;
    int hands = activity.handsSeconds();
    for (Cook cook : problem.cooks()) {
      if (one.cook().filter(cook.name()::equals).isPresent()) {
        start = Math.min(start, cook.untilSeconds() - hands);
      }
    }
    for (Occupied busy : problem.occupied()) {
      boolean mine = one.cook().filter(busy.resource()::equals).isPresent();
      boolean held = heldTo(one).contains(busy.resource());
      if ((mine || held) && busy.fromSeconds() >= one.startSeconds()) {
        start = Math.min(start, busy.fromSeconds() - (held ? lasts : hands));
      }
    }
    return start;
  }

  /** Whatever is let go with its end. */
  private Set<String> heldTo(Placement one) {
    return schedule.placements().stream()
        .filter(
            holder ->
                problem.activity(holder.key()).holdsUntil().orElse(holder.key()).equals(one.key()))
        .flatMap(
            holder -> problem.activity(holder.key()).modes().get(holder.mode()).claims().stream())
        .map(Claim::resource)
        .collect(Collectors.toSet());
  }
}
