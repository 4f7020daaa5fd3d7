package urnstew.core.lot;

/**
 * Plank's equation for the time in which something freezes or thaws through.
 *
 * <p>t = ρ·λ/ΔT·(P·a/h + R·a²/k), from the moment at which all of it is at its freezing point. Slab
 * (a its thickness): P = 1/2, R = 1/8; long cylinder (a its diameter): 1/4, 1/16; sphere: 1/6,
 * 1/24. Source: R. Plank (1913), as in R. P. Singh, D. R. Heldman, Introduction to Food
 * Engineering, chapter 7. Worked number: a sphere of 7 cm, 1000 kg/m³, 250 kJ/kg, freezing at −1.25
 * °C in air of −40 °C with 50 W/(m² K) and k = 1.2 W/(m K), in 0.72 h.
 *
 * @param density kg/m³
 * @param latentHeat of freezing, J/kg
 * @param conductivity of the outer, changed layer, W/(m K)
 */
record Plank(double density, double latentHeat, double conductivity) {

  /** Shape factors P and R. */
  enum Form {
    SLAB(1 / 2.0, 1 / 8.0),
    CYLINDER(1 / 4.0, 1 / 16.0),
    SPHERE(1 / 6.0, 1 / 24.0);

    private final double p;
    private final double r;

    Form(double p, double r) {
      this.p = p;
      this.r = r;
    }
  }

  /**
   * Time through, s.
   *
   * @param size thickness or diameter, m
   * @param coefficient outside, W/(m² K)
   * @param kelvins between freezing point and surroundings
   */
  double seconds(Form form, double size, double coefficient, double kelvins) {
    return density
        * latentHeat
        / kelvins
        * (form.p * size / coefficient + form.r * size * size / conductivity);
  }

  /** A short cylinder: the rates of slab and long cylinder add up, as for a box in Plank's own. */
  double secondsInTub(double diameter, double height, double coefficient, double kelvins) {
    double slab = seconds(Form.SLAB, height, coefficient, kelvins);
    double cylinder = seconds(Form.CYLINDER, diameter, coefficient, kelvins);
    return 1 / (1 / slab + 1 / cylinder);
  }
}
