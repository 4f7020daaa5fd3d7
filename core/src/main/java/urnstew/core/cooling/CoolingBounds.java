package urnstew.core.cooling;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/**
 * Three courses of one cooling that agree with its readings.
 *
 * @param likely best guess; speed fitted with a prior of ±30 % (assumption)
 * @param slow no warmer than this: the slow side from the start, and again from each late reading
 * @param slowAlone the slow side from the start alone
 * @param fast no colder than this
 * @param fastHolds whether readings agree with it; if not, nothing is known between two readings
 * @param speed of the likely course
 */
record CoolingBounds(
    CoolingCourse likely,
    CoolingCourse slow,
    CoolingCourse slowAlone,
    CoolingCourse fast,
    boolean fastHolds,
    double speed) {
  private static final double PRIOR = 0.3;

  /** How far from the warmest place a probe stands, K (assumption). */
  private static final double PLACE_ERROR = 2;

  private static final double SLOWEST = 0.15;
  private static final double FASTEST = 8;
  private static final double FOUND_LOG = 0.005;
  private static final int ORDER = 5;
  private static final int MOST_TRIES = 60;

  /** Readings from which the slow side starts again: the last ones. */
  private static final int RESTARTS = 3;

  static CoolingBounds of(CoolingHistory history, double until) {
    double speed = history.readings().isEmpty() ? 1 : fitted(history);
    CoolingCourse likely = course(history, BoundingCase.LIKELY, speed, until);
    double slowed =
        extreme(
            1, SLOWEST, factor -> above(asFarAsRead(history, BoundingCase.SLOW, factor), history));
    CoolingCourse alone = course(history, BoundingCase.SLOW, slowed, until);
    double hurried =
        extreme(
            1, FASTEST, factor -> below(asFarAsRead(history, BoundingCase.FAST, factor), history));
    CoolingCourse fast = course(history, BoundingCase.FAST, hurried, until);
    return new CoolingBounds(
        likely, slow(history, alone, slowed, until), alone, fast, below(fast, history) >= 0, speed);
  }

  private static CoolingCourse course(
      CoolingHistory history, BoundingCase side, double speed, double until) {
    return new CoolingRun(history.sauce(), side, speed)
        .from(history.steps(), 0, history.start().celsius(), until);
  }

  private static CoolingCourse asFarAsRead(
      CoolingHistory history, BoundingCase side, double speed) {
    double last =
        history.readings().stream()
            .mapToDouble(reading -> history.seconds(reading.at()))
            .max()
            .orElse(0);
    return new CoolingRun(history.sauce(), side, speed)
        .upTo(history.steps(), history.start().celsius(), last);
  }

  /** How far the course lies above all readings, K; below zero where one contradicts it. */
  private static double above(CoolingCourse course, CoolingHistory history) {
    return history.readings().stream()
        .mapToDouble(
            reading ->
                course.celsiusAt(history.seconds(reading.at()))
                    - (reading.celsius() - reading.errorKelvins()))
        .min()
        .orElse(1);
  }

  /** The same below all of them. */
  private static double below(CoolingCourse course, CoolingHistory history) {
    return history.readings().stream()
        .mapToDouble(
            reading ->
                reading.celsius()
                    - reading.errorKelvins()
                    - course.celsiusAt(history.seconds(reading.at())))
        .min()
        .orElse(1);
  }

  /** The factor nearest to the first with a margin; the last where none has. */
  private static double extreme(double first, double last, DoubleUnaryOperator margin) {
    if (margin.applyAsDouble(first) >= 0) {
      return first;
    }
    if (margin.applyAsDouble(last) < 0) {
      return last;
    }
    double log =
        new BracketingNthOrderBrentSolver(FOUND_LOG, ORDER)
            .solve(
                MOST_TRIES,
                some -> margin.applyAsDouble(Math.exp(some)),
                Math.min(Math.log(first), Math.log(last)),
                Math.max(Math.log(first), Math.log(last)),
                AllowedSolution.ABOVE_SIDE);
    return Math.exp(log);
  }

  private static double fitted(CoolingHistory history) {
    UnivariateObjectiveFunction misfit =
        new UnivariateObjectiveFunction(
            log -> misfit(asFarAsRead(history, BoundingCase.LIKELY, Math.exp(log)), history, log));
    double log =
        new BrentOptimizer(1e-3, 1e-3)
            .optimize(
                new MaxEval(60),
                misfit,
                GoalType.MINIMIZE,
                new SearchInterval(Math.log(SLOWEST), Math.log(FASTEST), 0))
            .getPoint();
    return Math.exp(log);
  }

  private static double misfit(CoolingCourse course, CoolingHistory history, double log) {
    double sum = log * log / (PRIOR * PRIOR);
    for (CoolingEvent.Read reading : history.readings()) {
      double off = course.celsiusAt(history.seconds(reading.at())) - reading.celsius();
      double error = Math.hypot(reading.errorKelvins(), PLACE_ERROR);
      sum += off * off / (error * error);
    }
    return sum;
  }

  /** The lower of all upper edges, at every moment that one of them knows. */
  private static CoolingCourse slow(
      CoolingHistory history, CoolingCourse alone, double speed, double until) {
    List<CoolingCourse> edges = new ArrayList<>(List.of(alone));
    List<CoolingEvent.Read> readings = history.readings();
    CoolingRun run = new CoolingRun(history.sauce(), BoundingCase.SLOW, speed);
    for (CoolingEvent.Read reading :
        readings.subList(Math.max(0, readings.size() - RESTARTS), readings.size())) {
      edges.add(
          run.from(
              history.steps(),
              history.seconds(reading.at()),
              reading.celsius() + reading.errorKelvins(),
              until));
    }
    if (edges.size() == 1) {
      return alone;
    }
    TreeSet<Double> moments = new TreeSet<>();
    edges.forEach(edge -> edge.points().forEach(point -> moments.add(point.seconds())));
    return new CoolingCourse(
        moments.stream()
            .map(
                at ->
                    new CoolingCourse.Point(
                        at,
                        edges.stream()
                            .filter(edge -> edge.points().get(0).seconds() <= at)
                            .mapToDouble(edge -> edge.celsiusAt(at))
                            .min()
                            .orElseThrow()))
            .toList());
  }
}
