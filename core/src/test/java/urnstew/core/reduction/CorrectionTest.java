package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** Make-believe pots with a known truth: readings must beat the plan. */
class CorrectionTest {
  private static final int POTS = 150;
  private static final Vessel VESSEL = Samples.pot(0.32, 0.20);
  private static final SimmerSetting SETTING =
      Samples.setting(VESSEL, 3500, SimmerLevel.GENTLE, Lid.OFF, 2350);
  private static final Composition START = Samples.sauce(6, 0.065);
  private static final MassFraction TARGET = MassFraction.ofPercent(10.5);
  private static final Mass SCALE = Mass.ofGrams(20);

  private static Reading.Weighing weighing(
      Trajectory truth, double seconds, Random random, String key) {
    double read = truth.massAt(seconds).kilograms() + 0.02 * random.nextGaussian();
    return new Reading.Weighing(key, seconds, new Mass(read), SCALE);
  }

  @Test
  void twoWeighingsBeatThePlan() {
    double planned = ReductionTest.end(Reduction.fall(SETTING, START, TARGET, Unknowns.NOMINAL));
    List<Double> planErrors = new ArrayList<>();
    List<Double> errors = new ArrayList<>();
    int inside = 0;
    for (int seed = 1; seed <= POTS; seed++) {
      Random random = new Random(seed);
      Unknowns world =
          new Unknowns(0.6 + 0.8 * random.nextDouble(), 1, 1 + 0.01 * random.nextGaussian());
      Trajectory truth = Reduction.fall(SETTING, START, TARGET, world);
      double end = ReductionTest.end(truth);
      List<Reading> readings =
          List.of(
              weighing(truth, planned / 4, random, "a"), weighing(truth, planned / 2, random, "b"));
      Prediction corrected = Reduction.predict(SETTING, START, TARGET, readings);
      planErrors.add(Math.abs(planned - end) / end);
      errors.add(Math.abs(ReductionTest.end(corrected.likely()) - end) / end);
      if (ReductionTest.end(corrected.early()) <= end
          && end <= ReductionTest.end(corrected.late())) {
        inside++;
      }
    }
    assertTrue(quantile(errors, 0.9) <= 0.08, "nine in ten within 8 %: " + quantile(errors, 0.9));
    assertTrue(quantile(errors, 0.5) < quantile(planErrors, 0.5) / 3, "far better than the plan");
    assertTrue(inside >= 0.86 * POTS, "the band holds nine in ten: " + inside + " of " + POTS);
  }

  @ParameterizedTest
  @CsvSource({"0.78,0.6", "0.78,1.4", "0.9,0.6", "0.9,1.4", "1.1,0.6", "1.1,1.4"})
  void twoWeighingsThatAgreeTellThatSomethingElseWentIn(double mass, double rate) {
    double planned = ReductionTest.end(Reduction.fall(SETTING, START, TARGET, Unknowns.NOMINAL));
    Trajectory truth = Reduction.fall(SETTING, START, TARGET, new Unknowns(rate, 1, mass));
    double end = ReductionTest.end(truth);
    Random random = new Random(7);
    List<Reading> readings =
        List.of(
            weighing(truth, planned / 5, random, "a"), weighing(truth, planned / 2.5, random, "b"));
    Prediction corrected = Reduction.predict(SETTING, START, TARGET, readings);
    assertEquals(end, ReductionTest.end(corrected.likely()), 0.1 * end);
    assertEquals(mass, corrected.unknowns().mass(), 0.015);
    assertEquals(List.of(), corrected.oddReadings());
  }

  @Test
  void dipsCorrectToo() {
    Unknowns slow = new Unknowns(0.7, 1, 1);
    Trajectory truth = Reduction.fall(SETTING, START, TARGET, slow);
    double end = ReductionTest.end(truth);
    List<Reading> readings = new ArrayList<>();
    for (double share : new double[] {0.3, 0.6}) {
      double depth = Math.rint(truth.depthAt(end * share).millimeters());
      readings.add(
          new Reading.Dip(
              "d" + share, end * share, Length.ofMillimeters(depth), Length.ofMillimeters(1)));
    }
    Prediction corrected = Reduction.predict(SETTING, START, TARGET, readings);
    assertEquals(end, ReductionTest.end(corrected.likely()), 0.1 * end);
    assertTrue(corrected.unknowns().evaporation() < 0.85);
  }

  @Test
  void oneWildReadingIsShownAndOutvoted() {
    Trajectory truth = Reduction.fall(SETTING, START, TARGET, new Unknowns(0.8, 1, 1));
    double end = ReductionTest.end(truth);
    Random random = new Random(4);
    Reading wild = new Reading.Weighing("wild", end * 0.5, new Mass(3.1), SCALE);
    List<Reading> readings =
        List.of(
            weighing(truth, end * 0.3, random, "a"),
            weighing(truth, end * 0.4, random, "b"),
            wild,
            weighing(truth, end * 0.6, random, "c"));
    Prediction corrected = Reduction.predict(SETTING, START, TARGET, readings);
    assertEquals(List.of("wild"), corrected.oddReadings());
    assertEquals(end, ReductionTest.end(corrected.likely()), 0.06 * end);
  }

  @Test
  void noFitImpliesMoreHeatThanTheBurnerHas() {
    SimmerSetting rolling = Samples.setting(VESSEL, 2000, SimmerLevel.ROLLING, Lid.OFF, 0);
    double impossible = 60 * 60;
    Reading reading = new Reading.Weighing("x", impossible, new Mass(1.5), SCALE);
    Prediction corrected = Reduction.predict(rolling, START, TARGET, List.of(reading));
    assertTrue(corrected.likely().kilogramsPerHourAt(1800) <= 2000 / 2.2e6 * 3600);
  }

  private static double quantile(List<Double> values, double share) {
    double[] sorted = values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return sorted[(int) Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)];
  }
}
