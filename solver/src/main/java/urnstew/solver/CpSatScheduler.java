package urnstew.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import urnstew.core.bench.Cost;
import urnstew.core.bench.Later;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placing;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.bench.Scheduler;
import urnstew.solver.CpSatModel.Goal;

/** Schedules by CP-SAT. */
public final class CpSatScheduler implements Scheduler {
  /** Work ends by then whatever it counts: no cook waits longer. */
  private static final double MOST_SECONDS = 20;

  private static final int SEED = 21;

  /** Levels of linear relaxation. */
  private static final int FINDING = 0;

  private static final int PROVING = 2;

  /** Of the library's units of work, in what is about a second here. */
  private static final double UNITS = 0.03;

  private static final double LEAST_UNITS = 0.005;

  private static final double ROUNDING = 1e-6;

  private CpSatScheduler() {}

  /** If its native library can be loaded on this machine; it is, once. */
  public static Optional<Scheduler> loaded() {
    try {
      Loader.loadNativeLibraries();
      return Optional.of(new CpSatScheduler());
    } catch (RuntimeException | UnsatisfiedLinkError | NoClassDefFoundError missing) {
      System.getLogger(CpSatScheduler.class.getName())
          .log(System.Logger.Level.WARNING, "No solver on this machine: " + missing);
      return Optional.empty();
    }
  }

  @Override
  public String name() {
    return "cp-sat";
  }

  @Override
  public Outcome solve(Problem problem, Optional<Schedule> before, double aboutSeconds) {
    return new Search(problem, before, aboutSeconds).run();
  }

  /**
   * One goal after the other: what was reached of one is kept for the next. Two searches go on at
   * once, each of one worker: one is good at finding, the other at proving.
   */
  private final class Search {
    private final Problem problem;
    private final Optional<Schedule> before;
    private final List<CpSatModel> models;
    private Optional<Schedule> best;
    private double left;

    Search(Problem problem, Optional<Schedule> before, double aboutSeconds) {
      this.problem = problem;
      this.before = before;
      left = aboutSeconds * UNITS;
      models = List.of(new CpSatModel(problem, before), new CpSatModel(problem, before));
      best = Placing.of(problem, SEED, 1, 0);
    }

    Outcome run() {
      Map<Goal, Long> least = new EnumMap<>(Goal.class);
      for (Goal goal : Goal.values()) {
        best.ifPresent(found -> models.forEach(model -> model.hint(found)));
        double share = left / (Goal.values().length - goal.ordinal());
        List<Result> results = both(goal, share);
        if (results.stream().anyMatch(Result::impossible)) {
          return impossible();
        }
        left -= results.stream().mapToDouble(Result::effort).max().orElse(0);
        results.stream().flatMap(one -> one.found().stream()).forEach(this::take);
        if (best.isEmpty()) {
          return new Outcome.Unknown();
        }
        least.put(goal, results.stream().mapToLong(Result::least).max().orElse(0));
        models.forEach(model -> model.atMost(goal, goal.of(cost(best.orElseThrow()))));
      }
      return new Outcome.Found(
          best.orElseThrow(),
          cost(best.orElseThrow()),
          new Outcome.Least(
              least.getOrDefault(Goal.LATE_MINUTES, 0L),
              least.getOrDefault(Goal.UNREST, 0L),
              least.getOrDefault(Goal.AHEAD_TICKS, 0L) * Problem.GRID_SECONDS),
          name());
    }

    /** That there is none is not believed of a model that refuses one that stands. */
    private Outcome impossible() {
      if (best.isPresent()) {
        throw new IllegalStateException("The model refuses " + best.get());
      }
      return new Outcome.Impossible();
    }

    /** When to begin is proven only: what is found by it is as good. */
    private List<Result> both(Goal goal, double effort) {
      if (goal == Goal.AHEAD_TICKS) {
        return List.of(solve(models.get(1), goal, PROVING, effort));
      }
      CompletableFuture<Result> finding =
          CompletableFuture.supplyAsync(() -> solve(models.get(0), goal, FINDING, effort));
      Result proving = solve(models.get(1), goal, PROVING, effort / 2);
      return List.of(finding.join(), proving);
    }

    private void take(Schedule found) {
      Schedule later = new Later(problem, before).of(found);
      if (best.filter(is -> cost(is).compareTo(cost(later)) <= 0).isEmpty()) {
        best = Optional.of(later);
      }
    }

    private Cost cost(Schedule schedule) {
      return Cost.of(problem, schedule, before);
    }
  }

  private record Result(Optional<Schedule> found, long least, boolean impossible, double effort) {}

  private static Result solve(CpSatModel model, Goal goal, int linearization, double effort) {
    CpSolver solver = new CpSolver();
    solver
        .getParameters()
        .setNumWorkers(1)
        .setRandomSeed(SEED)
        .setLinearizationLevel(linearization)
        .setMaxDeterministicTime(Math.max(LEAST_UNITS, effort))
        .setMaxTimeInSeconds(MOST_SECONDS);
    CpSolverStatus status = solver.solve(model.minimizing(goal));
    if (status == CpSolverStatus.MODEL_INVALID) {
      throw new IllegalStateException(model.minimizing(goal).validate());
    }
    boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    return new Result(
        found ? Optional.of(model.read(solver)) : Optional.empty(),
        found ? (long) Math.ceil(solver.bestObjectiveBound() - ROUNDING) : 0,
        status == CpSolverStatus.INFEASIBLE,
        solver.response().getDeterministicTime());
  }
}
