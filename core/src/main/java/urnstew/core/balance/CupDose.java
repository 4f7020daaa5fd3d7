package urnstew.core.balance;

import java.util.Locale;
import java.util.Optional;
import urnstew.core.pantry.Ingredient;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/**
 * A dose for a cup that a kitchen can measure, and the same for the pot.
 *
 * @param ingredient what
 * @param count how many of the measure
 * @param measure which
 * @param solution grams of it in 100 ml of water, where it is measured dissolved
 * @param inCup what that is
 * @param forPot the same share of the pot
 */
public record CupDose(
    Ingredient ingredient,
    double count,
    Measure measure,
    Optional<Double> solution,
    Mass inCup,
    Mass forPot) {
  /** How a cup is dosed. */
  public enum Measure {
    TEASPOON,
    DROP,
    GRAM
  }

  /** US teaspoon, m³ (NIST Handbook 44). */
  private static final double TEASPOON = 4.92892e-6;

  /** Twenty to the millilitre, as droppers are made (assumption). */
  private static final double DROP = 0.05e-6;

  /** An eighth is the finest that can be told apart. */
  private static final double[] SPOONS = {0.125, 0.25, 0.5, 0.75, 1, 1.5};

  /** So far a spoon may lie from what was wanted: the pot then gets what the cup got. */
  private static final double NEAR = 0.35;

  private static final double FEWEST_DROPS = 3;
  private static final double MOST_DROPS = 30;

  /** Grams in 100 ml that are easily dissolved. */
  private static final double[] SOLUTIONS = {10, 5, 2, 1};

  /** A kitchen scale shows whole grams; half of one is the finest that is asked for. */
  private static final double FINEST_GRAMS = 0.5;

  private static final double LEAST_GRAMS = 1;

  /** Share of water from which on a dose is measured as a liquid. */
  private static final double WET = 0.5;

  private static final double SOLUBLE = 0.95;
  private static final double WATER = 1000;

  /**
   * The nearest measurable dose.
   *
   * @param wanted for the whole pot
   * @param pot all of it
   * @param cup sauce in each cup
   * @throws InvalidInput if the cup is too small to dose by any means
   */
  public static CupDose of(Ingredient ingredient, Mass wanted, Mass pot, Mass cup) {
    double share = cup.kilograms() / pot.kilograms();
    double ideal = wanted.kilograms() * share;
    return bySpoon(ingredient, ideal, share)
        .or(() -> byDrops(ingredient, ideal, share))
        .or(() -> dissolved(ingredient, ideal, share))
        .or(() -> weighed(ingredient, ideal, share))
        .orElseThrow(() -> tooSmall(ingredient, ideal, cup));
  }

  private static Optional<CupDose> bySpoon(Ingredient ingredient, double ideal, double share) {
    return ingredient
        .measuring()
        .spoonDensity()
        .flatMap(
            density -> {
              double spoonful = density.kilogramsPerCubicMeter() * TEASPOON;
              double count = spoons(ideal / spoonful);
              boolean near = Math.abs(count * spoonful / ideal - 1) <= NEAR;
              return near
                  ? Optional.of(
                      dose(
                          ingredient,
                          count,
                          Measure.TEASPOON,
                          Optional.empty(),
                          count * spoonful,
                          share))
                  : Optional.empty();
            });
  }

  /** The nearest that a set of spoons gives. */
  private static double spoons(double ideal) {
    if (ideal > SPOONS[SPOONS.length - 1]) {
      return Math.rint(2 * ideal) / 2;
    }
    double best = SPOONS[0];
    for (double spoon : SPOONS) {
      best = Math.abs(spoon - ideal) < Math.abs(best - ideal) ? spoon : best;
    }
    return best;
  }

  private static Optional<CupDose> byDrops(Ingredient ingredient, double ideal, double share) {
    boolean liquid = ingredient.perKilogram().waterKilograms() > WET;
    return ingredient
        .measuring()
        .spoonDensity()
        .filter(density -> liquid)
        .map(density -> density.kilogramsPerCubicMeter() * DROP)
        .filter(drop -> ideal / drop >= FEWEST_DROPS)
        .map(drop -> drops(ingredient, ideal, drop, Optional.empty(), share));
  }

  /** The strongest solution of which enough drops are needed that they can be counted fairly. */
  private static Optional<CupDose> dissolved(Ingredient ingredient, double ideal, double share) {
    if (ingredient.perKilogram().solubleKilograms() < SOLUBLE) {
      return Optional.empty();
    }
    for (double solution : SOLUTIONS) {
      double perCubicMeter = solution / 100 * WATER;
      double drop = perCubicMeter * DROP;
      if (ideal / drop > MOST_DROPS) {
        double count = spoons(ideal / perCubicMeter / TEASPOON);
        return Optional.of(
            dose(
                ingredient,
                count,
                Measure.TEASPOON,
                Optional.of(solution),
                count * TEASPOON * perCubicMeter,
                share));
      }
      if (ideal / drop >= FEWEST_DROPS) {
        return Optional.of(drops(ingredient, ideal, drop, Optional.of(solution), share));
      }
    }
    return Optional.empty();
  }

  private static Optional<CupDose> weighed(Ingredient ingredient, double ideal, double share) {
    double grams = Math.rint(ideal * 1000 / FINEST_GRAMS) * FINEST_GRAMS;
    return grams < LEAST_GRAMS
        ? Optional.empty()
        : Optional.of(dose(ingredient, grams, Measure.GRAM, Optional.empty(), grams / 1000, share));
  }

  private static CupDose drops(
      Ingredient ingredient, double ideal, double drop, Optional<Double> solution, double share) {
    double count = Math.rint(ideal / drop);
    return dose(ingredient, count, Measure.DROP, solution, count * drop, share);
  }

  private static CupDose dose(
      Ingredient ingredient,
      double count,
      Measure measure,
      Optional<Double> solution,
      double inCup,
      double share) {
    return new CupDose(
        ingredient, count, measure, solution, new Mass(inCup), new Mass(inCup / share));
  }

  private static InvalidInput tooSmall(Ingredient ingredient, double ideal, Mass cup) {
    double needed = ideal <= 0 ? cup.grams() : cup.grams() * LEAST_GRAMS / 1000 / ideal;
    String least = String.format(Locale.ROOT, "%.0f g", Math.ceil(needed / 10) * 10);
    return new InvalidInput(
        "cup",
        "too-small",
        "So little " + ingredient.name() + " cannot be measured for a cup of that size.",
        "a cup of " + least + " or more",
        "Take larger cups, or try a stronger dose.");
  }
}
