package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.balance.CupDose;
import urnstew.core.balance.CupTrial;
import urnstew.core.balance.InPot;
import urnstew.core.balance.MeasuredTaste;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.balance.TasteProfile;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.Tasted;
import urnstew.core.formula.StageRole;
import urnstew.units.Mass;
import urnstew.units.Temperature;

class BatchPartsTest {
  private static final Instant LIT = Samples.NOON;
  private static final Instant LATER = LIT.plus(Duration.ofHours(5));

  private final BatchHistory fresh = Samples.lit(1);

  private static Instant minute(int minutes) {
    return LIT.plus(Duration.ofMinutes(minutes));
  }

  private static BatchParts parts(BatchHistory history) {
    return Samples.parts(history);
  }

  private static InPot at(BatchHistory history, int minutes) {
    return parts(history).at(history.simmerSeconds(minute(minutes)));
  }

  @Test
  void saltThatIsHeldBackComesAtTheEnd() {
    BatchParts parts = parts(fresh);
    double seconds = fresh.simmerSeconds(minute(60));
    InPot now = parts.at(seconds);
    RemainingProcess course = parts.course(seconds, List.of());
    double heldBack =
        course.finish().stream()
            .filter(part -> part.ingredient().id().equals("table-salt"))
            .mapToDouble(part -> part.mass().kilograms())
            .sum();
    assertTrue(heldBack > 0);
    double all = course.after(now).saltKilograms();
    assertEquals(Samples.forecast(fresh).saltShare(), all / endMass(), 1e-6);
    assertTrue(now.saltKilograms() < all - 0.9 * heldBack);
  }

  private double endMass() {
    return Samples.forecast(fresh).end().total().kilograms();
  }

  @Test
  void whatIsLadledOutTakesItsShareAndWhatIsAddedStays() {
    double before = at(fresh, 60).saltKilograms();
    double mass = at(fresh, 60).mass().kilograms();
    BatchHistory ladled =
        fresh.with(new LadledOut(new UUID(1, 1), minute(50), new Mass(mass / 5)), LATER);
    assertEquals(0.8 * before, at(ladled, 60).saltKilograms(), 0.01 * before);
    assertEquals(before, at(ladled, 40).saltKilograms(), 1e-12, "not before");
    BatchHistory salted =
        ladled.with(
            new Added(
                new UUID(1, 2),
                minute(55),
                Samples.ingredient("table-salt"),
                Mass.ofGrams(10),
                Temperature.ofCelsius(20)),
            LATER);
    double more = at(salted, 60).saltKilograms() - at(ladled, 60).saltKilograms();
    assertEquals(0.010 * Samples.ingredient("table-salt").salt().value(), more, 1e-9);
  }

  /** The fall ends before the finish; a line of it that is poured is in the pot all the same. */
  @Test
  void aFinishThatIsPouredIsInThePotAndNoLongerToCome() {
    var lines = Samples.forecast(fresh).lines();
    int finish = lines.size() - 1;
    assertEquals(StageRole.FINISH, lines.get(finish).portion().role());
    Mass mass = lines.get(finish).due();
    BatchHistory poured =
        fresh.with(new BatchEvent.Poured(new UUID(1, 1), minute(50), finish, mass), LATER);
    double seconds = fresh.simmerSeconds(minute(60));
    InPot before = parts(fresh).at(seconds);
    InPot after = parts(poured).at(seconds);
    double more = after.mass().kilograms() - before.mass().kilograms();
    assertEquals(mass.kilograms(), more, 1e-9);
    RemainingProcess toCome = parts(poured).course(seconds, List.of());
    assertEquals(
        parts(fresh).course(seconds, List.of()).after(before).mass().kilograms(),
        toCome.after(after).mass().kilograms(),
        0.02 * before.mass().kilograms());
    assertTrue(toCome.finish().size() < parts(fresh).course(seconds, List.of()).finish().size());
  }

  @Test
  void cupsLeaveThePotAndStayInItsHistory() {
    CupDose sugar =
        CupDose.of(Samples.ingredient("sugar"), Mass.ofGrams(25), new Mass(6), Mass.ofGrams(150));
    CupTrial trial =
        new CupTrial(
            Mass.ofGrams(150),
            List.of(
                new CupTrial.Cup(List.of(), "sharp"), new CupTrial.Cup(List.of(sugar), "round")),
            3,
            Optional.of(1));
    BatchHistory tried = fresh.with(new CupsTried(new UUID(1, 1), minute(50), trial), LATER);
    double gone = at(fresh, 60).mass().kilograms() - at(tried, 60).mass().kilograms();
    assertEquals(0.300, gone, 0.02);
    assertTrue(at(tried, 60).saltKilograms() < at(fresh, 60).saltKilograms());
    assertEquals(
        at(fresh, 60).taste().sugarsKilograms() * at(tried, 60).saltKilograms(),
        at(tried, 60).taste().sugarsKilograms() * at(fresh, 60).saltKilograms(),
        1e-9,
        "what goes into a cup does not go into the pot");
  }

  @Test
  void aMeasuredPhHoldsForTheMomentAndIsCarriedOn() {
    MeasuredTaste sour = new MeasuredTaste(Optional.of(4.05), Optional.empty(), 0);
    BatchHistory tasted = fresh.with(new Tasted(new UUID(1, 1), minute(40), sour), LATER);
    assertEquals(4.05, TasteProfile.of(at(tasted, 40)).pH(), 1e-6);
    double plain = TasteProfile.of(at(fresh, 90)).pH();
    double carried = TasteProfile.of(at(tasted, 90)).pH();
    assertTrue(carried < plain - 0.05 && carried > 3.9, plain + " against " + carried);
    MeasuredTaste mild = new MeasuredTaste(Optional.empty(), Optional.empty(), -1);
    BatchHistory again = tasted.with(new Tasted(new UUID(1, 2), minute(60), mild), LATER);
    assertTrue(TasteProfile.of(at(again, 90)).pH() > plain, "the last one counts");
  }
}
