package urnstew.core.acidity;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * The pH at which charges balance.
 *
 * <p>Every acid is shared out over its forms by its pKa; activities follow Davies, log γ = −0.509
 * z²(√I/(1+√I) − 0.3 I), at 25 °C; sodium and potassium bind to citrate and phosphate. Holds to an
 * ionic strength of 0.8 mol/kg; past it activities stay as they are there, and the answer says so.
 * Source: C. W. Davies, Ion Association (1962). Worked number: 0.1 mol citric acid in a kilogram of
 * water has pH 2.08.
 */
public final class ChargeBalance {
  private static final double LOWEST_PH = -2;
  private static final double HIGHEST_PH = 16;
  private static final double SETTLED = 1e-13;
  private static final double FINEST = 1e-15;
  private static final int MOST_ROUNDS = 200;
  private static final int ORDER = 5;

  private ChargeBalance() {}

  /**
   * The equilibrium of a mixture.
   *
   * @param of what is mixed; some water must be in it
   * @throws urnstew.units.InvalidInput without water
   */
  public static Equilibrium solve(Solutes of, Gas gas) {
    Molalities mix = Molalities.of(of, gas);
    double strength = mix.strongIons() / 2;
    double free = mix.cations();
    double pH = 7;
    double moved = 1;
    for (int round = 0; round < MOST_ROUNDS && moved > SETTLED; round++) {
      Forms forms = new Forms(mix, Activity.at(strength), free);
      pH = root(forms, pH, moved / 100);
      double nextStrength = forms.strengthAt(pH);
      double nextFree = forms.freeCationsAt(pH);
      moved = Math.max(Math.abs(nextStrength - strength), Math.abs(nextFree - free));
      strength = nextStrength;
      free = nextFree;
    }
    Forms settled = new Forms(mix, Activity.at(strength), free);
    return new Equilibrium(settled, root(settled, pH, 0), strength);
  }

  /**
   * The same with just so much strong base or acid that it has a pH: what a measured pH says about
   * ions that nobody knows.
   *
   * @param of what is mixed; some water must be in it
   */
  public static Solutes broughtTo(double pH, Solutes of, Gas gas) {
    double base = 0;
    double strength = 0;
    double free = 0;
    double moved = 1;
    for (int round = 0; round < MOST_ROUNDS && moved > SETTLED; round++) {
      Molalities mix = Molalities.of(of.withBase(base), gas);
      Forms forms = new Forms(mix, Activity.at(strength), free);
      double open = forms.chargeAt(pH);
      double nextStrength = forms.strengthAt(pH);
      moved = Math.max(Math.abs(open), Math.abs(nextStrength - strength));
      base -= open * of.waterKilograms();
      strength = nextStrength;
      free = forms.freeCationsAt(pH);
    }
    return of.withBase(base);
  }

  /** Charge falls with pH throughout, so that there is one root. */
  private static double root(Forms forms, double from, double within) {
    if (forms.chargeAt(LOWEST_PH) <= 0) {
      return LOWEST_PH;
    }
    if (forms.chargeAt(HIGHEST_PH) >= 0) {
      return HIGHEST_PH;
    }
    return new BracketingNthOrderBrentSolver(0, Math.max(within, FINEST), 0, ORDER)
        .solve(MOST_ROUNDS, forms::chargeAt, LOWEST_PH, HIGHEST_PH, from);
  }
}
