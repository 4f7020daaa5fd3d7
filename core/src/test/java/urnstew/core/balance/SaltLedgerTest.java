package urnstew.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** Common practice S-01, S-02, S-03 and S-06, in direction; sums by hand. */
class SaltLedgerTest {
  private static final RemainingProcess TO_HALF = half(List.of());

  private static InPot thin(double salt) {
    return Pots.of("canned-whole-tomato", 2000, "table-salt", salt);
  }

  /** Reduces to about half. */
  private static RemainingProcess half(List<InPot.Part> plate) {
    return new RemainingProcess(
        Optional.of(new MassFraction(0.11)), List.of(), List.of(), plate, Optional.empty());
  }

  private static SaltLedger ledger(InPot pot, RemainingProcess course) {
    return SaltLedger.of(pot, course, Family.PLAIN, Pots.salt());
  }

  /** S-01: reduction concentrates salt, so it is warned of before. */
  @Test
  void saltedToTasteNowIsTooSaltyThen() {
    SaltLedger ledger = ledger(thin(0), TO_HALF);
    assertTrue(ledger.reduced().value() > 1.8 * ledger.now().value());
    assertTrue(ledger.saltedNow().percent() > 1.5 * ledger.band().middle());
    assertTrue(ledger.saltedNow().percent() > ledger.band().high());
  }

  /** Half the mass, the same grams, twice the share. */
  @Test
  void gramsStayAndTheShareDoubles() {
    InPot pot = thin(4);
    double kept = pot.contents().everything().waterKilograms() - pot.mass().kilograms() / 2;
    InPot halved = pot.asContents(PotContents.of(pot.contents().sauce().withWater(kept)));
    SaltLedger before = ledger(pot, RemainingProcess.OVER);
    SaltLedger after = ledger(halved, RemainingProcess.OVER);
    assertEquals(before.in(), after.in());
    assertEquals(2 * before.now().value(), after.now().value(), 1e-12);
  }

  /** S-02: the more follows that is salty, the less goes in. */
  @Test
  void lessSaltWhereCheeseCapersAndCuredPorkFollow() {
    double plain = all(ledger(thin(0), TO_HALF));
    for (String id : List.of("hard-cheese", "capers", "anchovy", "olives-black", "pancetta")) {
      SaltLedger follows = ledger(thin(0), half(List.of(Pots.part(id, 40))));
      assertTrue(all(follows) < plain, id);
      assertEquals(1, follows.toCome().size());
    }
    double strong = all(ledger(thin(0), half(List.of(Pots.part("pasta-water", 200)))));
    assertTrue(strong < all(ledger(thin(0), half(List.of(Pots.part("water", 200))))), "S-06");
  }

  private static double all(SaltLedger ledger) {
    return ledger.firstDose().plus(ledger.heldBack()).grams();
  }

  @Test
  void theDosesLandInTheMiddleAndTheFirstIsSafe() {
    RemainingProcess course = half(List.of(Pots.part("hard-cheese", 60)));
    SaltLedger ledger = ledger(thin(0), course);
    assertTrue(ledger.low().compareTo(ledger.likely()) < 0);
    assertTrue(ledger.likely().compareTo(ledger.high()) < 0);
    InPot both = thin(all(ledger));
    assertEquals(ledger.band().middle(), ledger(both, course).likely().percent(), 0.02);
    InPot first = thin(ledger.firstDose().grams());
    assertTrue(ledger(first, course).high().percent() <= ledger.band().high() + 0.01);
    assertTrue(ledger.heldBack().grams() > 0, "cheese and cans differ: some is held back");
    assertEquals(0, all(ledger(thin(40), course)), 1e-9, "nothing where it is too salty");
  }

  /** S-03: 0.6 % on top overshoots, half of that is about right where cans carry salt. */
  @Test
  void sixTenthsOnTopOvershoot() {
    InPot cup = Pots.of("canned-crushed-tomato", 150);
    double more = 150 * 0.006;
    Band band = Band.of(Family.PLAIN, Taste.SALT);
    double much = TasteProfile.of(cup.plus(Pots.part("table-salt", more))).salt().percent();
    double half = TasteProfile.of(cup.plus(Pots.part("table-salt", more / 2))).salt().percent();
    assertTrue(much > band.high(), "too much: " + much);
    assertTrue(half >= band.low() && half <= band.high(), "about right: " + half);
  }

  /** Grain matters by the spoon (common practice): the same grams, not the same spoons. */
  @Test
  void aCoarseSaltTakesMoreSpoonsForTheSameGrams() {
    SaltLedger fine = ledger(thin(0), TO_HALF);
    SaltLedger flakes =
        SaltLedger.of(thin(0), TO_HALF, Family.PLAIN, Samples.ingredient("flake-salt-light"));
    assertEquals(all(fine), all(flakes), 0.01 * all(fine));
    CupDose ofFine = CupDose.of(Pots.salt(), Mass.ofGrams(12), new Mass(1), new Mass(1));
    CupDose ofFlakes =
        CupDose.of(
            Samples.ingredient("flake-salt-light"), Mass.ofGrams(12), new Mass(1), new Mass(1));
    assertTrue(ofFlakes.count() > 1.8 * ofFine.count());
  }

  /** g20: 10 to 12 g a litre, common practice; and vegetables salted to draw their water. */
  @Test
  void strongPastaWaterAndSaltedVegetablesBringSalt() {
    double strong = 100 * Samples.ingredient("pasta-water-strong").salt().value();
    assertTrue(strong >= 1.0 && strong <= 1.2, "percent " + strong);
    ResolvedFormula slices = Samples.formula("fried-slices");
    double salt = InPot.beforeTheFinish(slices).saltKilograms();
    double own = Samples.ingredient("aubergine").salt().value() * slices.mass().kilograms();
    assertTrue(salt > own + 0.005, "salted slices keep some: " + salt);
  }

  @Test
  void sodiumOfAPortion() {
    assertEquals(
        0.393e-3 * 1.2, SaltLedger.sodiumKilograms(new MassFraction(0.01), new Mass(0.12)), 1e-9);
  }
}
