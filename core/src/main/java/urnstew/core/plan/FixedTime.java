package urnstew.core.plan;

import java.time.Duration;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Sizing;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * The simmer is fixed and the thickness follows.
 *
 * <p>A thicker sauce needs a larger batch for the same eaters, and a larger batch is less thick
 * after the same time: the thickness at which both agree is the root of their difference.
 */
public final class FixedTime {
  private static final double FOUND = 1e-5;
  private static final int ORDER = 5;
  private static final int MOST_TRIES = 60;
  private static final double JUST_THICKER = 1e-5;

  private FixedTime() {}

  /**
   * Solids that a sauce thickens like after a simmer, in the batch that then serves everybody.
   *
   * @param inputs with any target: it is not looked at
   * @param simmer 1 min to 24 h
   * @throws InvalidInput if so long a simmer gives a paste, or if it ends before the last addition
   */
  public static MassFraction equivalentSolids(PlanInputs inputs, Duration simmer) {
    Require.within("simmer", simmer.toSeconds() / 60.0, 1, 24 * 60, "min");
    requireAllIn(inputs, simmer);
    requireToBeThickened(inputs, simmer);
    double low = thinnest(inputs);
    double high = Sizing.THICKEST.value();
    if (reached(inputs, high, simmer) >= high) {
      throw new InvalidInput(
          "simmer",
          "past-thickest",
          String.format(
              Locale.ROOT, "After %d min it is thicker than any sauce.", simmer.toMinutes()),
          "a shorter simmer",
          "Type fewer minutes, or take a narrower pot or a gentler simmer.");
    }
    if (reached(inputs, low, simmer) <= low) {
      return new MassFraction(low);
    }
    // The thinner side: what is reached is never less than what was told.
    return new MassFraction(
        new BracketingNthOrderBrentSolver(FOUND, ORDER)
            .solve(
                MOST_TRIES,
                solids -> reached(inputs, solids, simmer) - solids,
                low,
                high,
                AllowedSolution.LEFT_SIDE));
  }

  private static void requireAllIn(PlanInputs inputs, Duration simmer) {
    inputs.formula().additions().stream()
        .filter(portion -> portion.after().compareTo(simmer) > 0)
        .max(Comparator.comparing(ResolvedFormula.Portion::after))
        .ifPresent(
            last -> {
              throw new InvalidInput(
                  "simmer",
                  "before-the-last-addition",
                  String.format(
                      Locale.ROOT,
                      "%s goes in after %d min, later than that.",
                      last.ingredient().name(),
                      last.after().toMinutes()),
                  String.format(Locale.ROOT, "%d min or more", last.after().toMinutes()),
                  "Type more minutes, or let the formula add it earlier.");
            });
  }

  /** A simmer that is over before the stage in which it thickens cannot be meant. */
  private static void requireToBeThickened(PlanInputs inputs, Duration simmer) {
    SimmerPhases phases = inputs.formula().phases();
    if (!phases.thickens() || phases.answering() == 0) {
      return;
    }
    Optional<Double> begins =
        fall(inputs, Sizing.THICKEST.value(), Duration.ofDays(1)).phaseStart(phases.answering());
    if (begins.isEmpty() || begins.orElseThrow() >= simmer.toSeconds()) {
      long least = begins.map(seconds -> Math.round(seconds / 60) + 1).orElse(24 * 60L);
      throw new InvalidInput(
          "simmer",
          "before-it-thickens",
          String.format(
              Locale.ROOT,
              "The stages before '%s' take longer than that.",
              phases.all().get(phases.answering()).last().title()),
          String.format(Locale.ROOT, "%d min or more", least),
          "Type more minutes, or shorten a stage of the formula.");
    }
  }

  private static double thinnest(PlanInputs inputs) {
    return inputs.formula().beforeTheFinish().cooked().equivalentSolids().value() + JUST_THICKER;
  }

  private static double reached(PlanInputs inputs, double solids, Duration simmer) {
    return fall(inputs, solids, simmer).last().contents().cooked().equivalentSolids().value();
  }

  private static ReductionCurve fall(PlanInputs inputs, double solids, Duration simmer) {
    PlanInputs at = inputs.with(new Target.Solids(new MassFraction(solids)));
    BatchSize size = at.size();
    return Reduction.during(PotProgram.of(at, size.batch()), simmer.toSeconds(), at.likely());
  }
}
