package urnstew.core.reduction;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.solvers.IllinoisSolver;
import urnstew.core.numerics.RungeKutta;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Stretch.Mode;
import urnstew.units.MassFraction;

/**
 * Runs a program: one {@link Stretch} after another, in Runge–Kutta steps that are cut short where
 * the simmer begins and where the sauce is thick enough. Range: 24 hours, thickness up to 30 %.
 */
final class PotDynamics {
  /** Of an hour's step this is found to less than a nanosecond. */
  private static final double FOUND_SECONDS = 1e-9;

  /** Moments closer than this are one. */
  private static final double SAME_SECONDS = 1e-6;

  private static final double FOUND_MARGIN = 1e-12;
  private static final int MOST_TRIES = 100;

  private static final double LONGEST_SECONDS = Duration.ofHours(24).toSeconds();
  private static final double PASTE = 0.30;
  private static final double DRY_KILOGRAMS = 1e-3;
  private static final double NEVER_WARM_KELVINS = 5;

  private final Program program;
  private final Unknowns unknowns;
  private final RungeKutta kutta = new RungeKutta(Stretch.SIZE);
  private final List<PotState> states = new ArrayList<>();
  private final double countsFrom;
  private double target = Double.POSITIVE_INFINITY;
  private Stretch stretch;
  private double[] state;
  private double seconds;
  private double broughtJoules;

  PotDynamics(Program program, Unknowns unknowns) {
    this.program =
        unknowns.driftFromSeconds() > 0 ? program.dividedAt(unknowns.driftFromSeconds()) : program;
    this.unknowns = unknowns;
    this.countsFrom = program.lastFilling();
    this.stretch = new Stretch(program.setting(), unknowns.really(program.start()), unknowns, 0);
    this.state = stretch.initial(program.temperature().celsius(), Ledger.EMPTY);
  }

  /** Runs until it is thick enough, after everything that is planned to go in. */
  ReductionCurve untilThick(MassFraction wanted) {
    target = wanted.value();
    return run(LONGEST_SECONDS);
  }

  /** Runs for a time, thick enough or not. */
  ReductionCurve during(double longest) {
    return run(Math.min(LONGEST_SECONDS, Math.max(1, longest)));
  }

  private ReductionCurve run(double longest) {
    Optional<Outcome> end = started();
    for (Change change : program.changes()) {
      if (end.isEmpty() && change.seconds() < longest) {
        end = runUntil(Math.max(0, change.seconds()));
        if (end.isEmpty()) {
          change(change);
          end = started();
        }
      }
    }
    return new ReductionCurve(states, end.or(() -> runUntil(longest)).orElseGet(this::never));
  }

  /** A stretch begins: what it begins with may end the matter. */
  private Optional<Outcome> started() {
    states.add(stretch.at(seconds, state, broughtJoules));
    if (stretch.overflows(state)) {
      return Optional.of(new OutOfRange(Beyond.OVER_THE_RIM, now()));
    }
    boolean thick = counts() && stretch.equivalentSolidsWhenGiven(state) >= target;
    return thick ? Optional.of(new Reaches(now())) : Optional.empty();
  }

  /** Whether all has gone in: steps end where something does, to rounding. */
  private boolean counts() {
    return seconds > countsFrom - SAME_SECONDS;
  }

  private void change(Change change) {
    PotState before = stretch.at(seconds, state, broughtJoules);
    Fill fill = Fill.after(change, before);
    broughtJoules += fill.broughtJoules();
    stretch = new Stretch(fill.setting(), fill.contents(), unknowns, seconds);
    state = stretch.initial(fill.celsius(), before.ledger());
  }

  private Optional<Outcome> runUntil(double until) {
    Mode mode = stretch.startingMode(state);
    while (seconds < until - SAME_SECONDS) {
      Mode now = mode;
      double step = Math.min(until - seconds, stretch.longestStep(state, now));
      double[] next = stepped(now, step);
      Mode after = stretch.mode(next, now);
      if (after != now && (now == Mode.FREE || now == Mode.COOLING)) {
        step = stepTo(now, step, stretch::overCeiling);
        next = stepped(now, step);
        after = stretch.held();
      }
      if (counts() && stretch.equivalentSolidsWhenGiven(next) >= target) {
        step = stepTo(now, step, end -> stretch.equivalentSolidsWhenGiven(end) - target);
        return Optional.of(reached(now, step));
      }
      advance(next, step);
      mode = after;
      Optional<Outcome> beyond = beyond();
      if (beyond.isPresent()) {
        return beyond;
      }
    }
    return Optional.empty();
  }

  private Outcome reached(Mode mode, double step) {
    advance(stepped(mode, step), step);
    return new Reaches(now());
  }

  private double[] stepped(Mode mode, double step) {
    return kutta.step((from, slope) -> stretch.slope(from, slope, mode), state, step);
  }

  private void advance(double[] next, double step) {
    seconds += step;
    state = next;
    states.add(stretch.at(seconds, state, broughtJoules));
  }

  /**
   * Length of a step, up to {@code longest}, after which a margin is zero. Where it is past zero
   * from the beginning, as in a pot that is thick before its last addition, it is the nearer end.
   */
  private double stepTo(Mode mode, double longest, ToDoubleFunction<double[]> margin) {
    double[] from = state;
    double atFirst = margin.applyAsDouble(from);
    double atLast = margin.applyAsDouble(stepped(mode, longest));
    if (atFirst * atLast >= 0) {
      return Math.abs(atFirst) <= Math.abs(atLast) ? 0 : longest;
    }
    return new IllinoisSolver(0, FOUND_SECONDS, FOUND_MARGIN)
        .solve(
            MOST_TRIES,
            step -> margin.applyAsDouble(step == 0 ? from : stepped(mode, step)),
            0,
            longest);
  }

  private Optional<Outcome> beyond() {
    if (stretch.equivalentSolidsWhenGiven(state) > PASTE) {
      return Optional.of(new OutOfRange(Beyond.PASTE, now()));
    }
    return stretch.sauceWater(state) < DRY_KILOGRAMS
        ? Optional.of(new OutOfRange(Beyond.DRY, now()))
        : Optional.empty();
  }

  private Duration now() {
    return Duration.ofMillis(Math.round(seconds * 1000));
  }

  private Outcome never() {
    SimmerSetting last = states.get(states.size() - 1).setting();
    if (last.heating() instanceof BurnerSet set && set.share().value() == 0) {
      return new NeverReaches(Never.HEAT_OFF);
    }
    if (last.heating() instanceof InOven) {
      return new NeverReaches(Never.OVEN_TOO_COOL);
    }
    if (last.lid() == Lid.ON && !last.heatLimited()) {
      return new NeverReaches(Never.LID_ON);
    }
    return new NeverReaches(
        stretch.overCeiling(state) < -NEVER_WARM_KELVINS ? Never.NO_HEAT : Never.TOO_SLOW);
  }
}
