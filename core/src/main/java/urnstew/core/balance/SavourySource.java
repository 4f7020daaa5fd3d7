package urnstew.core.balance;

import java.util.List;
import urnstew.core.pantry.Pantry;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What deepens a sauce, side by side so that a comparison is fair.
 *
 * @param atEqualSodium as much as brings the sodium asked for; the most that is sensible where it
 *     brings too little
 * @param atEqualSavour as much as brings the savouriness asked for
 */
public record SavourySource(Dose atEqualSodium, Dose atEqualSavour) {
  private static final List<String> SOURCES =
      List.of(
          "table-salt",
          "msg",
          "soy-sauce",
          "fish-sauce",
          "yeast-flakes",
          "anchovy",
          "hard-cheese",
          "mushroom-dried",
          "tomato-paste");

  /** More than that of any of them is another dish, share of the pot (assumption). */
  private static final double MOST_SHARE = 0.06;

  /** Of its salt a sauce never gives up more for its savour (assumption). */
  private static final double MOST_LESS_SALT = 0.3;

  private static final double LESS_SALT_PER_DOUBLING = 0.1;

  /**
   * All of them.
   *
   * @param sodium that each brings in one trial, as salt, share of the pot
   * @param savouryPercent that each brings the pot to in the other, g of glutamate alike in 100 g
   */
  public static List<SavourySource> of(
      InPot now,
      RemainingProcess course,
      Pantry pantry,
      MassFraction sodium,
      double savouryPercent) {
    Mass most = now.mass().times(MOST_SHARE);
    double salt = now.saltKilograms() + sodium.value() * now.mass().kilograms();
    InPot end = course.after(now);
    double saltAtEnd = end.saltKilograms() - now.saltKilograms() + salt;
    return SOURCES.stream()
        .map(pantry::ingredient)
        .map(Dosable::of)
        .map(
            what ->
                new SavourySource(
                    Dose.reaching(what, now, course, InPot::saltKilograms, saltAtEnd, most),
                    Dose.reaching(what, now, course, Savouriness::of, savouryPercent, most)))
        .toList();
  }

  /**
   * How much less salt a sauce needs when it is more savoury, as a share of its salt: a tenth for
   * each doubling, three tenths at most. A rule of thumb after S. Yamaguchi, C. Takahashi, J. Food
   * Sci. 49 (1984) 82, where glutamate stood in for about a third of the sodium; from memory.
   */
  public static double lessSaltShare(double beforePercent, double afterPercent) {
    if (beforePercent <= 0 || afterPercent <= beforePercent) {
      return 0;
    }
    double doublings = Math.log(afterPercent / beforePercent) / Math.log(2);
    return Math.min(MOST_LESS_SALT, LESS_SALT_PER_DOUBLING * doublings);
  }
}
