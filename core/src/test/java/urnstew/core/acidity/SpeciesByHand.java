package urnstew.core.acidity;

import java.util.Map;

/**
 * The same chemistry written a second time and otherwise: every form of every acid as a
 * concentration of its own, unknown ionic strength and unbound cations found by plain repetition,
 * pH by halving an interval. Slow, and shares no line with the kernel.
 */
final class SpeciesByHand {
  private static final double[] CITRIC = {3.128, 4.761, 6.396};
  private static final double[] PHOSPHORIC = {2.148, 7.198, 12.35};

  private final double citric;
  private final double phosphoric;
  private final double acetic;
  private final double cations;
  private final double anions;
  private double strength = 0.1;
  private double free;

  /** Molalities; acids of three kinds are enough to tell an error in any. */
  SpeciesByHand(double citric, double phosphoric, double acetic, double cations, double anions) {
    this.citric = citric;
    this.phosphoric = phosphoric;
    this.acetic = acetic;
    this.cations = cations;
    this.anions = anions;
    this.free = cations;
  }

  Solutes asSolutes() {
    return new Solutes(
        1,
        Map.of(Acid.CITRIC, citric, Acid.PHOSPHORIC, phosphoric, Acid.ACETIC, acetic),
        cations,
        anions);
  }

  double pH() {
    double pH = 7;
    for (int round = 0; round < 400; round++) {
      double low = -1;
      double high = 15;
      for (int half = 0; half < 80; half++) {
        double middle = (low + high) / 2;
        if (charge(middle, false) > 0) {
          low = middle;
        } else {
          high = middle;
        }
      }
      pH = low;
      strength = charge(pH, true) / 2;
    }
    return pH;
  }

  /** Net charge, or the sum of squared charges of what swims. */
  private double charge(double pH, boolean squared) {
    double h = Math.pow(10, -pH) / gamma(1);
    double oh = Math.pow(10, pH - 13.995) / gamma(1);
    double bound = 0;
    double sum = squared ? h + oh + anions : h - oh + cations - anions;
    double[] cit = shares(CITRIC, pH, new double[] {0, 0, pairing(0.45, 2), pairing(1.03, 3)});
    double[] pho = shares(PHOSPHORIC, pH, new double[] {0, 0, pairing(0.20, 2), 0});
    double[] ace = shares(new double[] {4.756}, pH, new double[] {0, 0});
    for (Object[] acid : new Object[][] {{cit, citric}, {pho, phosphoric}, {ace, acetic}}) {
      double[] share = (double[]) acid[0];
      double all = (double) acid[1];
      int forms = share.length / 2;
      for (int z = 0; z < forms; z++) {
        double unbound = all * share[z];
        double pair = all * share[forms + z];
        bound += pair;
        sum += squared ? unbound * z * z + pair * (z - 1) * (z - 1) : -z * (unbound + pair);
      }
    }
    if (squared) {
      free = cations - bound;
      sum += free;
    }
    return sum;
  }

  /** Share of each form unbound, then of each form bound to a cation. */
  private double[] shares(double[] pKa, double pH, double[] pairing) {
    int forms = pKa.length + 1;
    double[] share = new double[2 * forms];
    double log = 0;
    double all = 0;
    for (int z = 0; z < forms; z++) {
      share[z] = Math.pow(10, log) / gamma(z);
      share[forms + z] = share[z] * pairing[z] * free;
      all += share[z] + share[forms + z];
      log += z < pKa.length ? pH - pKa[z] : 0;
    }
    for (int i = 0; i < share.length; i++) {
      share[i] /= all;
    }
    return share;
  }

  /** Of a form with z charges and a cation, as concentrations. */
  private double pairing(double logK, int z) {
    return Math.pow(10, logK) * gamma(1) * gamma(z) / gamma(z - 1);
  }

  private double gamma(int z) {
    double root = Math.sqrt(strength);
    return Math.pow(10, -0.509 * z * z * (root / (1 + root) - 0.3 * strength));
  }
}
