package urnstew.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import urnstew.core.bench.Outcome.Found;

/**
 * Asks for schedules and believes none that breaks a rule. Where the solver cannot be had or finds
 * nothing, a plain constructive schedule comes and says so.
 */
public final class Bench {
  /** About so many seconds of the solver's work: a replan has to come in three. */
  public static final double EFFORT = 2;

  /** For a question that is only whether. */
  static final double DECIDE = 0.5;

  private final Optional<Scheduler> solver;
  private final Scheduler plain;

  /**
   * @param solver if it can be had
   * @param plain that always can
   */
  public Bench(Optional<Scheduler> solver, Scheduler plain) {
    this.solver = solver;
    this.plain = plain;
  }

  /**
   * The best schedule that was found; where none keeps every rule, one in which something waits too
   * long, if there is not even less.
   *
   * @param before that is kept near to
   * @throws IllegalStateException if a scheduler gives one that breaks a rule
   */
  public Outcome plan(Problem problem, Optional<Schedule> before) {
    Outcome first = solver.map(one -> solve(one, problem, before)).orElse(new Outcome.Unknown());
    if (first instanceof Found) {
      return first;
    }
    Outcome second =
        first instanceof Outcome.Unknown ? solve(plain, problem, before) : new Outcome.Unknown();
    if (second instanceof Found) {
      return second;
    }
    return solve(solver.orElse(plain), problem.whereAllKeeps(), before) instanceof Found found
        ? overrun(problem, found)
        : first;
  }

  private static Outcome overrun(Problem problem, Found found) {
    Schedule schedule = found.schedule();
    List<TimeLag> tooLong =
        problem.lags().stream().filter(lag -> lag.tooLong(problem, schedule)).toList();
    return new Outcome.Overrun(schedule, found.cost(), tooLong, found.by());
  }

  private static Outcome solve(Scheduler by, Problem problem, Optional<Schedule> before) {
    Outcome outcome = by.solve(problem, before, EFFORT);
    if (outcome instanceof Found found) {
      List<Rules.Broken> broken = Rules.broken(problem, found.schedule());
      if (!broken.isEmpty() || !found.cost().equals(Cost.of(problem, found.schedule(), before))) {
        throw new IllegalStateException(by.name() + " breaks " + broken);
      }
    }
    return outcome;
  }

  /**
   * Why not all of it can be had; empty where it can, or where there is no solver that could prove
   * it.
   *
   * @param running keys of fixed placements that nobody can take back: they have begun
   */
  public Optional<Conflict> conflict(Problem problem, Set<String> running) {
    return solver.flatMap(one -> Conflict.of(problem, running, one, DECIDE));
  }
}
