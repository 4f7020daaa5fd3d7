package urnstew.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.explain.Caution;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** What is still to happen to a pot, and what is warned of before it does. */
class RemainingProcessTest {
  private static final InPot TOMATO = Pots.of("canned-whole-tomato", 2000);

  private static RemainingProcess to(double equivalentSolids, InPot.Part... plate) {
    return new RemainingProcess(
        Optional.of(new MassFraction(equivalentSolids)),
        List.of(),
        List.of(Pots.part("butter", 50)),
        List.of(plate),
        Optional.of(0.8));
  }

  private static List<String> codes(InPot now, RemainingProcess course) {
    SaltLedger ledger = SaltLedger.of(now, course, Family.PLAIN, Pots.salt());
    return BalanceCautions.of(now, course, ledger, TasteProfile.of(course.after(now))).stream()
        .map(Caution::code)
        .toList();
  }

  @Test
  void waterLeavesThenTheFinishAndThePlateCome() {
    RemainingProcess course = to(0.11, Pots.part("hard-cheese", 40));
    InPot reduced = course.reduced(TOMATO);
    assertEquals(0.11, reduced.contents().equivalentSolids().value(), 1e-9);
    double lost = course.toLose(TOMATO).kilograms();
    assertEquals(TOMATO.mass().kilograms() - reduced.mass().kilograms(), lost, 1e-12);
    assertEquals(reduced.mass().kilograms() + 0.09, course.after(TOMATO).mass().kilograms(), 1e-9);
    assertEquals(
        Duration.ofSeconds(Math.round(3600 * lost / 0.8)),
        course.time(new Mass(lost)).orElseThrow());
  }

  @Test
  void aPotThatIsThickEnoughLosesNothingMore() {
    InPot thick = TOMATO.reducedTo(new MassFraction(0.14));
    assertEquals(0, to(0.11).toLose(thick).kilograms(), 1e-12);
    assertEquals(0.14, to(0.11).reduced(thick).contents().equivalentSolids().value(), 1e-9);
    assertEquals(thick, RemainingProcess.OVER.after(thick));
    assertTrue(RemainingProcess.OVER.time(new Mass(1)).isEmpty(), "nobody knows the rate");
  }

  /** What is held back of the salt is in the course and not in the pot; nothing is lost between. */
  @Test
  void aFormulaIsPartedIntoPotAndCourse() {
    ResolvedFormula ragu = Samples.ragu();
    InPot pot = InPot.beforeTheFinish(ragu);
    RemainingProcess course = RemainingProcess.of(ragu, ragu.formula().target(), Optional.empty());
    double all =
        ragu.portions().stream()
            .mapToDouble(p -> p.ingredient().salt().value() * p.mass().kilograms())
            .sum();
    assertEquals(all, course.after(pot).saltKilograms(), 1e-12);
    assertTrue(pot.saltKilograms() < all - 0.001, "40 % of the salt is held back");
  }

  @Test
  void saltingEarlyIsWarnedOfBefore() {
    assertEquals(List.of("salted-too-early"), codes(TOMATO, to(0.11)));
    assertEquals(List.of(), codes(TOMATO.plus(Pots.part("table-salt", 8)), RemainingProcess.OVER));
    InPot salty = TOMATO.plus(Pots.part("table-salt", 25));
    assertEquals(List.of("too-salty-then"), codes(salty, to(0.11)));
  }

  @Test
  void brineIsSaidToBePastTheModel() {
    InPot brine = Pots.of("soy-sauce", 1000);
    assertTrue(codes(brine, RemainingProcess.OVER).contains("past-the-model"));
  }

  @Test
  void whatIsHardlyWetIsNotSour() {
    InPot oil = Pots.of("olive-oil", 1000);
    assertThrows(OutOfModelRange.class, () -> TasteProfile.of(oil));
  }

  @Test
  void aTrialIsAComparison() {
    CupTrial.Cup one = new CupTrial.Cup(List.of(), "");
    InvalidInput alone =
        assertThrows(
            InvalidInput.class,
            () -> new CupTrial(Mass.ofGrams(150), List.of(one), 3, Optional.empty()));
    assertEquals("cups", alone.parameter());
    InvalidInput other =
        assertThrows(
            InvalidInput.class,
            () -> new CupTrial(Mass.ofGrams(150), List.of(one, one), 3, Optional.of(2)));
    assertEquals("chosen", other.parameter());
    assertThrows(
        InvalidInput.class,
        () -> new CupTrial(Mass.ofGrams(5), List.of(one, one), 3, Optional.empty()));
  }

  /** A base without its salt thins the salt of a pot and keeps its tomato. */
  @Test
  void aSauceWithoutSaltKeepsAllElse() {
    ResolvedFormula marinara = Samples.marinara();
    Dosable base = Dosable.unsalted("base", marinara, marinara.beforeTheFinish());
    InPot kilogram = base.perKilogram();
    assertEquals(1, kilogram.mass().kilograms(), 1e-9);
    assertTrue(kilogram.parts().stream().noneMatch(p -> p.ingredient().id().equals("table-salt")));
    assertTrue(kilogram.saltKilograms() > 0, "cans carry some");
    assertTrue(base.isSauce());
    assertTrue(!Dosable.of(Samples.ingredient("sugar")).isSauce());
  }
}
