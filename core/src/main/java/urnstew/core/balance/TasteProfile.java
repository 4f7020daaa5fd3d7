package urnstew.core.balance;

import java.util.EnumSet;
import java.util.Set;
import urnstew.core.acidity.Acid;
import urnstew.core.acidity.ChargeBalance;
import urnstew.core.acidity.Equilibrium;
import urnstew.core.acidity.Gas;
import urnstew.core.explain.OutOfModelRange;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * What a pot tastes of, in five tastes.
 *
 * @param salt share of everything
 * @param acid titratable acidity as citric acid, share of everything
 * @param sour acid that tastes: what organic acids hold of their protons, as citric acid, share of
 *     everything; salts of meat and cheese that a titration counts too are not in it
 * @param sugars share of everything
 * @param savouryPercent g of glutamate alike in 100 g, see {@link Savouriness}
 * @param fat share of everything
 * @param pH at 25 °C
 * @param pHHolds whether the activity model holds for it
 * @param sharpnessPercent how sharp it is felt, % citric acid alike, see {@link Sharpness}
 */
public record TasteProfile(
    MassFraction salt,
    MassFraction acid,
    MassFraction sour,
    MassFraction sugars,
    double savouryPercent,
    MassFraction fat,
    double pH,
    boolean pHHolds,
    double sharpnessPercent) {
  /** Citric acid that one mole of base neutralises, kg. */
  private static final double CITRIC_PER_BASE = Acid.CITRIC.gramsPerMole() / 3 / 1000;

  private static final Set<Acid> SOUR =
      EnumSet.of(Acid.CITRIC, Acid.MALIC, Acid.ACETIC, Acid.LACTIC);

  private static final double LEAST_WATER = 0.01;

  /**
   * Of a pot.
   *
   * @throws OutOfModelRange where there is hardly any water to be sour in
   */
  public static TasteProfile of(InPot pot) {
    if (pot.contents().everything().waterKilograms() < LEAST_WATER * pot.mass().kilograms()) {
      throw new OutOfModelRange("the charge balance", "Water", "less than 1 %", "1 to 100 %");
    }
    Equilibrium rest = ChargeBalance.solve(pot.solutes(), Gas.OPEN_TO_AIR);
    double water = pot.contents().everything().waterKilograms();
    double all = pot.mass().kilograms();
    MassFraction sour = share(rest.molesPerKilogramHeldBy(SOUR) * water * CITRIC_PER_BASE, all);
    return new TasteProfile(
        share(pot.saltKilograms(), all),
        titrated(rest.titratableMolesPerKilogram() * water, all),
        sour,
        share(pot.taste().sugarsKilograms(), all),
        Savouriness.of(pot),
        share(pot.fatKilograms(), all),
        rest.pH(),
        rest.holds(),
        Sharpness.of(sour.percent(), pot));
  }

  /** Sugars over titratable acid; 0 where there is none. */
  public double sugarToAcidRatio() {
    return acid.value() == 0 ? 0 : sugars.value() / acid.value();
  }

  /**
   * Titratable acidity of a sample, as citric acid: 0.06404 g for a milliequivalent (AOAC 942.15
   * style).
   *
   * @param baseMoles that it took to pH 8.1
   * @param sampleKilograms weighed in
   */
  public static MassFraction titrated(double baseMoles, double sampleKilograms) {
    Require.positive("sample", sampleKilograms, "kg");
    return share(baseMoles * CITRIC_PER_BASE, sampleKilograms);
  }

  private static MassFraction share(double part, double whole) {
    return new MassFraction(whole == 0 ? 0 : Math.min(1, part / whole));
  }
}
