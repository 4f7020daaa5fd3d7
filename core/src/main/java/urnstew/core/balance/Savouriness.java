package urnstew.core.balance;

import urnstew.core.pantry.TasteContent;

/**
 * Savouriness as the glutamate that would taste alike: nucleotides multiply what glutamate does.
 *
 * <p>y = u + 1218 u v in g/100 g, with u of glutamate 1 and aspartate 0.077, v of IMP 1, GMP 2.3,
 * AMP 0.18 and XMP 0.61. Sources: S. Yamaguchi, J. Food Sci. 32 (1967) 473; S. Yamaguchi et al., J.
 * Agric. Food Chem. 19 (1971) 1187. Worked number: 0.05 and 0.05 make 3.095. Aspartate, AMP and XMP
 * are not in our tables, so that the figure is low rather than high.
 */
public final class Savouriness {
  private static final double SYNERGY = 1218;
  private static final double GMP = 2.3;

  private Savouriness() {}

  /**
   * Equivalent glutamate.
   *
   * @param glutamatePercent glutamate and what counts like it, g/100 g
   * @param nucleotidesPercent IMP and what counts like it, g/100 g
   * @return g/100 g
   */
  public static double equivalentPercent(double glutamatePercent, double nucleotidesPercent) {
    return glutamatePercent + SYNERGY * glutamatePercent * nucleotidesPercent;
  }

  /** Of a pot, g in 100 g. */
  static double of(InPot pot) {
    TasteContent taste = pot.taste();
    double per100 = 100 / pot.mass().kilograms();
    return equivalentPercent(
        taste.glutamateKilograms() * per100,
        (taste.impKilograms() + GMP * taste.gmpKilograms()) * per100);
  }
}
