package urnstew.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every way to place everything: for a handful of activities in a handful of ticks. */
public final class Exhaustive {
  private final Problem problem;
  private final Rules board;
  private final List<Placement> placed = new ArrayList<>();
  private Optional<Cost> least = Optional.empty();

  private Exhaustive(Problem problem) {
    this.problem = problem;
    board = Rules.empty(problem);
  }

  /** What the cheapest costs; empty where there is none. */
  public static Optional<Cost> least(Problem problem) {
    Exhaustive search = new Exhaustive(problem);
    search.place(0);
    return search.least;
  }

  private void place(int next) {
    if (next == problem.activities().size()) {
      Schedule schedule = new Schedule(placed);
      if (Rules.broken(problem, schedule).isEmpty()) {
        Cost cost = Cost.of(problem, schedule, Optional.empty());
        least = least.filter(is -> is.compareTo(cost) <= 0).or(() -> Optional.of(cost));
      }
      return;
    }
    Activity one = problem.activities().get(next);
    for (int mode = 0; mode < one.modes().size(); mode++) {
      for (int start = 0; start < problem.horizonSeconds(); start += Problem.GRID_SECONDS) {
        for (Optional<String> cook : hands(one)) {
          put(one, new Placement(one.key(), start, mode, cook), next);
        }
      }
    }
  }

  private List<Optional<String>> hands(Activity one) {
    return one.handsSeconds() == 0
        ? List.of(Optional.empty())
        : problem.cooks().stream().map(cook -> Optional.of(cook.name())).toList();
  }

  private void put(Activity one, Placement at, int next) {
    if (!board.admits(one, at) || !lagsStand(at)) {
      return;
    }
    board.put(one, at);
    placed.add(at);
    place(next + 1);
    placed.remove(placed.size() - 1);
    board.remove(one.key());
  }

  private boolean lagsStand(Placement at) {
    return problem.lags().stream()
        .filter(lag -> lag.after().equals(at.key()))
        .allMatch(
            lag ->
                placed.stream()
                    .filter(one -> one.key().equals(lag.before()))
                    .allMatch(
                        one -> {
                          int between = at.startSeconds() - problem.end(one);
                          return between >= lag.shortestSeconds()
                              && between <= lag.longestSeconds().orElse(Integer.MAX_VALUE);
                        }));
  }
}
