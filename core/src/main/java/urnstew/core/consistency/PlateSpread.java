package urnstew.core.consistency;

import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Volume;

/**
 * How far sauce runs before its own yield stress stops it.
 *
 * <p>A spoonful on a cold plate: τ = 225·ρ·g·V²/(128·π²·R⁵), N. Roussel, P. Coussot, J. Rheol. 49
 * (2005) 705, from memory. In a channel: τ = 9·ρ·g·V²/(8·w²·L³), the lubrication balance. Yield
 * stress τ = 32 Pa·body·(s/0.30)^2.5: ketchup at 25 °C (Bottiglieri et al. 1991, as tabulated by
 * Steffe), with the exponent of M. A. Rao, M. C. Bourne, H. J. Cooley (1981); that the yield stress
 * follows the same exponent is an assumption. Body is what this product thickens against that,
 * about 0.7 to 1.4. Range 4 to 35 %. Worked number: 15 ml at 10.5 % spread to 90 mm.
 */
public final class PlateSpread {
  /** Thickness goes with solids to this power. */
  public static final double EXPONENT = 2.5;

  /** A level tablespoon. */
  public static final Volume SPOONFUL = new Volume(15e-6);

  private static final double REFERENCE_PASCALS = 32;
  private static final double REFERENCE_SOLIDS = 0.30;
  private static final double DENSITY = 1040;
  private static final double GRAVITY = 9.81;
  private static final double CHANNEL_WIDTH_METERS = 0.05;
  private static final double CHANNEL_GATE_METERS = 0.05;
  private static final double CHANNEL_CUBIC_METERS = 95e-6;

  private PlateSpread() {}

  /** Yield stress of a cold sauce, Pa. */
  public static double yieldPascals(MassFraction solids, double bodyFactor) {
    return REFERENCE_PASCALS * bodyFactor * Math.pow(solids.value() / REFERENCE_SOLIDS, EXPONENT);
  }

  /** Width of a spoonful on a cold plate. */
  public static Length spread(MassFraction solids, double bodyFactor, Volume spoonful) {
    double volume = spoonful.cubicMeters();
    double fifth =
        225
            * DENSITY
            * GRAVITY
            * volume
            * volume
            / (128 * Math.PI * Math.PI * yieldPascals(solids, bodyFactor));
    return new Length(2 * Math.pow(fifth, 0.2));
  }

  /** Solids at which a spoonful of this product spreads so far. */
  public static MassFraction solidsAt(Length spread, double bodyFactor, Volume spoonful) {
    double reference = spread(new MassFraction(REFERENCE_SOLIDS), bodyFactor, spoonful).meters();
    double share = REFERENCE_SOLIDS * Math.pow(reference / spread.meters(), 5 / EXPONENT);
    return new MassFraction(Math.min(1, share));
  }

  /** How far it runs in a 5 cm wide consistometer, from the gate. */
  public static Length channelRun(MassFraction solids, double bodyFactor) {
    double cube =
        9
            * DENSITY
            * GRAVITY
            * CHANNEL_CUBIC_METERS
            * CHANNEL_CUBIC_METERS
            / (8 * CHANNEL_WIDTH_METERS * CHANNEL_WIDTH_METERS * yieldPascals(solids, bodyFactor));
    return new Length(Math.max(0, Math.cbrt(cube) - CHANNEL_GATE_METERS));
  }
}
