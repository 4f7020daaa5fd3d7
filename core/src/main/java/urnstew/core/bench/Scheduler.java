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
   * @param effort how hard it looks, in units of its own work: the same finds the same, on any
   *     machine; 1 is about a second
   */
  Outcome solve(Problem problem, Optional<Schedule> before, double effort);
}
