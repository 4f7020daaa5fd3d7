package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

class SizingTest {
  private static BatchSize size(int covers, double grams, double percent, boolean wholePacks) {
    return Sizing.size(
        Samples.marinara(),
        new Need(covers, Mass.ofGrams(grams)),
        MassFraction.ofPercent(percent),
        wholePacks ? PackRule.WHOLE : PackRule.AS_NEEDED);
  }

  @Test
  void enoughComesOutForEveryoneAndThePot() {
    BatchSize size = size(34, 110, 10.5, false);
    assertEquals(34 * 0.110 * 1.03, size.end().total().kilograms(), 1e-9);
    assertEquals(34, size.portions(), 1e-9);
    assertEquals(10.5, size.reduced().equivalentSolids().percent(), 1e-9);
  }

  @Test
  void solidsAndFatAreKeptWhateverTheSize() {
    Random random = new Random(5);
    for (int i = 0; i < 300; i++) {
      BatchSize size =
          size(
              1 + random.nextInt(400),
              50 + random.nextInt(300),
              7.5 + 19 * random.nextDouble(),
              random.nextBoolean());
      Composition start = size.start().sauce();
      Composition reduced = size.reduced().sauce();
      assertEquals(start.solids().kilograms(), reduced.solids().kilograms(), 1e-9);
      assertEquals(start.fatKilograms(), reduced.fatKilograms(), 1e-9);
      double amounts = size.amounts().stream().mapToDouble(a -> a.mass().kilograms()).sum();
      double lost = start.waterKilograms() - reduced.waterKilograms();
      assertEquals(amounts, size.end().total().kilograms() + lost, 1e-9);
    }
  }

  /** Check-values j01 to j12, salt: it stays while water leaves; mass ±0.1 %, salt as printed. */
  @ParameterizedTest
  @CsvSource({
    "2,6,9,0,1.333,0.00",
    "10,5.5,26.9,0,2.045,0.00",
    "2,8,11.4286,0.016,1.400,1.14",
    "0.6,5.5,8,0.004,0.4125,0.97",
    "5,9,12.857,0.040,3.500,1.14"
  })
  void saltStaysWhileWaterLeaves(
      double start, double solids, double target, double salt, double end, double saltPercent) {
    BatchSize size =
        Sizing.size(
            oneSauce(start, solids, salt),
            new Need(4, Mass.ofKilograms(end / (1 + Need.CLING_SHARE) / 4)),
            MassFraction.ofPercent(target),
            PackRule.AS_NEEDED);
    assertEquals(start, size.start().total().kilograms(), 0.001 * start);
    assertEquals(saltPercent, size.salt().percent(), 0.005);
  }

  /** A formula of one ingredient, which is a salted sauce. */
  private static ResolvedFormula oneSauce(double kilograms, double solids, double salt) {
    ResolvedFormula marinara = Samples.marinara();
    Portion tomato =
        marinara.portions().stream()
            .filter(portion -> portion.role() == StageRole.REDUCE)
            .findFirst()
            .orElseThrow();
    Ingredient was = tomato.ingredient();
    Ingredient sauce =
        new Ingredient(
            was.id(),
            was.name(),
            was.kind(),
            Samples.sauce(1, solids / 100),
            new MassFraction(salt / kilograms),
            was.taste(),
            was.measuring(),
            was.thickener(),
            was.pieces(),
            was.buying(),
            was.labelling(),
            was.provenance());
    return new ResolvedFormula(marinara.formula(), List.of(tomato.of(sauce)));
  }

  @Test
  void piecesAreLeftOutOfTheThicknessAndTheirJuiceIsNot() {
    BatchSize size =
        Sizing.size(
            Samples.ragu(),
            new Need(12, Mass.ofGrams(150)),
            MassFraction.ofPercent(13),
            PackRule.AS_NEEDED);
    assertEquals(12 * 0.15 * 1.03, size.end().total().kilograms(), 1e-9);
    assertEquals(13, size.reduced().equivalentSolids().percent(), 1e-9);
    double raw = size.start().pieces().whole().total().kilograms();
    double cooked = size.end().pieces().whole().total().kilograms();
    assertTrue(cooked < 0.8 * raw && cooked > 0.5 * raw, raw + " kg raw, " + cooked + " cooked");
    assertEquals(0, size.end().pieces().juiceKilograms(), 1e-12);
  }

  @Test
  void wholeCansAreUsedUpAndNobodyGetsLess() {
    BatchSize exact = size(34, 110, 10.5, false);
    BatchSize whole = size(34, 110, 10.5, true);
    assertEquals(0, cans(whole).left().grams(), 1e-6);
    assertTrue(whole.portions() >= exact.portions());
    assertTrue(whole.scaleFactor() / exact.scaleFactor() < 1.05, "the least that whole cans allow");
    assertTrue(cans(exact).left().grams() > 0);
  }

  private static PackChoice cans(BatchSize of) {
    return of.purchases().stream()
        .filter(purchase -> purchase.ingredient().id().equals("canned-whole-tomato"))
        .findFirst()
        .orElseThrow()
        .packs();
  }

  @Test
  void aTargetMustBeThickerThanTheStartAndThinnerThanPaste() {
    assertEquals(
        "thinner-than-start",
        assertThrows(InvalidInput.class, () -> size(10, 100, 5, false)).code());
    InvalidInput fault = assertThrows(InvalidInput.class, () -> size(10, 100, 45, false));
    assertEquals("Choose 27 % or less.", fault.remedy());
  }

  @Test
  void coversMustBeAtLeastOne() {
    for (int covers : new int[] {0, -4, 6000}) {
      assertEquals(
          "covers",
          assertThrows(InvalidInput.class, () -> size(covers, 100, 10, false)).parameter());
    }
  }
}
