package urnstew.core.balance;

/**
 * How sharp a pot is felt: a simple index, and no more than one.
 *
 * <p>What the organic acids still hold of their protons, as % citric acid, times e^(−0.10 (sugars −
 * 4 %)) and e^(−0.05 (fat − 4 %)). That sourness goes with bound protons: E. R. Da Conceicao Neta
 * et al., J. Food Sci. 72 (2007) R33, from memory. That sugar and fat mask, and how much:
 * assumption. Salts of meat and protein that a titration counts too taste of nothing sour and are
 * left out.
 */
public final class Sharpness {
  /** Of sugars and of fat, per percent. */
  private static final double SUGAR_MASKS = 0.10;

  private static final double FAT_MASKS = 0.05;
  private static final double USUAL_PERCENT = 4;

  /** A change that a table notices, as a share (assumption). */
  public static final double NOTICED = 0.12;

  private Sharpness() {}

  /**
   * Of a pot.
   *
   * @param sourPercent what organic acids hold, as citric acid
   */
  static double of(double sourPercent, InPot pot) {
    double all = pot.mass().kilograms();
    double sugars = 100 * pot.taste().sugarsKilograms() / all;
    double fat = 100 * pot.fatKilograms() / all;
    return sourPercent
        * Math.exp(-SUGAR_MASKS * (sugars - USUAL_PERCENT) - FAT_MASKS * (fat - USUAL_PERCENT));
  }
}
