package urnstew.core.bench;

import java.util.Optional;

/** The scheduler that is always there: no solver, often not the best, and never proven. */
public final class Constructive implements Scheduler {
  private static final long SEED = 21;

  private static final int ORDERS = 2;

  @Override
  public String name() {
    return "constructive";
  }

  @Override
  public Outcome solve(Problem problem, Optional<Schedule> before, double aboutSeconds) {
    return Placing.of(
            problem, SEED, Math.max(1, (int) (ORDERS * aboutSeconds)), problem.horizonSeconds())
        .<Outcome>map(found -> found(problem, found, before))
        .orElseGet(Outcome.Unknown::new);
  }

  private Outcome found(Problem problem, Schedule found, Optional<Schedule> before) {
    return new Outcome.Found(found, Cost.of(problem, found, before), Outcome.Least.NONE, name());
  }
}
