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
 * Runs a program: its phases one after the other, each as one {@link Stretch} after another, in
 * Runge–Kutta steps that are cut short where the simmer begins and where a phase is over. Range: 24
 * hours, thickness up to 30 %.
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
  private final List<Double> phaseStarts = new ArrayList<>();
  private final double lastDone;
  private double target = Double.POSITIVE_INFINITY;
  private Air air;
  private Stretch stretch;
  private double[] state;
  private double seconds;
  private double broughtJoules;

  /** The phase that runs, when it began, and whether its end was come to. */
  private int phase;

  private double phaseStart;
  private boolean phaseOver;

  /** When it was first as hot as it is to be, s. */
  private double simmersFrom = Double.POSITIVE_INFINITY;

  /** How many changes are over: of the whole program, and of this phase. */
  private int done;

  private int doneInPhase;

  PotDynamics(Program program, Unknowns unknowns) {
    this.program =
        unknowns.driftFromSeconds() > 0 ? program.dividedAt(unknowns.driftFromSeconds()) : program;
    this.unknowns = unknowns;
    this.lastDone = Change.lastFillingSeconds(program.changes());
    this.air = Air.of(program.setting());
    this.stretch =
        new Stretch(
            program.setting(),
            air,
            new Charge(unknowns.really(program.start()), List.of()),
            unknowns,
            0);
    this.state = stretch.initial(program.temperature().celsius(), Ledger.EMPTY);
  }

  /** Runs until the last phase is over. */
  ReductionCurve untilThick(MassFraction wanted) {
    target = wanted.value();
    return run(LONGEST_SECONDS);
  }

  /** Runs for a time, or until the last phase is over; what is to be thick never is. */
  ReductionCurve during(double longest) {
    return run(Math.min(LONGEST_SECONDS, Math.max(1, longest)));
  }

  private ReductionCurve run(double longest) {
    phaseStarts.add(0.0);
    Optional<Outcome> end = started();
    while (end.isEmpty() && seconds < longest - SAME_SECONDS) {
      end = onward(longest);
    }
    return new ReductionCurve(states, end.orElseGet(this::never), phaseStarts);
  }

  /** To the next thing that is done to it, or to the end of the phase. */
  private Optional<Outcome> onward(double longest) {
    double over = timedEnd();
    double own = Math.min(over, next(running().changes(), doneInPhase, phaseStart));
    double any = next(program.changes(), done, 0);
    boolean doneAll = doneInPhase == running().changes().size();
    Optional<Outcome> beyond =
        phaseOver
            ? Optional.empty()
            : runUntil(Math.min(Math.min(longest, over), Math.min(own, any)));
    if (beyond.isPresent()) {
      return beyond;
    }
    if (phaseOver || came(over) && doneAll && over <= any) {
      return nextPhase();
    }
    if (!doneAll && came(own) && own <= any) {
      return changed(running().changes().get(doneInPhase++));
    }
    return came(any) ? changed(program.changes().get(done++)) : Optional.empty();
  }

  private boolean came(double moment) {
    return seconds > moment - SAME_SECONDS;
  }

  private static double next(List<Change> changes, int done, double from) {
    return done < changes.size()
        ? from + Math.max(0, changes.get(done).seconds())
        : Double.POSITIVE_INFINITY;
  }

  private Phase running() {
    return program.phases().get(phase);
  }

  private boolean isLast() {
    return phase == program.phases().size() - 1;
  }

  /** When the phase is over where a time ends it. */
  private double timedEnd() {
    if (running().end() instanceof PhaseEnd.At said) {
      return isLast() ? Math.max(said.seconds(), lastDone) : said.seconds();
    }
    return running().end() instanceof PhaseEnd.After after
        ? Math.max(countedFrom() + after.seconds(), allIn())
        : Double.POSITIVE_INFINITY;
  }

  /** From when its minutes count: from the first simmer where one is waited for. */
  private double countedFrom() {
    boolean waits =
        running().heating() instanceof BurnerSet set
            ? set.share().value() > 0
            : !(running().heating() instanceof InOven);
    return waits ? Math.max(phaseStart, simmersFrom) : phaseStart;
  }

  /**
   * When all has gone in or out that does in this phase. What was really done later than the last
   * phase should have lasted was done in it.
   */
  private double allIn() {
    double own = phaseStart + running().lastFilling();
    return isLast() ? Math.max(own, lastDone) : own;
  }

  private Optional<Outcome> nextPhase() {
    if (isLast()) {
      return Optional.of(new Reaches(now()));
    }
    phase++;
    phaseStart = seconds;
    phaseStarts.add(seconds);
    phaseOver = false;
    doneInPhase = 0;
    Fill was = filled();
    go(was.set(was.setting().with(running().heating()).with(running().lid())));
    return started();
  }

  /** A stretch begins: what it begins with may end the matter. */
  private Optional<Outcome> started() {
    states.add(stretch.at(seconds, state, broughtJoules));
    if (stretch.overflows(state)) {
      return Optional.of(new OutOfRange(Beyond.OVER_THE_RIM, now()));
    }
    phaseOver = counts() && past(state) >= 0;
    return Optional.empty();
  }

  /** Whether all has gone in and out that does. */
  private boolean counts() {
    return !fills(running().changes(), doneInPhase)
        && !(isLast() && fills(program.changes(), done));
  }

  private static boolean fills(List<Change> changes, int from) {
    for (int i = from; i < changes.size(); i++) {
      if (changes.get(i).fills()) {
        return true;
      }
    }
    return false;
  }

  private double past(double[] at) {
    return stretch.past(running().end(), target, at);
  }

  private Optional<Outcome> changed(Change change) {
    go(filled().after(change));
    return started();
  }

  private Fill filled() {
    return new Fill(stretch.charge(state), stretch.celsius(state), stretch.setting());
  }

  private void go(Fill fill) {
    Ledger ledger = stretch.ledger(state, broughtJoules);
    broughtJoules += fill.broughtJoules();
    air = air.above(fill.setting());
    stretch = new Stretch(fill.setting(), air, fill.charge(), unknowns, seconds);
    state = stretch.initial(fill.celsius(), ledger);
  }

  private Optional<Outcome> runUntil(double until) {
    Mode mode = stretch.startingMode(state);
    noticeSimmer(mode);
    while (seconds < Math.min(until, timedEnd()) - SAME_SECONDS) {
      Mode now = mode;
      double left = Math.min(until, timedEnd()) - seconds;
      double step = Math.min(left, stretch.longestStep(state, now));
      double[] next = stepped(now, step);
      Mode after = stretch.mode(next, now);
      if (after != now && (now == Mode.FREE || now == Mode.COOLING)) {
        step = stepTo(now, step, stretch::overCeiling);
        next = stepped(now, step);
        after = stretch.held();
      }
      if (counts() && past(next) >= 0) {
        step = stepTo(now, step, this::past);
        advance(stepped(now, step), step);
        phaseOver = true;
        return Optional.empty();
      }
      advance(next, step);
      mode = after;
      noticeSimmer(mode);
      Optional<Outcome> beyond = beyond();
      if (beyond.isPresent()) {
        return beyond;
      }
    }
    return Optional.empty();
  }

  private void noticeSimmer(Mode mode) {
    if (mode != Mode.FREE && simmersFrom > seconds) {
      simmersFrom = seconds;
    }
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
