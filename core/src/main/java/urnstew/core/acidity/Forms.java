package urnstew.core.acidity;

/**
 * In which forms all acids are at a pH, for given activities and free sodium and potassium.
 *
 * <p>A kernel: called some hundred times for one answer. Charges are counted without what is bound,
 * since binding moves no charge; so the balance closes whatever the binding.
 */
final class Forms {
  private static final Acid[] ACIDS = Acid.values();
  private static final double LN10 = Math.log(10);

  /** Of water at 25 °C (CRC Handbook). */
  private static final double KW = Math.pow(10, -13.995);

  /** Dissolved carbon dioxide under air: 0.034 mol/(kg atm) by Henry's law, 420 ppm. */
  private static final double CO2_UNDER_AIR = 0.034 * 420e-6;

  private final Molalities mix;
  private final double gammaOne;

  /** Weight of each form at pH 0, bound share counted: what is left is 10^(pH·protons given). */
  private final double[][] weights;

  /** Bound part of the weight of each form. */
  private final double[][] bound;

  private final Activity activity;

  Forms(Molalities mix, Activity activity, double freeCations) {
    this.mix = mix;
    this.activity = activity;
    this.gammaOne = activity.ofOne();
    this.weights = new double[ACIDS.length][];
    this.bound = new double[ACIDS.length][];
    for (Acid acid : ACIDS) {
      if (mix.acids()[acid.ordinal()] > 0) {
        weigh(acid, freeCations);
      }
    }
  }

  private void weigh(Acid acid, double freeCations) {
    int forms = acid.protons() + 1;
    double[] weight = new double[forms];
    double[] paired = new double[forms];
    for (int given = 0; given < forms; given++) {
      int charge = acid.highestCharge() - given;
      double free = acid.product(given) / activity.of(charge);
      double pair =
          free
              * acid.pairing(given)
              * freeCations
              * gammaOne
              * activity.of(charge)
              / activity.of(charge + 1);
      paired[given] = pair;
      weight[given] = free + pair;
    }
    weights[acid.ordinal()] = weight;
    bound[acid.ordinal()] = paired;
  }

  /** Positive less negative charges, mol/kg of water. */
  double chargeAt(double pH) {
    double h = Math.exp(-LN10 * pH);
    double charge = mix.cations() - mix.anions() + h / gammaOne - hydroxide(h);
    for (Acid acid : ACIDS) {
      double moles = mix.acids()[acid.ordinal()];
      if (leaves(acid)) {
        charge += openCharge(h);
      } else if (moles > 0) {
        charge += moles * meanCharge(acid, h);
      }
    }
    return charge;
  }

  /** Half the sum of charges squared, mol/kg. */
  double strengthAt(double pH) {
    double h = Math.exp(-LN10 * pH);
    double sum = freeCations(h) + mix.anions() + h / gammaOne + hydroxide(h);
    for (Acid acid : ACIDS) {
      double moles = mix.acids()[acid.ordinal()];
      if (leaves(acid)) {
        sum += openStrength(h);
      } else if (moles > 0) {
        sum += moles * squares(acid, h);
      }
    }
    return sum / 2;
  }

  /** Sodium and potassium that are not bound, mol/kg. */
  double freeCationsAt(double pH) {
    return freeCations(Math.exp(-LN10 * pH));
  }

  /** Protons that an acid still holds, mol/kg of water. */
  double heldBy(Acid acid, double pH) {
    double moles = mix.acids()[acid.ordinal()];
    if (moles == 0) {
      return 0;
    }
    int lowestCharge = acid.highestCharge() - acid.protons();
    return moles * (meanCharge(acid, Math.exp(-LN10 * pH)) - lowestCharge);
  }

  private double freeCations(double h) {
    double free = mix.cations();
    for (Acid acid : ACIDS) {
      double moles = mix.acids()[acid.ordinal()];
      if (moles > 0) {
        free -= moles * mean(acid, h, bound[acid.ordinal()], (charge, given) -> 1);
      }
    }
    return Math.max(0, free);
  }

  private boolean leaves(Acid acid) {
    return acid == Acid.CARBONIC && mix.gas() == Gas.OPEN_TO_AIR;
  }

  /** Bicarbonate and carbonate over a fixed pressure of the gas. */
  private double bicarbonate(double h) {
    return CO2_UNDER_AIR * Acid.CARBONIC.product(1) / (h * gammaOne);
  }

  private double carbonate(double h) {
    return CO2_UNDER_AIR * Acid.CARBONIC.product(2) / (h * h * activity.of(2));
  }

  private double openCharge(double h) {
    return -bicarbonate(h) - 2 * carbonate(h);
  }

  private double openStrength(double h) {
    return bicarbonate(h) + 4 * carbonate(h);
  }

  private double hydroxide(double h) {
    return KW / (h * gammaOne);
  }

  private double meanCharge(Acid acid, double h) {
    return mean(acid, h, weights[acid.ordinal()], (charge, given) -> charge);
  }

  /** Mean of the squared charge of what really swims: what is bound has one charge more. */
  private double squares(Acid acid, double h) {
    double[] pairs = bound[acid.ordinal()];
    double all = mean(acid, h, weights[acid.ordinal()], (charge, given) -> charge * charge);
    return all + mean(acid, h, pairs, (charge, given) -> 2 * charge + 1);
  }

  private interface OfForm {
    double value(int charge, int protonsGiven);
  }

  /** Sum over the forms by their parts, over all forms. */
  private double mean(Acid acid, double h, double[] parts, OfForm value) {
    double[] weight = weights[acid.ordinal()];
    double all = 0;
    double sum = 0;
    double power = 1;
    for (int given = weight.length - 1; given >= 0; given--) {
      all += weight[given] * power;
      sum += parts[given] * power * value.value(acid.highestCharge() - given, given);
      power *= h;
    }
    return sum / all;
  }
}
