package urnstew.core.serving;

import urnstew.core.serving.tray.TrayLayer;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * How tight a sauce has to be made, since what goes with it gives juice or drinks of it.
 *
 * <p>Solids stay: a sauce of mass m that j of juice comes to is right before at s·(m + j)/m; juice
 * counts as water (its protein is a twentieth of it). In a tray that has the surplus q, m·(1 − s/b)
 * falls by q at s + q·b/m.
 *
 * @param solids that it should have before
 * @param waterKilograms that comes, kg; negative where it goes
 */
public record SauceBefore(MassFraction solids, double waterKilograms) {
  private static final double THICKEST = 0.4;
  private static final double THINNEST = 0.03;

  /** Nearer than that nobody sees it. */
  private static final double SAME_SHARE = 0.02;

  /**
   * Before pieces give their juice.
   *
   * @param wanted equivalent solids on the plate
   * @param sauce mass before
   * @param juiceKilograms that comes
   */
  public static SauceBefore juice(MassFraction wanted, Mass sauce, double juiceKilograms) {
    double before = Require.positive("sauce", sauce.kilograms(), "kg");
    return of(wanted.value() * (before + juiceKilograms) / before, juiceKilograms);
  }

  /**
   * Before it goes into trays.
   *
   * @param sauce of all trays
   * @param surplusKilograms of water in all trays as it is; a lack where negative
   */
  public static SauceBefore tray(TrayLayer sauce, double surplusKilograms) {
    double mass = Require.positive("sauce", sauce.mass().kilograms(), "kg");
    double more = surplusKilograms * sauce.atLeast().value() / mass;
    return of(sauce.solids().value() + more, surplusKilograms);
  }

  private static SauceBefore of(double solids, double water) {
    return new SauceBefore(new MassFraction(Math.max(THINNEST, Math.min(THICKEST, solids))), water);
  }

  /** Whether a sauce of these solids is not yet so. */
  public boolean differsFrom(MassFraction now) {
    return Math.abs(solids.value() / now.value() - 1) > SAME_SHARE;
  }
}
