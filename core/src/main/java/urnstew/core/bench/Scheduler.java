package urnstew.core.bench;

import java.util.Optional;

/**
 * Whoever finds schedules. What it says is proved by {@link Rules} before anybody believes it, see
 * {@link Bench}.
 */
public interface Scheduler {
  /** Who it is, as a cook is told. */
  String name();

  /**
   * The best that it finds.
   *
   * @param before that is kept near to, where there was one
   * @param aboutSeconds how hard it looks: so much work that it is about so long, counted in steps,
   *     so that the same finds the same on any machine
   */
  Outcome solve(Problem problem, Optional<Schedule> before, double aboutSeconds);
}
