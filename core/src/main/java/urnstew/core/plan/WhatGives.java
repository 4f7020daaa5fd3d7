package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BisectionSolver;
import urnstew.core.correction.Target;
import urnstew.core.plan.Alternative.Kind;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sizing.BatchSize;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Time is short and the target thick: one of the three must give. The thickness, for the same
 * eaters at the same hour; their number, at the same thickness and hour; or the hour.
 */
final class WhatGives {
  private static final double SHORTEST_SECONDS = 120;

  /** Share of the eaters; some of them may never be in time, so that only halving finds it. */
  private static final double FOUND = 1e-4;

  private static final int MOST_TRIES = 40;
  private static final double LEAST_SHARE = 0.05;
  private static final long CLOCK_STEP_SECONDS = 300;

  private final PlanInputs inputs;
  private final Plan plan;
  private final double simmer;

  /**
   * @param simmer likely seconds until it is thick; infinite where it never is
   */
  WhatGives(PlanInputs inputs, Plan plan, double simmer) {
    this.inputs = inputs;
    this.plan = plan;
    this.simmer = simmer;
  }

  /** Ways to be in time; none where the plan is in time already. */
  List<Alternative> all() {
    double left = secondsLeft();
    List<Alternative> all = new ArrayList<>();
    if (left < simmer) {
      if (left >= SHORTEST_SECONDS) {
        thinner(left).ifPresent(all::add);
        fewer(left).ifPresent(all::add);
      }
      laterHour().ifPresent(all::add);
    }
    return all;
  }

  /** For the simmer, if the slow edge of the band is to be in time where there is one. */
  private double secondsLeft() {
    if (plan.timing() instanceof Scheduled hours) {
      return hours.spareAtWorst().isNegative()
          ? simmer + hours.spareAtWorst().toSeconds()
          : Double.POSITIVE_INFINITY;
    }
    Duration beside = plan.preparation().time().plus(inputs.formula().finishTime());
    return Duration.between(inputs.now(), inputs.readyBy()).minus(beside).toSeconds();
  }

  private Optional<Alternative> thinner(double left) {
    try {
      MassFraction reached = FixedTime.equivalentSolids(inputs, duration(left));
      PlanInputs with = inputs.with(new Target.Solids(tenth(reached)));
      String cost =
          String.format(Locale.ROOT, "thinner than %.1f %%", inputs.equivalentSolids().percent());
      return Optional.of(
          new Alternative(
              Kind.THINNER,
              String.format(Locale.ROOT, "%.1f %% solids", tenth(reached).percent()),
              cost,
              duration(left),
              with,
              Mass.ZERO));
    } catch (InvalidInput beyond) {
      return Optional.empty();
    }
  }

  /** Rounded down to a tenth of a percent, as cooks type it: rather a little thinner than late. */
  private static MassFraction tenth(MassFraction solids) {
    return MassFraction.ofPercent(Math.floor(solids.percent() * 10) / 10);
  }

  private Optional<Alternative> fewer(double left) {
    if (seconds(LEAST_SHARE) > left) {
      return Optional.empty();
    }
    double share =
        new BisectionSolver(FOUND).solve(MOST_TRIES, some -> seconds(some) - left, LEAST_SHARE, 1);
    // Rather one eater less than late.
    double covers = Math.floor(inputs.need().covers() * (share - FOUND));
    if (covers < 1) {
      return Optional.empty();
    }
    return Optional.of(
        new Alternative(
            Kind.FEWER,
            String.format(Locale.ROOT, "for %.0f", covers),
            String.format(Locale.ROOT, "%.0f go without", inputs.need().covers() - covers),
            duration(left),
            inputs.with(inputs.need().forCovers(covers)),
            Mass.ZERO));
  }

  private double seconds(double share) {
    PlanInputs with = inputs.with(inputs.need().forCovers(inputs.need().covers() * share));
    BatchSize size = with.size();
    ReductionCurve fall =
        Reduction.untilThick(
            PotProgram.of(with, size.batch()), with.equivalentSolids(), with.likely());
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toSeconds()
        : Double.POSITIVE_INFINITY;
  }

  private Optional<Alternative> laterHour() {
    if (!(plan.timing() instanceof Scheduled hours)) {
      return Optional.empty();
    }
    Instant ready = inputs.readyBy().minus(hours.spareAtWorst());
    Instant onTheClock =
        Instant.ofEpochSecond(
            -Math.floorDiv(-ready.getEpochSecond(), CLOCK_STEP_SECONDS) * CLOCK_STEP_SECONDS);
    long minutes = Duration.between(inputs.readyBy(), onTheClock).toMinutes();
    return Optional.of(
        new Alternative(
            Kind.LATER_HOUR,
            String.format(Locale.ROOT, "eat %d min later", minutes),
            "nothing else changes",
            duration(simmer),
            inputs.readyAt(onTheClock),
            Mass.ZERO));
  }

  private static Duration duration(double seconds) {
    return Duration.ofSeconds(Math.round(seconds));
  }
}
