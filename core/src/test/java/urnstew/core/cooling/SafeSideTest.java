package urnstew.core.cooling;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import urnstew.core.Cases;
import urnstew.core.conduction.Cooling;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RectangularShape;
import urnstew.units.Length;
import urnstew.units.Temperature;

/**
 * Pans whose true course the watch does not know, read by a thermometer with its error, against a
 * checker of the rule that shares nothing with it: the series of a layer for the truth, and the
 * words of 3-501.14(A) for the verdict. Whatever the watch calls in time must be.
 */
class SafeSideTest {
  private static final int CASES = Cases.of(10_000);
  private static final double ERROR = 0.5;
  private static final double START = 88;

  /** One pan as it really is, and when it is at 57, 21 and 5 °C, s. */
  private record Truth(
      Cooling matter,
      double depth,
      double top,
      double bottom,
      double around,
      double warm,
      double cool,
      double cold) {
    static Truth of(Cooling matter, double depth, double top, double bottom, double around) {
      return new Truth(
          matter,
          depth,
          top,
          bottom,
          around,
          matter.secondsInLayer(depth, top, bottom, START, 57, around),
          matter.secondsInLayer(depth, top, bottom, START, 21, around),
          matter.secondsInLayer(depth, top, bottom, START, 5, around));
    }

    boolean passes() {
      return cool - warm <= 2 * 3600 && cold - warm <= 6 * 3600;
    }

    boolean reached(double celsius, double seconds) {
      return (celsius == 21 ? cool : cold) <= seconds;
    }

    double at(double seconds) {
      double share = matter.shareLeftInLayer(depth, top, bottom, seconds);
      return around + (START - around) * share;
    }
  }

  /** What came of one case. */
  private record Came(boolean promised, boolean passed, boolean refused) {}

  @Test
  void neverWrongToTheUnsafeSide() {
    List<Came> all = IntStream.range(0, CASES).parallel().mapToObj(SafeSideTest::came).toList();
    assertTrue(count(all, Came::promised) > CASES / 50, "promised " + count(all, Came::promised));
    assertTrue(count(all, Came::passed) > CASES / 50, "passed " + count(all, Came::passed));
    assertTrue(count(all, Came::refused) > CASES / 10, "refused " + count(all, Came::refused));
  }

  private static long count(List<Came> all, Predicate<Came> what) {
    return all.stream().filter(what).count();
  }

  private static Came came(int number) {
    SplittableRandom chance = new SplittableRandom(20260302L + number);
    CoolingSauce sauce = withPieces(number, Coolings.ragu(chance.nextDouble(3, 30)));
    CoolingSetup setup = setup(chance);
    Truth truth = truth(chance, sauce, setup);
    boolean promised =
        CoolingForecast.of(sauce, Temperature.ofCelsius(START), setup, Coolings.CODE).verdict()
            == CoolingVerdict.MAKES_IT;
    CoolingVerdict end = watched(chance, sauce, setup, truth, number);
    boolean passed = end == CoolingVerdict.PASSED || end == CoolingVerdict.RECKONED;
    assertTrue(truth.passes() || !promised, "promised " + number);
    assertTrue(truth.passes() || !passed, "passed " + number);
    return new Came(promised, passed, end == CoolingVerdict.MISSED);
  }

  /** Every third has whole pieces in it, thinner or thicker than the layer. */
  private static CoolingSauce withPieces(int number, CoolingSauce sauce) {
    return number % 3 == 0
        ? new CoolingSauce(
            sauce.contents(), Optional.of(new Length(0.01 + 0.09 * (number % 100) / 100)))
        : sauce;
  }

  /** Reads now and then, checks each promise on the way, and returns the verdict at the end. */
  private static CoolingVerdict watched(
      SplittableRandom chance, CoolingSauce sauce, CoolingSetup setup, Truth truth, int number) {
    List<CoolingEvent> events = new ArrayList<>();
    int readings = chance.nextInt(1, 5);
    double at = 0;
    for (int k = 0; k < readings; k++) {
      at += chance.nextDouble(0.1, 2.5) * 3600;
      double read = truth.at(at) + chance.nextDouble(-ERROR, ERROR);
      events.add(new CoolingEvent.Read(instant(at), read, ERROR));
    }
    CoolingHistory history = history(sauce, setup, events);
    CoolingOutlook outlook = CoolingMonitor.of(history, Coolings.CODE).at(instant(at));
    if (outlook.verdict() == CoolingVerdict.MAKES_IT) {
      assertTrue(truth.passes(), "on the way " + number);
    }
    Optional<Instant> clock = outlook.clockFrom();
    assertTrue(
        clock.isPresent() && !clock.get().isAfter(instant(truth.warm() + 1)),
        "clock too late " + number);
    for (MarkOutlook mark : outlook.marks()) {
      if (mark.state() == MarkOutlook.State.SHOWN) {
        double allowed = truth.warm() + mark.mark().within().toSeconds();
        assertTrue(truth.reached(mark.mark().celsius(), allowed), "shown " + number);
      }
    }
    events.add(new CoolingEvent.Read(instant(at + 3600), truth.at(at + 3600), ERROR));
    return CoolingMonitor.of(history(sauce, setup, events), Coolings.CODE)
        .at(instant(at + 7200))
        .verdict();
  }

  private static CoolingHistory history(
      CoolingSauce sauce, CoolingSetup setup, List<CoolingEvent> events) {
    return new CoolingHistory(sauce, Coolings.START, Temperature.ofCelsius(START), setup, events);
  }

  private static Instant instant(double seconds) {
    return Coolings.START.plusMillis(Math.round(seconds * 1000));
  }

  private static CoolingSetup setup(SplittableRandom chance) {
    ColdPlace[] places = {
      ColdPlace.STILL_REFRIGERATOR, ColdPlace.FAN_REFRIGERATOR, ColdPlace.BLAST_CHILLER
    };
    double side = chance.nextDouble(0.6, 1.4);
    CoolingPan tin =
        new CoolingPan(
            "tin",
            new RectangularShape(new Length(side), new Length(side), new Length(0.3)),
            Metal.STAINLESS_STEEL,
            8);
    return Coolings.in(tin, chance.nextInt(1, 4), places[chance.nextInt(places.length)]);
  }

  /** Anything from the slow side of what is known to well past the fast one. */
  private static Truth truth(SplittableRandom chance, CoolingSauce sauce, CoolingSetup setup) {
    Cooling known = sauce.matter();
    double place = setup.spot().place().wattsPerSquareMeterKelvin();
    boolean covered = chance.nextBoolean();
    double easier = chance.nextDouble(0.75, 1.33);
    double warmer = chance.nextDouble();
    return Truth.of(
        new Cooling(
            known.wattsPerMeterKelvin() * chance.nextDouble(0.97, 1.05),
            known.kilogramsPerCubicMeter(),
            known.joulesPerKilogramKelvin()),
        setup.crossed(sauce).meters() * chance.nextDouble(0.97, 1.03),
        covered ? 3 * easier : place * easier,
        place * easier,
        setup.spot().usual().celsius()
            + warmer * (setup.spot().warmest().celsius() - setup.spot().usual().celsius()));
  }

  /**
   * The checker itself against the published rows l01 and l05, and against the words of the rule.
   */
  @Test
  void theCheckerKnowsTheRule() {
    Cooling sauce = new Cooling(0.55, 1030, 3900);
    assertFalse(Truth.of(sauce, 0.025, 7, 7, 3).passes(), "l01");
    assertFalse(Truth.of(sauce, 0.05, 0, 150, 0.5).passes(), "l05");
    assertTrue(Truth.of(sauce, 0.02, 7, 7, 3).passes(), "l09, below it");
  }
}
