package urnstew.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.acidity.ChargeBalance;
import urnstew.core.acidity.Equilibrium;
import urnstew.core.acidity.Gas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

class TasteProfileTest {
  private static RemainingProcess course(ResolvedFormula formula) {
    return RemainingProcess.of(formula, formula.formula().target(), Optional.of(1.2));
  }

  /** g01, g02: Yamaguchi 1967, 1971; g05: weights of 1971. */
  @Test
  void nucleotidesMultiplyGlutamate() {
    assertEquals(3.095, Savouriness.equivalentPercent(0.05, 0.05), 3.095e-3);
    assertEquals(0.05, Savouriness.equivalentPercent(0.05, 0), 1e-12);
    TasteProfile stock = TasteProfile.of(Pots.of("water", 985, "msg", 10, "mushroom-dried", 5));
    double glutamate = (10 * 0.78 + 5 * 0.0106) / 10;
    double nucleotides = 2.3 * 5 * 0.0015 / 10;
    assertEquals(glutamate * (1 + 1218 * nucleotides), stock.savouryPercent(), 1e-3);
  }

  /** g07, g08: Ninomiya 1998; Yamaguchi and Ninomiya 2000, mg in 100 g. */
  @ParameterizedTest
  @CsvSource({"tomato-fresh, 140, 250", "tomato-plum, 140, 250", "hard-cheese, 1200, 1680"})
  void freeGlutamateOfTomatoAndCheese(String id, double low, double high) {
    double milligrams = 1e5 * Samples.ingredient(id).taste().glutamateKilograms();
    assertTrue(milligrams >= low && milligrams <= high, id + " " + milligrams);
  }

  /** f34: AOAC 942.15 style. */
  @Test
  void aTitrationAsCitricAcid() {
    assertEquals(0.450, TasteProfile.titrated(7.03e-3 * 0.1, 0.010).percent(), 0.450 * 0.005);
  }

  /** f33, g14: stoichiometry; the table rounds. g15: 2.542. */
  @ParameterizedTest
  @CsvSource({"table-salt, 388, 5", "baking-soda, 274, 1", "msg, 123, 1"})
  void sodiumOfWhatSeasons(String id, double milligramsPerGram, double within) {
    double sodium = Samples.ingredient(id).sodiumKilogramsPerKilogram();
    assertEquals(milligramsPerGram, sodium * 1000, within);
    assertEquals(2.542, 1 / Ingredient.SODIUM_OF_SALT, 0.003);
  }

  /** f31: three of soda, 252.02 g, on one of citric acid, 192.12 g; it foams away. */
  @Test
  void sodaTakesAwayAsMuchCitricAcidAsItsProtons() {
    InPot sour = Pots.of("water", 1000, "citric-acid", 10);
    InPot spent = Pots.of("water", 1000, "citric-acid", 10, "baking-soda", 13.12);
    double before = TasteProfile.of(sour).acid().value() * sour.mass().grams();
    double after = TasteProfile.of(spent).acid().value() * spent.mass().grams();
    assertEquals(9.95, before, 0.15);
    assertEquals(0, after, 0.15);
    assertTrue(
        TasteProfile.of(spent).pH() > 7.0,
        "all its protons are gone: " + TasteProfile.of(spent).pH());
  }

  /** The default tomato: pH 4.2 to 4.4, 0.4 to 0.5 % as citric (common practice, food tables). */
  @ParameterizedTest
  @CsvSource({"tomato-fresh, 0.38, 0.5", "canned-whole-tomato, 0.38, 0.5", "passata, 0.4, 0.6"})
  void theTomatoOfTheTables(String id, double low, double high) {
    TasteProfile tomato = TasteProfile.of(InPot.kilogramOf(Samples.ingredient(id)));
    assertTrue(tomato.pH() > 4.19 && tomato.pH() < 4.41, id + " " + tomato.pH());
    double acid = tomato.acid().percent();
    assertTrue(acid >= low && acid <= high, id + " " + acid);
  }

  /** f37: Penniston et al. 2008, 48 g/l; vinegar by its label, 6 % acetic. */
  @Test
  void whatSouringHolds() {
    assertEquals(
        4.8,
        TasteProfile.of(InPot.kilogramOf(Samples.ingredient("lemon-juice"))).acid().percent(),
        0.48);
    double vinegar =
        TasteProfile.of(InPot.kilogramOf(Samples.ingredient("wine-vinegar-red"))).acid().percent();
    assertEquals(6 * 64.04 / 60.05, vinegar, 0.1);
  }

  /** Food tables: 45 to 65 mmol/(kg pH) for lean muscle about its own pH, from memory. */
  @Test
  void meatBuffers() {
    InPot meat = InPot.kilogramOf(Samples.ingredient("beef-mince"));
    Equilibrium rest = ChargeBalance.solve(meat.solutes(), Gas.OPEN_TO_AIR);
    double perKilogramWater = rest.baseMolesPerKilogramTo(rest.pH() + 0.1) / 0.1;
    double takesPart = AcidTraits.of(Samples.ingredient("beef-mince")).takesPart();
    double perKilogramMeat =
        1000 / takesPart * perKilogramWater * meat.contents().everything().waterKilograms();
    assertTrue(perKilogramMeat > 30 && perKilogramMeat < 65, "mmol " + perKilogramMeat);
  }

  /** Meat, milk and vegetables carry a ragù past 4.6; a plain sauce stays below. */
  @Test
  void aRaguIsLessSourThanAPlainSauce() {
    TasteProfile ragu =
        TasteProfile.of(course(Samples.ragu()).after(InPot.beforeTheFinish(Samples.ragu())));
    TasteProfile plain =
        TasteProfile.of(
            course(Samples.marinara()).after(InPot.beforeTheFinish(Samples.marinara())));
    assertTrue(ragu.pH() > 4.6, "ragù " + ragu.pH());
    assertTrue(plain.pH() < 4.4, "plain " + plain.pH());
  }

  /** The estimate of the open pot for what it is: water leaves, acid and sugar stay. */
  @Test
  void reductionConcentratesAndKeepsSugarToAcid() {
    InPot thin = Pots.of("canned-whole-tomato", 1000);
    double kept = thin.contents().everything().waterKilograms();
    InPot half =
        thin.asContents(
            PotContents.of(thin.contents().sauce().withWater(kept - thin.mass().kilograms() / 2)));
    TasteProfile before = TasteProfile.of(thin);
    TasteProfile after = TasteProfile.of(half);
    assertEquals(2 * before.salt().value(), after.salt().value(), 1e-12);
    assertEquals(thin.saltKilograms(), half.saltKilograms(), 1e-15, "grams stay");
    assertEquals(2.0, after.acid().value() / before.acid().value(), 0.03);
    assertEquals(
        before.sugarToAcidRatio(), after.sugarToAcidRatio(), 0.03 * before.sugarToAcidRatio());
    double moved = after.pH() - before.pH();
    assertTrue(moved < -0.01 && moved > -0.15, "pH moves little: " + moved);
    assertTrue(after.sharpnessPercent() > before.sharpnessPercent(), "time does not make it mild");
  }

  @Test
  void sugarMasksAndMovesNoPh() {
    InPot pot = Pots.of("canned-whole-tomato", 1000);
    TasteProfile before = TasteProfile.of(pot);
    TasteProfile after = TasteProfile.of(pot.plus(Pots.part("sugar", 10)));
    assertEquals(before.pH(), after.pH(), 0.002);
    assertTrue(after.sharpnessPercent() < 0.93 * before.sharpnessPercent());
  }

  @Test
  void brineIsPastTheModelAndSaysSo() {
    assertFalse(TasteProfile.of(InPot.kilogramOf(Samples.ingredient("soy-sauce"))).pHHolds());
    assertTrue(TasteProfile.of(InPot.kilogramOf(Samples.ingredient("tomato-paste"))).pHHolds());
  }

  /** Salt, sugars and glutamate are counted again from the table after any history. */
  @Test
  void nothingAppearsAndNothingVanishes() {
    SplittableRandom random = new SplittableRandom(5);
    List<Ingredient> all = ReferencePantry.load().all();
    for (int i = 0; i < 300; i++) {
      InPot pot = Pots.of("canned-whole-tomato", 1000);
      double salt = Samples.ingredient("canned-whole-tomato").salt().value();
      for (int k = 0; k < 6; k++) {
        if (random.nextInt(3) == 0) {
          double left = 0.5 + 0.5 * random.nextDouble();
          pot = pot.times(left);
          salt *= left;
        } else {
          Ingredient next = all.get(random.nextInt(all.size()));
          Mass mass = Mass.ofGrams(200 * random.nextDouble());
          pot = pot.plus(InPot.Part.of(next, mass));
          salt += next.salt().value() * mass.kilograms();
        }
        pot = pot.reducedTo(new MassFraction(0.05 + 0.1 * random.nextDouble()));
      }
      assertEquals(salt, pot.saltKilograms(), 1e-12 + 1e-9 * salt);
      TasteProfile tastes = TasteProfile.of(pot);
      assertTrue(tastes.pH() > 1 && tastes.pH() < 11.5, "pH " + tastes.pH());
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {4.05, 4.6, 5.0})
  void aMeasuredPhIsBelieved(double read) {
    InPot pot = InPot.beforeTheFinish(Samples.marinara());
    MeasuredTaste measured = new MeasuredTaste(Optional.of(read), Optional.empty(), 0);
    InPot shifted = measured.shift(pot);
    assertEquals(read, TasteProfile.of(shifted).pH(), 1e-6);
    assertEquals(pot.saltKilograms(), shifted.saltKilograms(), 1e-15);
    boolean sourer = read < TasteProfile.of(pot).pH();
    assertEquals(
        sourer, TasteProfile.of(shifted).acid().compareTo(TasteProfile.of(pot).acid()) > 0);
  }

  @Test
  void richerAndSharperTomatoesShiftTheTable() {
    InPot pot = Pots.of("canned-whole-tomato", 1000);
    MassFraction usual = Samples.ingredient("canned-whole-tomato").perKilogram().solubleFraction();
    InPot rich =
        new MeasuredTaste(Optional.empty(), Optional.of(new MassFraction(1.2 * usual.value())), 0)
            .shift(pot);
    assertEquals(
        1.2, TasteProfile.of(rich).sugars().value() / TasteProfile.of(pot).sugars().value(), 1e-9);
    assertEquals(
        1.2, TasteProfile.of(rich).acid().value() / TasteProfile.of(pot).acid().value(), 0.02);
    TasteProfile sharp =
        TasteProfile.of(new MeasuredTaste(Optional.empty(), Optional.empty(), 2).shift(pot));
    assertTrue(sharp.pH() < TasteProfile.of(pot).pH());
    assertTrue(sharp.sharpnessPercent() > 1.2 * TasteProfile.of(pot).sharpnessPercent());
    assertEquals(pot, MeasuredTaste.NONE.shift(pot));
  }
}
