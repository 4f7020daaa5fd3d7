package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.Forecast.Doubt;
import urnstew.core.correction.Prediction;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** What was due and nobody ticked is neither in nor out: the band holds both, a reading decides. */
class UnsaidTest {
  private static final String RAGU = "pale-ragu";
  private static final BatchHistory LIT = lit();
  private static final int MILK = milk();
  private static final Instant DUE = LIT.at(3600);
  private static final Instant LATE = DUE.plusSeconds(1200);

  private static BatchHistory lit() {
    BatchSnapshot lit = Samples.lit(1).snapshot();
    return new BatchHistory(
        new BatchSnapshot(
            lit.inputs()
                .with(Samples.formula(RAGU))
                .with(new Target.Solids(MassFraction.ofPercent(14))),
            lit.preparation(),
            lit.instruments(),
            lit.clock(),
            lit.modelVersion()),
        List.of());
  }

  private static int milk() {
    ResolvedFormula ragu = LIT.snapshot().inputs().formula();
    for (int line = 0; line < ragu.portions().size(); line++) {
      if (ragu.portions().get(line).ingredient().id().equals("whole-milk")) {
        return line;
      }
    }
    throw new AssertionError("no milk");
  }

  @Test
  void isOnItsWayUntilSomeMinutesAfterItsTime() {
    Forecast before = Forecaster.forecast(LIT, DUE.minusSeconds(600));
    assertEquals(List.of(), before.doubts());
    Instant again = before.reckonAgainAt().orElseThrow();
    assertTrue(again.isAfter(DUE.plusSeconds(240)) && again.isBefore(LATE), again.toString());
    assertEquals(List.of(), Forecaster.forecast(LIT, again.minusSeconds(5)).doubts());
    assertEquals(1, Forecaster.forecast(LIT, again).doubts().size());
  }

  @Test
  void theBandHoldsBoth() {
    Prediction held = Forecaster.forecast(LIT, LATE).prediction();
    double earliest = Double.POSITIVE_INFINITY;
    double latest = 0;
    for (BatchHistory world : List.of(poured(DUE), poured(LATE))) {
      Prediction told = Forecaster.forecast(world, LATE).prediction();
      assertTrue(seconds(held.early()) <= seconds(told.likely()), "early edge");
      assertTrue(seconds(held.late()) >= seconds(told.likely()), "late edge");
      earliest = Math.min(earliest, seconds(told.early()));
      latest = Math.max(latest, seconds(told.late()));
    }
    assertTrue(
        seconds(held.early()) >= earliest - 1 && seconds(held.late()) <= latest + 1, "no more");
    assertEquals(
        seconds(Forecaster.forecast(LIT, DUE).prediction().likely()),
        seconds(held.likely()),
        1,
        "as planned while nothing tells");
  }

  @Test
  void aReadingDecides() {
    Instant weighed = LATE.minusSeconds(300);
    double with = massAt(poured(DUE), weighed);
    double without = massAt(poured(LATE), weighed);
    assertTrue(with - without > 0.5, "milk weighs");
    assertEquals(0.5, doubt(LIT).doneShare(), 1e-9);
    BatchHistory isIn = weighed(with, weighed);
    assertTrue(doubt(isIn).doneShare() > 0.9, doubt(isIn).toString());
    BatchHistory isNot = weighed(without, weighed);
    assertTrue(doubt(isNot).doneShare() < 0.1, doubt(isNot).toString());
    double end = Forecaster.forecast(poured(LATE), LATE).end().total().kilograms();
    assertEquals(end, Forecaster.forecast(isNot, LATE).end().total().kilograms(), 0.03 * end);
  }

  @Test
  void whoeverSaysSoIsBelieved() {
    assertEquals(List.of(), Forecaster.forecast(poured(LATE), LATE.plusSeconds(60)).doubts());
  }

  private static Doubt doubt(BatchHistory history) {
    List<Doubt> doubts = Forecaster.forecast(history, LATE).doubts();
    assertEquals(1, doubts.size());
    assertEquals("line-" + MILK, doubts.get(0).step());
    return doubts.get(0);
  }

  private static BatchHistory poured(Instant at) {
    Mass much = Forecaster.forecast(LIT, DUE).lines().get(MILK).due();
    return LIT.with(new Poured(new UUID(1, 1), at, MILK, much), LATE);
  }

  private static BatchHistory weighed(double kilograms, Instant at) {
    Mass tare = LIT.setting().vessel().emptyMass();
    return LIT.with(
        new ReadingTaken(
            new UUID(1, 2),
            at,
            new Measurement.Weighed(new Mass(kilograms).plus(tare), tare, Mass.ofGrams(20))),
        LATE);
  }

  private static double massAt(BatchHistory history, Instant at) {
    ReductionCurve likely = Forecaster.forecast(history, LATE).prediction().likely();
    return likely.massAt(history.simmerSeconds(at)).kilograms();
  }

  private static double seconds(ReductionCurve fall) {
    return ((Reaches) fall.outcome()).after().toMillis() / 1000.0;
  }
}
