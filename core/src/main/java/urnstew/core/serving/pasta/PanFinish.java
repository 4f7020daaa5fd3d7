package urnstew.core.serving.pasta;

import org.hipparchus.analysis.solvers.BrentSolver;
import urnstew.core.consistency.Thickener;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * Sauce and pasta in one pan: the ladle of pasta water that leaves the sauce as loose as wanted.
 *
 * <p>What the pasta still drinks and the pan dries off leaves the sauce; the ladle brings water,
 * salt, and starch, which thickens like flour. Range: sauces of 3 to 40 % equivalent solids.
 *
 * @param ladle water to add; zero where the sauce is loose enough
 * @param plain whether it is plain hot water, since that of the pasta is too thick or too salt
 * @param boilOff water to lose where it would be too loose; zero where it is not
 * @param sauce as it is then
 * @param salt that the ladle brings
 * @param lost water that pasta, pan and boiling off take from it
 */
public record PanFinish(
    Mass ladle, boolean plain, Mass boilOff, PotContents sauce, Mass salt, Mass lost) {
  private static final double MOST_LADLES = 20;
  private static final double FOUND = 1e-9;

  /** Where it takes more than so many times what plain water would, it is a paste (assumption). */
  private static final double MOST_TIMES_PLAIN = 3;

  private static final double MOST_SALT_GRAMS_PER_LITER = 60;

  /**
   * Water of pasta.
   *
   * @param starchGramsPerLiter 0 to 500: much where it was boiled in again and again
   * @param saltGramsPerLiter 0 to 500, likewise
   */
  public record PastaWater(double starchGramsPerLiter, double saltGramsPerLiter) {
    static final PastaWater PLAIN = new PastaWater(0, 0);

    public PastaWater {
      Require.within("starchGramsPerLiter", starchGramsPerLiter, 0, 500, "g");
      Require.within("saltGramsPerLiter", saltGramsPerLiter, 0, 500, "g");
    }

    PotContents kilograms(double mass) {
      double starch = mass * starchGramsPerLiter / 1000;
      double salt = mass * saltGramsPerLiter / 1000;
      Composition all =
          new Composition(mass - starch - salt, 0, 0, 0, starch, 0, salt, salt + starch);
      return new PotContents(
          all, starch * Thickener.FLOUR.extraKilogramsPerKilogram(), Pieces.NONE);
    }
  }

  /**
   * The ladle.
   *
   * @param sauce before, without what is served apart
   * @param drunk water that pasta still takes out of it
   * @param dried water that the pan takes off
   * @param wanted equivalent solids on the plate
   */
  public static PanFinish of(
      PotContents sauce, Mass drunk, Mass dried, PastaWater water, MassFraction wanted) {
    Require.within("sauce", sauce.sauce().total().kilograms(), 0.01, 500, "kg");
    Require.within("wanted", wanted.percent(), 3, 40, "%");
    double lost = drunk.kilograms() + dried.kilograms();
    double now = share(sauce, lost, water, 0);
    double all = sauce.sauce().total().kilograms();
    if (now <= wanted.value()) {
      double off =
          new BrentSolver(FOUND * all)
              .solve(
                  200,
                  more -> share(sauce, lost + more, water, 0) - wanted.value(),
                  0,
                  sauce.sauce().waterKilograms());
      return new PanFinish(
          Mass.ZERO,
          false,
          new Mass(off),
          after(sauce, lost + off, water, 0),
          Mass.ZERO,
          new Mass(lost + off));
    }
    // Water that has boiled drop after drop thickens a sauce: then plain hot water loosens it.
    double plain = ladle(sauce, lost, PastaWater.PLAIN, wanted);
    boolean own =
        water.saltGramsPerLiter() <= MOST_SALT_GRAMS_PER_LITER
            && share(sauce, lost, water, MOST_TIMES_PLAIN * plain) <= wanted.value();
    PastaWater taken = own ? water : PastaWater.PLAIN;
    double ladle = own ? ladle(sauce, lost, water, wanted) : plain;
    return new PanFinish(
        new Mass(ladle),
        !own,
        Mass.ZERO,
        after(sauce, lost, taken, ladle),
        new Mass(ladle * taken.saltGramsPerLiter() / 1000),
        new Mass(lost));
  }

  private static double ladle(
      PotContents sauce, double lost, PastaWater water, MassFraction wanted) {
    double all = sauce.sauce().total().kilograms();
    return new BrentSolver(FOUND * all)
        .solve(
            200, w -> share(sauce, lost, water, w) - wanted.value(), 0, MOST_LADLES * (all + lost));
  }

  private static double share(PotContents sauce, double lost, PastaWater water, double ladle) {
    return after(sauce, lost, water, ladle).equivalentSolids().value();
  }

  /** The ladle goes in before the pasta drinks: a dry pan holds no more than its water. */
  private static PotContents after(PotContents sauce, double lost, PastaWater water, double ladle) {
    return sauce.plus(water.kilograms(ladle)).dried(new Mass(lost));
  }
}
