package urnstew.core.cooling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.rules.RuleSet;
import urnstew.units.Temperature;

/** Food Code 2022, 3-501.14(A): 57 to 21 °C within 2 h and to 5 °C within 6 h in all. */
class CoolingMonitorTest {
  private static final CoolingSetup ICE = Coolings.in(Coolings.TIN, 2, ColdPlace.ICE_BATH);
  private static final CoolingSetup COLD = Coolings.in(Coolings.TIN, 2, ColdPlace.BLAST_CHILLER);

  private static CoolingOutlook at(double hours, CoolingSetup setup, CoolingEvent... events) {
    return CoolingMonitor.of(Coolings.history(Coolings.ragu(9), setup, events), Coolings.CODE)
        .at(Coolings.after(hours));
  }

  /**
   * The clock starts at the last reading above 57 °C, half an hour after the stove. Hours are
   * counted from the stove: 1.0 h then 4.7 h passes, 2.2 h then early fails, a warm end fails.
   */
  @ParameterizedTest
  @CsvSource({
    "1.5,20,5.2,4,5.3,PASSED,PUT_AWAY",
    "2.5,20,6.5,4,6.6,PASSED,PUT_AWAY",
    "2.7,22,5.0,4,5.1,MISSED,DISCARD",
    "1.5,20,6.6,6,6.7,MISSED,DISCARD",
    "1.5,20.8,1.6,20.8,2.6,MISSED,DISCARD"
  })
  void theRule(
      double firstAt,
      double first,
      double secondAt,
      double second,
      double now,
      CoolingVerdict verdict,
      CorrectiveAction action) {
    CoolingOutlook outlook =
        at(
            now,
            slowPot(),
            Coolings.read(0.5, 57.5),
            Coolings.read(firstAt, first),
            Coolings.read(secondAt, second));
    assertEquals(Coolings.after(0.5), outlook.clockFrom().orElseThrow());
    assertEquals(verdict, outlook.verdict());
    assertEquals(action, outlook.action());
  }

  /** By its own reckoning far too slow, so that only readings can show a mark. */
  private static CoolingSetup slowPot() {
    return Coolings.in(Coolings.POT, 1, ColdPlace.STILL_REFRIGERATOR);
  }

  /** Neither two hours alone nor six hours alone is enough. */
  @Test
  void bothMarksTogether() {
    CoolingOutlook onlyTheLast =
        at(6.4, slowPot(), Coolings.read(0.5, 57.5), Coolings.read(6.3, 4));
    assertEquals(CoolingVerdict.MISSED, onlyTheLast.verdict(), "nothing shows the first mark");
    assertEquals(MarkOutlook.State.SHOWN, onlyTheLast.marks().get(1).state());
  }

  @Test
  void beforeTheClockAndAfter() {
    CoolingOutlook early = at(0.1, COLD);
    assertFalse(early.clockRuns());
    assertEquals(CoolingVerdict.MAKES_IT, early.verdict());
    assertEquals(CorrectiveAction.GO_ON, early.action());
    assertEquals(MarkOutlook.State.IN_TIME, early.marks().get(0).state());
    CoolingOutlook late = at(1.5, COLD);
    assertTrue(late.clockRuns());
  }

  /** A thermometer that may be wrong shows a mark only with its error added. */
  @Test
  void theErrorOfTheThermometerCounts() {
    CoolingOutlook near = at(1.0, COLD, Coolings.read(0.9, 20.8));
    assertEquals(MarkOutlook.State.IN_TIME, near.marks().get(0).state());
    CoolingOutlook shown = at(1.0, COLD, Coolings.read(0.9, 20.5));
    assertEquals(MarkOutlook.State.SHOWN, shown.marks().get(0).state());
  }

  /**
   * What is about to be missed may be reheated once, in the first two hours, where the set allows.
   */
  @Test
  void aMarkAboutToBeMissed() {
    CoolingEvent.Read hot = Coolings.read(1.0, 80);
    CoolingOutlook outlook = at(1.1, slowPot(), hot);
    assertEquals(CoolingVerdict.WILL_MISS, outlook.verdict());
    assertEquals(CorrectiveAction.COOL_FASTER_OR_REHEAT, outlook.action());
    CoolingOutlook uk =
        CoolingMonitor.of(
                Coolings.history(Coolings.ragu(9), slowPot(), hot),
                RuleSet.shipped("uk-practice").orElseThrow())
            .at(Coolings.after(1.1));
    assertEquals(CorrectiveAction.COOL_FASTER, uk.action(), "that set does not allow it");
    CoolingEvent again =
        new CoolingEvent.Reheated(Coolings.after(1.5), Temperature.ofCelsius(76), slowPot());
    CoolingOutlook second = at(1.7, slowPot(), hot, again);
    assertEquals(CorrectiveAction.COOL_FASTER, second.action(), "once only");
    assertTrue(second.clockFrom().orElseThrow().isAfter(Coolings.after(1.5)), "begins anew");
  }

  /** Nobody read the mark: only the slow side of the reckoning may stand in, and says so. */
  @Test
  void aMarkNobodyRead() {
    CoolingOutlook unread = at(4, COLD);
    assertEquals(MarkOutlook.State.TO_READ, unread.marks().get(0).state());
    assertEquals(CorrectiveAction.READ_NOW, unread.action());
    CoolingOutlook read = at(4.2, COLD, Coolings.read(4.1, 5.5));
    assertEquals(MarkOutlook.State.RECKONED, read.marks().get(0).state());
    CoolingOutlook warm = at(4.2, COLD, Coolings.read(4.1, 24));
    assertEquals(CoolingVerdict.MISSED, warm.verdict());
    assertEquals(CorrectiveAction.DISCARD, warm.action());
    assertEquals(CoolingVerdict.MISSED, at(30, slowPot()).verdict(), "not even reckoned");
  }

  /** Readings mend the likely course both ways, the slow side only to the worse. */
  @Test
  void readingsNeverSoftenTheSafeSide() {
    CoolingOutlook plain = at(0.3, ICE);
    double there = plain.likely().celsiusAt(0.8 * 3600);
    CoolingOutlook fast = at(0.9, ICE, Coolings.read(0.8, there - 8));
    CoolingOutlook slow = at(0.9, ICE, Coolings.read(0.8, there + 12));
    assertTrue(fast.speedFactor() > 1.1, "faster " + fast.speedFactor());
    assertTrue(slow.speedFactor() < 0.9, "slower " + slow.speedFactor());
    double again = secondsOnFrom(plain, there - 8, 0.5);
    double mended = fast.slow().secondsTo(12).orElseThrow() - 0.8 * 3600;
    assertTrue(mended >= again - 60, "no faster than the slow side from what was read");
    assertTrue(
        slow.slow().secondsTo(21).orElseThrow() > plain.slow().secondsTo(21).orElseThrow(),
        "slower for a warm reading");
  }

  /** From an even temperature on the slow side to 12 °C. */
  private static double secondsOnFrom(CoolingOutlook plain, double celsius, double error) {
    return new CoolingRun(Coolings.ragu(9), BoundingCase.SLOW, 1)
        .from(Coolings.history(Coolings.ragu(9), ICE).steps(), 0, celsius + error, 12)
        .secondsTo(12)
        .orElseThrow();
  }

  /** Poured over into more pans, stirred, moved: each makes it faster. */
  @Test
  void whatIsDoneOnTheWay() {
    double alone = likely(at(0.2, slowPot()));
    CoolingSetup ice = Coolings.in(Coolings.POT, 1, ColdPlace.ICE_BATH);
    double iced = likely(at(0.2, slowPot(), new CoolingEvent.Placed(Coolings.after(0.1), ice)));
    double poured = likely(at(0.2, slowPot(), new CoolingEvent.Placed(Coolings.after(0.1), ICE)));
    CoolingEvent[] stirs =
        Arrays.stream(new double[] {0.2, 0.4, 0.6, 0.8, 1.0})
            .mapToObj(hours -> new CoolingEvent.Stirred(Coolings.after(hours)))
            .toArray(CoolingEvent[]::new);
    double stirred = likely(at(1.1, ice, stirs));
    assertTrue(iced < alone, "ice");
    assertTrue(poured < iced, "poured over");
    assertTrue(stirred < likely(at(1.1, ice)), "stirred");
  }

  private static double likely(CoolingOutlook outlook) {
    return outlook.likely().secondsTo(21).orElse(Double.POSITIVE_INFINITY);
  }
}
