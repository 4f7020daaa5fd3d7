package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.correction.Target;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.kitchen.Instruments;
import urnstew.core.pantry.Allergen;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class BatchHistoryTest {
  private static final Instant LIT = Samples.NOON;
  private static final Instant HOUR = LIT.plus(Duration.ofMinutes(60));
  private static final Instant LATER = LIT.plus(Duration.ofHours(5));

  private static ReadingTaken weighed(long id, Instant at, double gross, double tare) {
    return new ReadingTaken(
        new UUID(9, id),
        at,
        new Weighed(Mass.ofKilograms(gross), Mass.ofKilograms(tare), Mass.ofGrams(20)));
  }

  private static Duration simmer(Forecast forecast) {
    return ((Reaches) forecast.prediction().likely().outcome()).after();
  }

  @Test
  void aSlowPotIsSeenAndAStruckOutReadingForgotten() {
    BatchHistory plain = Samples.lit(1);
    Duration planned = simmer(Samples.forecast(plain));
    double start = Samples.forecast(plain).prediction().likely().massAt(0).kilograms();
    BatchHistory read = plain.with(weighed(1, HOUR, start - 0.25 + 2.4, 2.4), LATER);
    assertTrue(simmer(Samples.forecast(read)).compareTo(planned) > 0, "slower than planned");
    BatchHistory struck = read.with(new StruckOut(new UUID(9, 2), HOUR, new UUID(9, 1), ""), LATER);
    assertEquals(planned, simmer(Samples.forecast(struck)));
    assertEquals(2, struck.events().size(), "the history is kept");
    assertEquals(0, Samples.forecast(struck).readings());
    BatchHistory back = struck.with(new Restored(new UUID(9, 3), HOUR, new UUID(9, 1)), LATER);
    assertEquals(simmer(Samples.forecast(read)), simmer(Samples.forecast(back)));
    refused(back, new Restored(new UUID(9, 4), HOUR, new UUID(9, 1)), "no-such-event");
  }

  @Test
  void readingsThatAgreeOnAnotherAmountAreSaid() {
    BatchHistory plain = Samples.lit(1);
    Forecast planned = Samples.forecast(plain);
    BatchHistory read = plain;
    for (int i = 1; i <= 2; i++) {
      Instant at = LIT.plus(Duration.ofMinutes(i == 1 ? 25 : 80));
      double seconds = Duration.between(planned.simmerStartedAt(), at).toSeconds();
      double tenthLess = 0.9 * planned.prediction().likely().massAt(seconds).kilograms();
      read = read.with(weighed(i, at, tenthLess, 0), LATER);
    }
    String said = Samples.forecast(read).cautions().get(0).text();
    assertTrue(said.contains("about 10 % less went into the pot"), said);
    assertEquals(List.of(), planned.cautions());
  }

  @Test
  void anOutcomeStandsBesideItsPlan() {
    BatchOutcome later =
        new BatchOutcome(
            Optional.of(LIT), HOUR, Mass.ofKilograms(4), Optional.of(Mass.ofKilograms(4.2)), 1, 0);
    assertEquals(Optional.of(Duration.ofMinutes(60)), later.late());
    Working mass =
        later.workings().stream()
            .filter(w -> w.figure().equals("finalMass"))
            .findFirst()
            .orElseThrow();
    assertEquals(5, mass.terms().get(3).value(), 1e-9, "per cent more");
    BatchOutcome unplanned =
        new BatchOutcome(Optional.empty(), HOUR, Mass.ofKilograms(4), Optional.empty(), 1, 0);
    assertEquals(Optional.empty(), unplanned.late());
    assertEquals(2, unplanned.workings().size(), "nothing is said of being late");
  }

  @Test
  void aCoarserScaleMovesTheHourLess() {
    BatchHistory plain = Samples.lit(1);
    double start = Samples.forecast(plain).prediction().likely().massAt(0).kilograms();
    Mass net = Mass.ofKilograms(start - 0.25);
    Duration fine = simmer(Samples.forecast(weighedWith(plain, net, Mass.ofGrams(20))));
    Duration coarse = simmer(Samples.forecast(weighedWith(plain, net, Mass.ofGrams(500))));
    assertTrue(coarse.compareTo(fine) < 0, "a slow pot, less believed");
  }

  private static BatchHistory weighedWith(BatchHistory batch, Mass net, Mass error) {
    Weighed weighed = new Weighed(net, Mass.ofKilograms(0), error);
    return batch.with(new ReadingTaken(new UUID(9, 1), HOUR, weighed), LATER);
  }

  @Test
  void aTickMovesTheStartOfTheSimmer() {
    BatchHistory late =
        Samples.lit(1).with(new SimmerStarted(new UUID(9, 1), LIT.plusSeconds(1200)), LATER);
    assertEquals(LIT.plusSeconds(1200), Samples.forecast(late).simmerStartedAt());
    assertEquals(LIT.plusSeconds(240), Samples.forecast(Samples.lit(1)).simmerStartedAt());
  }

  @Test
  void whatWillBeTooLateForTheTableIsSaidWithARemedy() {
    BatchHistory batch = Samples.lit(1);
    assertFalse(codes(batch).contains("late"));
    BatchHistory turnedDown =
        batch.with(
            new SetOtherwise(new UUID(9, 1), HOUR, batch.setting().with(Samples.BARE)), LATER);
    Caution late =
        Samples.forecast(turnedDown).cautions().stream()
            .filter(caution -> caution.code().equals("late"))
            .findFirst()
            .orElseThrow();
    assertTrue(late.text().contains("lively"), late.text());
  }

  /** At the boil a lid hardly matters, so taking it off is no remedy there. */
  @Test
  void theRemedyForBeingLateFitsThePot() {
    SimmerSetting own = Samples.lit(1).setting();
    Heating low = new Heating.BurnerSet(MassFraction.ofPercent(12));
    assertRemedy("lid off", own.with(Samples.GENTLE).with(Lid.AJAR));
    assertRemedy("burner up", own.with(low).with(Lid.ON));
    assertRemedy("second wide pot", own.with(Samples.pot(0.14, 0.6)).with(Samples.LIVELY));
  }

  private static void assertRemedy(String words, SimmerSetting setting) {
    String late = late(setting);
    assertTrue(late.contains(words), late);
  }

  private static String late(SimmerSetting setting) {
    BatchHistory batch =
        Samples.lit(1).with(new SetOtherwise(new UUID(9, 1), LIT.plusSeconds(300), setting), LATER);
    return Samples.forecast(batch).cautions().stream()
        .filter(caution -> caution.code().equals("late"))
        .map(Caution::text)
        .findFirst()
        .orElse("in time");
  }

  private static List<String> codes(BatchHistory batch) {
    return Samples.forecast(batch).cautions().stream().map(Caution::code).toList();
  }

  @Test
  void piecesThatAreTakenOutLeaveTheSauceAsThick() {
    BatchHistory batch = braise("pan-wine");
    BatchHistory mushrooms = batch.with(added("mushroom", 9), LATER);
    BatchHistory out = mushrooms.with(new PiecesTakenOut(new UUID(9, 1), HOUR, List.of()), LATER);
    Forecast whole = Samples.forecast(mushrooms);
    Forecast sauce = Samples.forecast(out);
    double target = batch.snapshot().inputs().equivalentSolids().value();
    assertEquals(
        target, sauce.prediction().likely().last().contents().equivalentSolids().value(), 1e-4);
    double left = sauce.end().pieces().whole().total().kilograms();
    assertTrue(left > 0.1 && left < 0.5, "mushrooms and shallot stay: " + left);
    double gone = whole.end().total().kilograms() - sauce.end().total().kilograms();
    assertTrue(gone > 1.2, "thighs are gone, their juice mostly not: " + gone);
    refused(out, new PiecesTakenOut(new UUID(9, 2), HOUR.plusSeconds(60), List.of()), "no-pieces");
    refused(Samples.lit(1), new PiecesTakenOut(new UUID(9, 1), HOUR, List.of()), "no-pieces");
    List<String> strained = List.of("chicken-thigh", "shallot", "mushroom");
    BatchHistory all = mushrooms.with(new PiecesTakenOut(new UUID(9, 3), HOUR, strained), LATER);
    assertEquals(
        0, Samples.forecast(all).end().pieces().whole().total().kilograms(), 1e-9, "named");
  }

  /** Fish goes into a braise last; once it is off the heat it is there, and cools with the rest. */
  @Test
  void offTheHeatThePiecesOfTheFinishAreIn() {
    BatchHistory batch = braise("saffron-sea");
    Finished off =
        new Finished(new UUID(9, 1), LATER.minusSeconds(60), Optional.empty(), "", false);
    long before = PiecesInPot.before(batch, LATER).all().stream().filter(p -> p.comesOut()).count();
    PiecesInPot after = PiecesInPot.before(batch.with(off, LATER), LATER);
    assertTrue(after.all().stream().filter(p -> p.comesOut()).count() > before);
    assertTrue(after.heaviest().isPresent());
  }

  /** What a stage takes out and throws away is nobody's portion, said at the pot or not. */
  @Test
  void theHalvedOnionIsNotServed() {
    BatchHistory batch = braise("slow-passata");
    double onion =
        Samples.formula("slow-passata").discarded().total().kilograms()
            / Samples.formula("slow-passata").mass().kilograms();
    assertTrue(onion > 0.05, "of all that goes in");
    Forecast left = Samples.forecast(batch);
    assertEquals(0, left.end().pieces().whole().total().kilograms(), 1e-4, "a tenth of a gram");
    Forecast out =
        Samples.forecast(batch.with(new PiecesTakenOut(new UUID(9, 1), HOUR, List.of()), LATER));
    double end = left.end().total().kilograms();
    assertEquals(end, out.end().total().kilograms(), 0.01 * end);
  }

  /** Cautions follow what goes in, in a formula or not: two minutes in the heat, or it is raw. */
  @Test
  void whatIsAddedRawIsSaidUnlessThePotCooksIt() {
    BatchHistory batch = braise("slow-passata");
    for (String raw : List.of("mussels", "egg-yolk")) {
      Added hot = added(raw, 1);
      assertFalse(raws(batch.with(hot, LATER)), raw + " in the simmer");
      Finished off =
          new Finished(new UUID(9, 1), hot.at().plusSeconds(60), Optional.empty(), "", false);
      assertTrue(raws(batch.with(hot, LATER).with(off, LATER)), raw + " as the heat goes off");
    }
    assertFalse(raws(batch.with(added("anchovy", 1), LATER)));
    String names = Samples.ingredient("mussels").name() + ", " + Samples.ingredient("clams").name();
    BatchHistory both = batch.with(added("mussels", 1), LATER).with(added("clams", 2), LATER);
    Finished off =
        new Finished(new UUID(9, 1), added("clams", 2).at(), Optional.empty(), "", false);
    assertEquals(
        1,
        Samples.forecast(both.with(off, LATER)).cautions().stream()
            .filter(c -> c.text().contains(names))
            .count(),
        "one caution names both");
  }

  /** Flamed in the pan before the tomatoes: part of the sauce, and told to who eats it. */
  @Test
  void whatGoesInBeforeTheSimmerCounts() {
    BatchHistory batch = braise("slow-passata");
    Added early =
        new Added(
            new UUID(8, 1),
            LIT.plusSeconds(300),
            Samples.ingredient("anchovy"),
            Mass.ofGrams(200),
            Temperature.ofCelsius(20));
    Forecast before = Samples.forecast(batch);
    Forecast after = Samples.forecast(batch.with(early, LATER));
    assertEquals(
        before.saltShare() * before.end().total().grams() / 1000 + saltOf(early),
        after.saltShare() * after.end().total().grams() / 1000,
        2e-3);
    assertTrue(
        BatchDeclaration.of(batch.with(early, LATER), after.end().total()).allergens().stream()
            .anyMatch(one -> one.allergen() == Allergen.FISH));
  }

  private static double saltOf(Added added) {
    return added.ingredient().salt().value() * added.mass().kilograms();
  }

  private static boolean raws(BatchHistory batch) {
    return Samples.forecast(batch).cautions().stream()
        .anyMatch(c -> List.of("raw-egg", "barely-cooked").contains(c.code()));
  }

  private static Added added(String ingredient, int id) {
    return new Added(
        new UUID(8, id),
        LIT.plusSeconds(2400),
        Samples.ingredient(ingredient),
        Mass.ofGrams(200),
        Temperature.ofCelsius(20));
  }

  private static BatchHistory braise(String formula) {
    var resolved = Samples.formula(formula);
    return new BatchHistory(
        new BatchSnapshot(
            Samples.planInputs(34, Samples.pot(0.36, 0.20), Samples.GENTLE, Lid.OFF)
                .with(resolved)
                .with(new Target.Solids(resolved.formula().target().orElseThrow())),
            Duration.ofMinutes(30),
            Instruments.ASSUMED,
            new BatchClock(LIT, 1),
            BatchSnapshot.MODEL_VERSION),
        List.of());
  }

  @Test
  void aPracticeBatchRunsFaster() {
    assertEquals(LIT.plusSeconds(4), Samples.lit(60).simmerStartedAt());
    assertEquals(3600, Samples.lit(60).snapshot().clock().secondsAt(LIT.plusSeconds(60)), 1e-9);
  }

  @Test
  void whatCannotBeMeantIsRefused() {
    BatchHistory batch = Samples.lit(1);
    refused(batch, weighed(1, LATER.plusSeconds(3600), 5, 0), "in-the-future");
    refused(batch, weighed(1, LIT.minusSeconds(5), 5, 0), "before-start");
    refused(batch, weighed(1, LIT.plusSeconds(60), 5, 0), "before-simmer");
    refused(batch, weighed(1, HOUR, 40, 0), "more-than-vessel-holds");
    refused(batch, weighed(1, HOUR, 2, 2.4), "lighter-than-pot");
    refused(
        batch,
        new ReadingTaken(
            new UUID(9, 1), HOUR, new Dipped(Length.ofMillimeters(300), Length.ofMillimeters(2))),
        "deeper-than-vessel");
    refused(batch, new StruckOut(new UUID(9, 1), HOUR, new UUID(9, 7), ""), "no-such-event");
    refused(
        batch,
        new Finished(new UUID(9, 1), HOUR, Optional.of(Mass.ofKilograms(90)), "", false),
        "more-than-vessel-holds");
  }

  private static void refused(BatchHistory batch, BatchEvent event, String code) {
    assertEquals(code, assertThrows(InvalidInput.class, () -> batch.with(event, LATER)).code());
  }
}
