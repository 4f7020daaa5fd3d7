package urnstew.core.correction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Cases;
import urnstew.core.Samples;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.correction.Prior.Past;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.reduction.Unknowns;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;

/** Make-believe pots with a known truth: readings must beat the plan. */
class CorrectionTest {
  private static final Vessel VESSEL = Samples.pot(0.32, 0.20);
  private static final SimmerSetting SETTING =
      Samples.setting(VESSEL, 3500, Samples.GENTLE, Lid.OFF, 2350);
  private static final Program PROGRAM = Program.of(SETTING, Samples.pot(Samples.sauce(6, 0.065)));
  private static final MassFraction THICK = MassFraction.ofPercent(10.5);
  private static final Target TARGET = new Target.Solids(THICK);
  private static final Prior PRIOR = Prior.of(SETTING.heatSource());
  private static final double PLANNED = end(truth(Unknowns.NOMINAL));

  private static ReductionCurve truth(Unknowns world) {
    return Reduction.untilThick(PROGRAM, THICK, world);
  }

  private static double end(ReductionCurve fall) {
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toMillis() / 1000.0
        : Double.POSITIVE_INFINITY;
  }

  private static Prediction predict(Target target, List<Reading> readings) {
    return Predictor.predict(PROGRAM, target, PRIOR, readings);
  }

  private static Reading weighing(
      String key, ReductionCurve truth, double seconds, double error, Random random) {
    double read = truth.massAt(seconds).kilograms() + error * random.nextGaussian();
    return new Reading.Weighing(key, seconds, new Mass(read), new Mass(error));
  }

  /** Errors of the corrected end as shares of the true simmer, over up to a thousand seeds. */
  private static double[] errors(DoubleUnaryOperator scaleError) {
    double[] errors = new double[Cases.of(1000)];
    for (int seed = 1; seed <= errors.length; seed++) {
      Random random = new Random(seed);
      ReductionCurve truth =
          truth(
              Unknowns.of(
                  0.6 + 0.8 * random.nextDouble(), 1, 1 + 0.01 * (2 * random.nextDouble() - 1)));
      List<Reading> readings = new ArrayList<>();
      for (double share : new double[] {0.25, 0.5}) {
        double at = share * PLANNED;
        double error = scaleError.applyAsDouble(truth.massAt(at).kilograms());
        readings.add(weighing("w" + share, truth, at, error, random));
      }
      double corrected = end(predict(TARGET, readings).likely());
      errors[seed - 1] = Math.abs(corrected - end(truth)) / end(truth);
    }
    java.util.Arrays.sort(errors);
    return errors;
  }

  private static double quantile(double[] sorted, double share) {
    return sorted[(int) (share * sorted.length) - 1];
  }

  /** Wanted: a 20 g scale is off by 8 % at most in 93 of 100 pots. */
  @Test
  void aGoodScaleTellsTheHour() {
    double[] errors = errors(net -> 0.02);
    double within = quantile(errors, 0.93);
    assertTrue(within <= 0.08, "93 in 100 within " + within);
  }

  /** Wanted: a scale of 1 % is off by 6 % in the middle and 14 % in the ninth of ten. */
  @Test
  void aPoorScaleStillHelps() {
    double[] errors = errors(net -> 0.01 * net);
    assertTrue(quantile(errors, 0.5) <= 0.06, "median " + quantile(errors, 0.5));
    assertTrue(quantile(errors, 0.9) <= 0.14, "nine in ten " + quantile(errors, 0.9));
  }

  @ParameterizedTest
  @CsvSource({"0.78,0.6", "0.78,1.4", "0.9,0.6", "0.9,1.4", "1.1,0.6", "1.1,1.4"})
  void twoWeighingsThatAgreeTellThatSomethingElseWentIn(double mass, double rate) {
    ReductionCurve truth = truth(Unknowns.of(rate, 1, mass));
    Random random = new Random(7);
    List<Reading> readings =
        List.of(
            weighing("a", truth, PLANNED / 5, 0.02, random),
            weighing("b", truth, PLANNED / 2.5, 0.02, random));
    Prediction corrected = predict(TARGET, readings);
    assertEquals(end(truth), end(corrected.likely()), 0.1 * end(truth));
    assertEquals(mass, corrected.estimate().factor(Quantity.MASS), 0.015);
    assertEquals(List.of(), corrected.oddReadings());
  }

  /**
   * One reading cannot tell rate from amount: the band must hold both. A tenth less in a pot that
   * is also slow is read a little earlier: later a livelier simmer explains it better.
   */
  @ParameterizedTest
  @CsvSource({"0.85,1.0,4", "0.9,0.8,6", "1.1,1.0,4", "0.95,1.3,4"})
  void afterOneReadingTheBandStillHoldsWhatItCannotTell(double mass, double rate, int part) {
    ReductionCurve truth = truth(Unknowns.of(rate, 1, mass));
    Reading only = weighing("a", truth, PLANNED / part, 0.02, new Random(3));
    Prediction corrected = predict(TARGET, List.of(only));
    assertTrue(end(corrected.early()) <= end(truth), "early");
    assertTrue(end(truth) <= end(corrected.late()), "late");
  }

  @Test
  void dipsCorrectToo() {
    ReductionCurve truth = truth(Unknowns.of(0.7, 1, 1));
    List<Reading> readings = new ArrayList<>();
    for (double share : new double[] {0.3, 0.6}) {
      double at = end(truth) * share;
      double depth = Math.rint(truth.depthAt(at).millimeters());
      Length error = Length.ofMillimeters(1);
      readings.add(new Reading.Dip("d" + share, at, Length.ofMillimeters(depth), error));
    }
    Prediction corrected = predict(TARGET, readings);
    assertEquals(end(truth), end(corrected.likely()), 0.1 * end(truth));
    assertTrue(corrected.estimate().factor(Quantity.EVAPORATION) < 0.85);
  }

  @Test
  void oneWildReadingIsShownAndOutvoted() {
    ReductionCurve truth = truth(Unknowns.of(0.8, 1, 1));
    double end = end(truth);
    Random random = new Random(4);
    List<Reading> readings =
        List.of(
            weighing("a", truth, end * 0.3, 0.02, random),
            weighing("b", truth, end * 0.4, 0.02, random),
            new Reading.Weighing("wild", end * 0.5, new Mass(3.1), Mass.ofGrams(20)),
            weighing("c", truth, end * 0.6, 0.02, random));
    Prediction corrected = predict(TARGET, readings);
    assertEquals(List.of("wild"), corrected.oddReadings());
    assertEquals(end, end(corrected.likely()), 0.06 * end);
  }

  @Test
  void noFitImpliesMoreHeatThanTheBurnerHas() {
    SimmerSetting rolling = Samples.setting(VESSEL, 1500, Samples.ROLLING, Lid.OFF, 0);
    Program program = Program.of(rolling, Samples.pot(Samples.sauce(6, 0.065)));
    Reading reading = new Reading.Weighing("x", 3600, new Mass(3.5), Mass.ofGrams(20));
    Prediction corrected =
        Predictor.predict(program, TARGET, Prior.of(rolling.heatSource()), List.of(reading));
    double most = 1500 / 2.2e6 * 3600;
    assertTrue(corrected.likely().kilogramsPerHourAt(2400) <= most);
  }

  @Test
  void aRefractometerFindsRicherCans() {
    Unknowns rich = new Unknowns(1, 1, 1, 1.1, 0, 1, 0);
    ReductionCurve truth = truth(rich);
    double at = PLANNED / 3;
    MassFraction brix = truth.at(at).contents().sauce().solubleFraction();
    Reading reading = new Reading.Brix("b", at, brix, MassFraction.ofPercent(0.2));
    Prediction corrected = predict(TARGET, List.of(reading));
    assertTrue(corrected.estimate().factor(Quantity.SOLIDS) > 1.05);
    double planError = Math.abs(PLANNED - end(truth));
    assertTrue(Math.abs(end(corrected.likely()) - end(truth)) < 0.6 * planError);
  }

  @Test
  void aProbeFindsASimmerThatIsKeptTooCool() {
    Unknowns cool = new Unknowns(1, 1, 1, 1, -3, 1, 0);
    ReductionCurve truth = truth(cool);
    double at = PLANNED / 2;
    Reading reading =
        new Reading.Warmth(
            "p", at, new Temperature(truth.at(at).celsius()), new TemperatureDifference(0.5));
    Prediction corrected = predict(TARGET, List.of(reading));
    assertEquals(-3, corrected.estimate().of(Quantity.WARMTH), 0.4);
    assertEquals(end(truth), end(corrected.likely()), 0.08 * end(truth));
  }

  /** The plate makes 'as thick as last time' a target, whatever the product. */
  @Test
  void aPlateTestCalibratesTheBodyOfThisBatch() {
    double body = 1.4;
    Length wanted = PlateSpread.spread(MassFraction.ofPercent(10.5), 1, PlateSpread.SPOONFUL);
    Target asLastTime = new Target.Plate(wanted, PlateSpread.SPOONFUL);
    ReductionCurve truth =
        Reduction.untilThick(PROGRAM, asLastTime.equivalentSolids(body), Unknowns.NOMINAL);
    PotState now = truth.at(PLANNED / 2);
    Length spread = PlateSpread.spread(now.equivalentSolids(), body, PlateSpread.SPOONFUL);
    Reading plate =
        new Reading.Plate(
            "p", now.seconds(), spread, PlateSpread.SPOONFUL, Length.ofMillimeters(2));
    Prediction before = predict(asLastTime, List.of());
    Random random = new Random(5);
    List<Reading> readings =
        List.of(
            weighing("a", truth, PLANNED / 4, 0.02, random),
            weighing("b", truth, PLANNED / 2, 0.02, random),
            plate);
    Prediction after = predict(asLastTime, readings);
    assertEquals(body, after.estimate().bodyFactor(), 0.15);
    assertEquals(end(truth), end(after.likely()), 0.1 * end(truth));
    assertTrue(width(after) < width(before), "the band narrows");
  }

  private static double width(Prediction prediction) {
    return end(prediction.late()) - end(prediction.early());
  }

  @Test
  void aPotWithAHistoryIsKnownBetter() {
    Prior known =
        Prior.of(SETTING.heatSource(), new Past(List.of(0.8, 0.78, 0.83), List.of(), List.of()));
    Prediction fresh = predict(TARGET, List.of());
    Prediction experienced = Predictor.predict(PROGRAM, TARGET, known, List.of());
    assertTrue(end(experienced.likely()) > 1.1 * end(fresh.likely()), "slower, as it was");
    assertTrue(width(experienced) / end(experienced.likely()) < 0.85 * width(fresh) / PLANNED);
  }

  @Test
  void aBurnerWithAHistoryIsKnownBetter() {
    SimmerSetting rolling =
        Samples.setting(Samples.pot(0.36, 0.2), 1800, Samples.ROLLING, Lid.OFF, 0);
    Program program = Program.of(rolling, Samples.pot(Samples.sauce(8, 0.065)));
    Prior none = Prior.of(rolling.heatSource());
    Prior known =
        Prior.of(
            rolling.heatSource(), new Past(List.of(), List.of(0.95, 0.94, 0.95, 0.96), List.of()));
    Prediction fresh = Predictor.predict(program, TARGET, none, List.of());
    Prediction experienced = Predictor.predict(program, TARGET, known, List.of());
    assertTrue(end(experienced.likely()) > 1.03 * end(fresh.likely()), "weaker, as it was");
    double surer = width(experienced) / end(experienced.likely());
    assertTrue(surer < 0.95 * width(fresh) / end(fresh.likely()), "and surer");
  }

  @Test
  void theMostTellingSafeReadingIsNamed() {
    Advisor.Advice heavy =
        PotFit.of(PROGRAM, TARGET, PRIOR, List.of()).advice(Instruments.ASSUMED).orElseThrow();
    assertEquals(Advisor.Kind.DIP, heavy.kind(), "nobody lifts eight kilograms at the boil");
    assertTrue(heavy.narrowedSeconds() < 0.8 * heavy.halfWidthSeconds());
    SimmerSetting small =
        Samples.setting(Samples.pot(0.24, 0.12), 2000, Samples.GENTLE, Lid.OFF, 0);
    Program light = Program.of(small, Samples.pot(Samples.sauce(1.2, 0.065)));
    assertEquals(
        Advisor.Kind.WEIGHING,
        PotFit.of(light, TARGET, PRIOR, List.of())
            .advice(Instruments.ASSUMED)
            .orElseThrow()
            .kind());
    Target plate = new Target.Plate(Length.ofMillimeters(90), PlateSpread.SPOONFUL);
    List<Reading> weighed =
        List.of(
            weighing("a", truth(Unknowns.NOMINAL), PLANNED / 4, 0.02, new Random(1)),
            weighing("b", truth(Unknowns.NOMINAL), PLANNED / 2, 0.02, new Random(2)));
    assertEquals(
        Advisor.Kind.PLATE,
        PotFit.of(PROGRAM, plate, PRIOR, weighed).advice(Instruments.ASSUMED).orElseThrow().kind());
  }
}
