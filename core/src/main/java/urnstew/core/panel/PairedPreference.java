package urnstew.core.panel;

import java.util.Locale;
import urnstew.units.Require;

/**
 * Two cups, one question: which do you like better?
 *
 * <p>If nobody could tell, each would choose either cup with a half: the exact two-sided binomial
 * test (ISO 5495; tables of E. B. Roessler et al., J. Food Sci. 43 (1978) 940). Worked number: of
 * 20 tasters 15 must agree for one chance in twenty.
 *
 * @param tasters who chose
 * @param first how many chose the first
 */
public record PairedPreference(int tasters, int first) {
  /** One in twenty: what is taken as proof here. */
  static final double PROOF = 0.05;

  public PairedPreference {
    Require.within("tasters", tasters, 1, 1000, "tasters");
    Require.within("first", first, 0, tasters, "tasters");
  }

  /** How often chance alone gives a split at least as uneven. */
  public double probability() {
    int more = Math.max(first, tasters - first);
    return Math.min(1, 2 * atLeast(more, tasters));
  }

  /** How many must agree before it proves something; more than there are where none suffice. */
  public int needed() {
    for (int agree = tasters / 2 + 1; agree <= tasters; agree++) {
      if (2 * atLeast(agree, tasters) <= PROOF) {
        return agree;
      }
    }
    return tasters + 1;
  }

  public boolean proves() {
    return probability() <= PROOF;
  }

  /** In plain words. */
  public String inWords() {
    int more = Math.max(first, tasters - first);
    String often =
        String.format(
            Locale.ROOT,
            "%d of %d agree. Chance alone splits %d tasters so unevenly %s.",
            more,
            tasters,
            tasters,
            often(probability()));
    if (proves()) {
      return often + " That is a preference.";
    }
    return often
        + (needed() > tasters
            ? " So few tasters prove nothing, even when all agree: ask at least 6."
            : " That proves nothing yet: " + needed() + " would have had to agree.");
  }

  /** A chance as people say it. */
  static String often(double probability) {
    if (probability >= 0.995) {
      return "every time";
    }
    if (probability >= 0.1) {
      return String.format(Locale.ROOT, "%d times in 10", Math.round(10 * probability));
    }
    if (probability >= 0.01) {
      return String.format(Locale.ROOT, "%d times in 100", Math.round(100 * probability));
    }
    return "less than once in 100 times";
  }

  /** Upper tail of the binomial distribution with a half. */
  private static double atLeast(int agree, int of) {
    double term = Math.pow(0.5, of);
    double tail = 0;
    for (int k = 0; k <= of; k++) {
      if (k >= agree) {
        tail += term;
      }
      term *= (double) (of - k) / (k + 1);
    }
    return tail;
  }
}
