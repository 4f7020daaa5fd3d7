package urnstew.core.balance;

import java.time.Duration;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.solvers.IllinoisSolver;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * An addition that corrects, and all that it does.
 *
 * @param what is added
 * @param mass how much, into the pot as it is now
 * @param reaches whether that is enough; if not, it is the most that is sensible
 * @param after the tastes when everything else has happened too
 * @param equivalentSolids at the end
 * @param made mass at the end
 * @param moreSodiumKilograms sodium that it brings
 * @param longer how much longer the pot then takes to its thickness, where that is known
 */
public record Dose(
    Dosable what,
    Mass mass,
    boolean reaches,
    TasteProfile after,
    MassFraction equivalentSolids,
    Mass made,
    double moreSodiumKilograms,
    Optional<Duration> longer) {
  /** Relative width at which a dose is found well enough: far finer than a scale. */
  private static final double FOUND = 1e-6;

  private static final int MOST_ROUNDS = 60;

  /** Less water than that is gone before anybody looks. */
  private static final double NOTICED_GRAMS = 10;

  private static final MassFraction ALL = new MassFraction(1);

  /** What a given amount does. */
  public static Dose of(Dosable what, Mass mass, InPot now, RemainingProcess course) {
    return at(what, mass, true, now, course);
  }

  /**
   * The amount that brings a figure of the pot, after all that is still to come, to a value.
   *
   * @param goal the figure; must rise or fall throughout with the amount
   * @param aim value wanted
   * @param most more than that is not sensible
   */
  public static Dose reaching(
      Dosable what,
      InPot now,
      RemainingProcess course,
      ToDoubleFunction<InPot> goal,
      double aim,
      Mass most) {
    double high = most.kilograms();
    double atLow = goal.applyAsDouble(course.after(now)) - aim;
    double atHigh = goal.applyAsDouble(end(what, most, now, course)) - aim;
    if (atLow * atHigh >= 0) {
      boolean there = Math.abs(atLow) < Math.abs(aim) * FOUND;
      return at(what, there ? Mass.ZERO : most, there, now, course);
    }
    double found =
        new IllinoisSolver(FOUND, FOUND * high, Math.abs(aim) * FOUND)
            .solve(
                MOST_ROUNDS,
                kilograms -> goal.applyAsDouble(end(what, new Mass(kilograms), now, course)) - aim,
                0,
                high);
    return at(what, new Mass(found), true, now, course);
  }

  private static Dose at(
      Dosable what, Mass mass, boolean reaches, InPot now, RemainingProcess course) {
    InPot added = what.of(mass);
    InPot end = end(what, mass, now, course);
    return new Dose(
        what,
        mass,
        reaches,
        TasteProfile.of(end),
        end.contents().equivalentSolids(),
        end.mass(),
        added.sodiumKilograms(),
        water(what, added, now, course)
            .filter(w -> w.grams() > NOTICED_GRAMS)
            .flatMap(course::time));
  }

  /** The pot when the dose is in and all else has happened. */
  private static InPot end(Dosable what, Mass mass, InPot now, RemainingProcess course) {
    InPot added = what.of(mass);
    if (what.isSauce()) {
      return course.after(now.plus(added));
    }
    boolean boilsOn = course.target().isPresent();
    return course.after(now).plus(boilsOn ? added.asContents(added.contents().dried(ALL)) : added);
  }

  /** Water that it makes the pot lose beyond what was planned. */
  private static Optional<Mass> water(
      Dosable what, InPot added, InPot now, RemainingProcess course) {
    if (course.target().isEmpty()) {
      return Optional.empty();
    }
    if (!what.isSauce()) {
      return Optional.of(added.mass().minus(added.contents().dried(ALL).total()));
    }
    double more = course.toLose(now.plus(added)).kilograms() - course.toLose(now).kilograms();
    return Optional.of(new Mass(Math.max(0, more)));
  }
}
