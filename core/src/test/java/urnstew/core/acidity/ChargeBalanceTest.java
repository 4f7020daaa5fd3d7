package urnstew.core.acidity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.units.InvalidInput;

/** Against published tables, closed forms and laws. Sources beside each row. */
class ChargeBalanceTest {
  /** CRC Handbook; Goldberg et al., J. Phys. Chem. Ref. Data 31 (2002) 231: f01 to f06. */
  @ParameterizedTest
  @CsvSource({
    "CITRIC, 0, 3.128", "CITRIC, 1, 4.761", "CITRIC, 2, 6.396",
    "MALIC, 0, 3.40", "MALIC, 1, 5.11", "ACETIC, 0, 4.756",
    "GLUTAMIC, 0, 2.16", "GLUTAMIC, 1, 4.30", "GLUTAMIC, 2, 9.96",
    "PHOSPHORIC, 0, 2.15", "PHOSPHORIC, 1, 7.20", "PHOSPHORIC, 2, 12.35",
  })
  void halfNeutralisedAndVeryThinAStepSitsAtItsPka(Acid acid, int step, double pKa) {
    // At 1e-5 mol/kg water itself interferes, so the charge is asked at the pKa, not the root
    // found.
    double moles = 1e-9;
    Forms forms = new Forms(Molalities.of(of(1, acid, moles), Gas.SHUT_IN), Activity.at(0), 0);
    double h = Math.pow(10, -pKa);
    double water = h - Math.pow(10, -13.995) / h;
    double given = acid.highestCharge() - (forms.chargeAt(pKa) - water) / moles;
    // Neighbouring steps pull a little where they lie close: the window is that of ±0.03 and
    // theirs.
    assertEquals(step + 0.5, given, 0.06);
  }

  /** f26: computed from the pKa. */
  @ParameterizedTest
  @CsvSource({
    "CITRIC, 0.1, 2.08, 0.05", // f26
    "ACETIC, 0.1, 2.88, 0.02", // CRC Handbook, 0.1 N acetic acid, from memory
    "LACTIC, 0.1, 2.43, 0.05", // quadratic from pKa 3.86
    "CARBONIC, 1.36e-5, 5.6, 0.05", // pure water under air
  })
  void pureAcids(Acid acid, double moles, double pH, double within) {
    assertEquals(pH, pH(of(1, acid, moles)), within);
  }

  /** McIlvaine, J. Biol. Chem. 49 (1921) 183: f10 to f23. Modern scale: table + 0.04. */
  @ParameterizedTest
  @CsvSource({
    "0.40, 19.60, 2.2",
    "5.70, 14.30, 3.4",
    "7.71, 12.29, 4.0",
    "8.82, 11.18, 4.4",
    "10.30, 9.70, 5.0",
    "12.63, 7.37, 6.0",
    "16.47, 3.53, 7.0",
  })
  void citrateAndPhosphate(double phosphate, double citric, double table) {
    double litres = (phosphate + citric) / 1000;
    Solutes mix =
        new Solutes(
            litres,
            Map.of(Acid.PHOSPHORIC, 0.2e-3 * phosphate, Acid.CITRIC, 0.1e-3 * citric),
            2 * 0.2e-3 * phosphate,
            0);
    assertEquals(table + 0.04, pH(mix), 0.15);
  }

  /** f29: NIST SRM 186, 25 °C; SRM 191 (bicarbonate and carbonate) from memory. */
  @Test
  void standardBuffers() {
    assertEquals(6.865, pH(new Solutes(1, Map.of(Acid.PHOSPHORIC, 0.05), 0.075, 0)), 0.03);
    assertEquals(10.012, pH(new Solutes(1, Map.of(Acid.CARBONIC, 0.05), 0.075, 0)), 0.08);
  }

  /** f09. */
  @Test
  void pureWaterIsNeutral() {
    assertEquals(13.995 / 2, pH(new Solutes(1, Map.of(), 0, 0)), 1e-6);
  }

  /** Three of soda take all protons of citric acid: f31, stoichiometry. */
  @Test
  void anOpenPotOfSodaIsAStrongBaseAndAShutOneIsNot() {
    Solutes acid = of(1, Acid.CITRIC, 0.02);
    Solutes soda = acid.with(Acid.CARBONIC, 0.03).withBase(0.03);
    double asBase = ChargeBalance.solve(acid.withBase(0.03), Gas.OPEN_TO_AIR).pH();
    assertEquals(asBase, ChargeBalance.solve(soda, Gas.OPEN_TO_AIR).pH(), 1e-9);
    assertTrue(pH(soda) < asBase + 1e-3, "dissolved gas is an acid too");
    double past = ChargeBalance.solve(acid.withBase(0.08), Gas.OPEN_TO_AIR).pH();
    assertTrue(past > 8 && past < 10, "what is too much stays as soda, not as lye: " + past);
  }

  @Test
  void aTitrationTakesTheProtonsThatAreLeft() {
    Equilibrium citric = ChargeBalance.solve(of(1, Acid.CITRIC, 0.02), Gas.SHUT_IN);
    assertEquals(
        3 * 0.02, citric.titratableMolesPerKilogram(), 0.0015, "all but the last of the third");
    Solutes half = of(1, Acid.CITRIC, 0.02).withBase(0.03);
    double rest = ChargeBalance.solve(half, Gas.SHUT_IN).titratableMolesPerKilogram();
    assertEquals(citric.titratableMolesPerKilogram() - 0.03, rest, 5e-4);
  }

  @Test
  void brineIsPastTheModelAndSaysSo() {
    assertFalse(ChargeBalance.solve(new Solutes(1, Map.of(), 1.2, 1.2), Gas.SHUT_IN).holds());
    assertTrue(ChargeBalance.solve(new Solutes(1, Map.of(), 0.7, 0.7), Gas.SHUT_IN).holds());
    Solutes dry = of(0, Acid.CITRIC, 1);
    assertThrows(InvalidInput.class, () -> ChargeBalance.solve(dry, Gas.SHUT_IN));
  }

  /** Against a second writing of the same chemistry, on random mixtures within its range. */
  @Test
  void aSecondWritingAgrees() {
    SplittableRandom random = new SplittableRandom(29);
    for (int i = 0; i < 60; i++) {
      double salt = 0.2 * random.nextDouble();
      SpeciesByHand other =
          new SpeciesByHand(
              0.08 * random.nextDouble(),
              0.05 * random.nextDouble(),
              0.05 * random.nextDouble(),
              salt + 0.15 * random.nextDouble(),
              salt);
      Equilibrium here = ChargeBalance.solve(other.asSolutes(), Gas.SHUT_IN);
      assertTrue(here.holds());
      assertEquals(other.pH(), here.pH(), 1e-6, other.asSolutes().toString());
    }
  }

  /** A root for a hundred thousand mixtures; charge closes; base raises and acid lowers the pH. */
  @Test
  void everyMixtureHasOneRootAndFollowsAcidAndBase() {
    SplittableRandom random = new SplittableRandom(20261125);
    for (int i = 0; i < 100_000; i++) {
      Solutes mix = random(random);
      Gas gas = random.nextBoolean() ? Gas.OPEN_TO_AIR : Gas.SHUT_IN;
      Equilibrium here = ChargeBalance.solve(mix, gas);
      assertTrue(
          Math.abs(here.residualMolesPerKilogram()) < 1e-12,
          "open charge " + here.residualMolesPerKilogram());
      assertTrue(here.pH() > -1 && here.pH() < 15.5, "pH " + here.pH());
      if (i % 10 == 0 && here.holds()) {
        double more = 0.0001 + 0.02 * random.nextDouble();
        double base = ChargeBalance.solve(mix.withBase(more), gas).pH();
        assertTrue(base > here.pH(), "base lowered the pH of " + mix);
        Acid acid = Acid.values()[random.nextInt(4)];
        Solutes sourer = mix.with(acid, mix.moles(acid) + more);
        double sour = ChargeBalance.solve(sourer, gas).pH();
        assertTrue(sour < here.pH(), acid + " raised the pH of " + mix);
      }
    }
  }

  private static Solutes random(SplittableRandom random) {
    Map<Acid, Double> acids = new EnumMap<>(Acid.class);
    for (Acid acid : Acid.values()) {
      if (random.nextBoolean()) {
        acids.put(acid, Math.pow(10, -5 + 4 * random.nextDouble()));
      }
    }
    double salt = random.nextDouble() < 0.9 ? 0.3 * random.nextDouble() : 2 * random.nextDouble();
    double base = 0.2 * random.nextDouble();
    return new Solutes(
        0.1 + random.nextDouble(), acids, salt + base, salt + 0.05 * random.nextDouble());
  }

  /** Water with one acid. */
  private static Solutes of(double waterKilograms, Acid acid, double moles) {
    return new Solutes(waterKilograms, Map.of(acid, moles), 0, 0);
  }

  private static double pH(Solutes of) {
    return ChargeBalance.solve(of, Gas.SHUT_IN).pH();
  }
}
