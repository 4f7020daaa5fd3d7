package urnstew.core.acidity;

/**
 * An acid, or a base as the acid that it comes from, with what is needed to find its shares at a
 * pH.
 *
 * <p>pKa at 25 °C and no ionic strength. Sources: CRC Handbook of Chemistry and Physics; R. N.
 * Goldberg, N. Kishore, R. M. Lennen, J. Phys. Chem. Ref. Data 31 (2002) 231.
 */
public enum Acid {
  CITRIC(192.124, 0, new double[] {3.128, 4.761, 6.396}),
  MALIC(134.087, 0, new double[] {3.40, 5.11}),
  ACETIC(60.052, 0, new double[] {4.756}),
  LACTIC(90.078, 0, new double[] {3.86}),
  /** Starts as the cation that amino acids are in strong acid. */
  GLUTAMIC(147.129, 1, new double[] {2.16, 4.30, 9.96}),
  PHOSPHORIC(97.994, 0, new double[] {2.148, 7.198, 12.35}),
  /** Carbonic acid; dissolved carbon dioxide is counted as such. */
  CARBONIC(62.025, 0, new double[] {6.351, 10.329}),
  /**
   * Side chains of aspartate and glutamate in proteins, lumped; moles of sites. pKa: assumption
   * within the usual 3.9 to 4.6.
   */
  CARBOXYL_OF_PROTEIN(0, 0, new double[] {4.3}),
  /** Side chains of histidine in proteins, lumped; moles of sites. pKa: assumption. */
  IMIDAZOLE_OF_PROTEIN(0, 1, new double[] {6.4});

  private static final double NONE = Double.NEGATIVE_INFINITY;

  private final double gramsPerMole;
  private final int highestCharge;
  private final double[] pKa;

  /** Products of the constants of all steps up to each form, and what binds to it; for kernels. */
  private final double[] products;

  private final double[] pairings;

  Acid(double gramsPerMole, int highestCharge, double[] pKa) {
    this.gramsPerMole = gramsPerMole;
    this.highestCharge = highestCharge;
    this.pKa = pKa;
    this.products = new double[pKa.length + 1];
    this.pairings = new double[pKa.length + 1];
    double sum = 0;
    for (int given = 0; given <= pKa.length; given++) {
      products[given] = Math.pow(10, -sum);
      pairings[given] = Math.pow(10, logPairing(given));
      sum += given < pKa.length ? pKa[given] : 0;
    }
  }

  /**
   * Moles in a mass of the free, anhydrous acid.
   *
   * @throws IllegalStateException for sites of protein, which have no mass of their own
   */
  public double moles(double kilograms) {
    if (gramsPerMole == 0) {
      throw new IllegalStateException(this + " has no molar mass");
    }
    return kilograms * 1000 / gramsPerMole;
  }

  /** Mass of one mole of the free, anhydrous acid, g; 0 for sites of protein. */
  public double gramsPerMole() {
    return gramsPerMole;
  }

  /** Charge with all its protons. */
  int highestCharge() {
    return highestCharge;
  }

  /** Number of protons that the acid can give off. */
  int protons() {
    return pKa.length;
  }

  /**
   * Binding of sodium or potassium to the form that gave so many protons, log10 K; negative
   * infinity where it is nothing. Assumptions that bring the tables of citrate and phosphate
   * buffers to within 0.15: without them the activity model alone reads up to 0.19 too high.
   */
  private double logPairing(int protonsGiven) {
    return switch (name()) {
      case "CITRIC" -> protonsGiven == 3 ? 1.03 : protonsGiven == 2 ? 0.45 : NONE;
      case "PHOSPHORIC" -> protonsGiven == 2 ? 0.20 : NONE;
      default -> NONE;
    };
  }

  /** Product of the constants of the steps that gave so many protons. */
  double product(int protonsGiven) {
    return products[protonsGiven];
  }

  /** Binding of sodium or potassium to that form. */
  double pairing(int protonsGiven) {
    return pairings[protonsGiven];
  }
}
