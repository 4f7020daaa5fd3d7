package urnstew.core.sizing;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * Who eats and how much sauce each gets.
 *
 * @param covers people to serve, 0.05 to 5,000; a fraction where the batch is sized by what there
 *     is
 * @param serving sauce for each, 10 g to 2 kg
 * @param onTheTable extra sauce put on the table, as a share of what is served; 0 to 1
 * @param holdLoss what hot holding dries off, as a share of what is served; 0 to 0.5
 */
public record Need(double covers, Mass serving, MassFraction onTheTable, MassFraction holdLoss) {
  /** Sauce that stays on pot and ladle, as a share of what is served (assumption). */
  public static final double CLING_SHARE = 0.03;

  private static final double LEAST_COVERS = 0.05;

  public Need {
    if (!(covers >= LEAST_COVERS && covers <= 5000)) {
      throw new InvalidInput(
          "covers",
          covers > 5000 ? "too-large" : "not-positive",
          new DecimalFormat("0.#", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(covers)
              + " covers cannot be planned.",
          "1 to 5000 covers",
          "Type how many people eat, at least 1.");
    }
    Require.within("serving", serving.grams(), 10, 2000, "g");
    Require.within("onTheTable", onTheTable.percent(), 0, 100, "%");
    Require.within("holdLoss", holdLoss.percent(), 0, 50, "%");
  }

  /** Served at once, with nothing on the table. */
  public Need(double covers, Mass serving) {
    this(covers, serving, new MassFraction(0), new MassFraction(0));
  }

  /** For another number of people. */
  public Need forCovers(double covers) {
    return new Need(covers, serving, onTheTable, holdLoss);
  }

  /** With another serving. */
  public Need each(Mass other) {
    return new Need(covers, other, onTheTable, holdLoss);
  }

  /** Sauce that must be in the pot at the end. */
  public Mass mass() {
    return serving.times(
        covers * (1 + CLING_SHARE) * (1 + onTheTable.value()) / (1 - holdLoss.value()));
  }

  /** The same for one. */
  public Mass massForEach() {
    return forCovers(1).mass();
  }
}
