package urnstew.core.correction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.Unknowns;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;

/** A scale under the pot that sends all the time, and what the fit makes of it. */
class TellingTest {
  private static final MassFraction THICK = MassFraction.ofPercent(10.5);

  private static Reading weighing(int number, double seconds, double kilograms) {
    return new Reading.Weighing("w" + number, seconds, new Mass(kilograms), Mass.ofGrams(20));
  }

  private static List<Reading> falling(int count) {
    return IntStream.range(0, count).mapToObj(i -> weighing(i, i, 8 - i * 1e-4)).toList();
  }

  @Test
  void whatAHandTakesCountsAsItIs() {
    List<Reading> sixty = falling(60);
    assertSame(sixty, Telling.of(sixty));
  }

  @Test
  void ofThousandsAFewStayFromFirstToLast() {
    List<Reading> all = falling(15_000);
    List<Reading> told = Telling.of(all);

    assertTrue(told.size() <= Telling.MOST + 2, told.size() + " readings");
    assertTrue(all.containsAll(told));
    assertTrue(told.get(0).seconds() < 250, "the first stretch has its word");
    assertEquals(all.get(all.size() - 1), told.get(told.size() - 1), "and so has the last reading");
  }

  @Test
  void aTrembleOfTheScaleDoesNotDecide() {
    List<Reading> all = new ArrayList<>(falling(15_000));
    all.set(7_000, weighing(7_000, 7_000, 12));
    assertTrue(Telling.of(all).stream().noneMatch(reading -> reading.value() > 9));
  }

  @Test
  void oneProbeAmongThousandsOfWeighingsStays() {
    List<Reading> all = new ArrayList<>(falling(15_000));
    Reading probe =
        new Reading.Warmth("p", 300, Temperature.ofCelsius(95), new TemperatureDifference(1));
    all.add(301, probe);
    List<Reading> told = Telling.of(all);
    assertTrue(told.contains(probe));
    List<Double> times = told.stream().map(Reading::seconds).toList();
    assertEquals(times.stream().sorted().toList(), times);
  }

  @Test
  void thousandsFindThePotThatIsTrue() {
    var setting = Samples.setting(Samples.pot(0.32, 0.20), 3500, Samples.GENTLE, Lid.OFF, 2350);
    Program program = Program.of(setting, Samples.pot(Samples.sauce(6, 0.065)));
    ReductionCurve truth = Reduction.untilThick(program, THICK, Unknowns.of(1.3, 1, 1));
    Random random = new Random(7);
    List<Reading> readings =
        IntStream.range(0, 15_000)
            .mapToObj(
                i ->
                    weighing(
                        i,
                        i / 5.0,
                        truth.massAt(i / 5.0).kilograms() + 0.02 * random.nextGaussian()))
            .toList();
    MostProbable found =
        new Predictor(
                List.of(program),
                new Target.Solids(THICK),
                Prior.of(setting.heatSource()),
                Telling.of(readings))
            .likeliest();
    double product =
        found.estimate().factor(Quantity.EVAPORATION) * found.estimate().factor(Quantity.MASS);
    assertEquals(1.3, product, 0.04);
  }
}
