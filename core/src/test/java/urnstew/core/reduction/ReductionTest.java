package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.Steam;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class ReductionTest {
  private static final Vessel WIDE = Samples.pot(0.36, 0.20);
  private static final Vessel REFERENCE = Samples.pot(0.28, 0.20);
  private static final MassFraction COATING = MassFraction.ofPercent(10.5);

  private static Trajectory fall(SimmerSetting setting, Composition start) {
    return Reduction.fall(setting, start, COATING, Unknowns.NOMINAL);
  }

  private static double seconds(SimmerSetting setting, Composition start) {
    return assertInstanceOf(Reaches.class, fall(setting, start).outcome()).after().toMillis()
        / 1000.0;
  }

  /** 1 kW net into water boiling at 100 °C: 1.595 kg/h, check-values d47. */
  @Test
  void theCeilingIsHeatOverLatentHeat() {
    double perSecond = HeatBalance.ceilingKilogramsPerSecond(1000, Temperature.ofCelsius(100));
    assertEquals(1.595, perSecond * 3600, 0.003 * 1.595);
  }

  /** 1,500 W into an open 28 cm pot 8 cm deep: 2.20 kg/h ±12 %, check-values l32. */
  @Test
  void boilingRateOfTheReferencePot() {
    double loss = HeatBalance.lossWatts(REFERENCE.shape(), new Length(0.08), Lid.OFF, 100, 20);
    double rate =
        3600 * HeatBalance.ceilingKilogramsPerSecond(1500 - loss, Temperature.ofCelsius(100));
    assertEquals(2.20, rate, 0.12 * 2.20);
    assertTrue(rate < 2.39);
  }

  /** Rates of an open 28 cm pot, assumptions of the product's model notes. */
  @ParameterizedTest
  @CsvSource({"BARE,0.2", "GENTLE,0.55", "LIVELY,1.2"})
  void keptRatesOfTheReferencePot(SimmerLevel level, double kilogramsPerHour) {
    SimmerSetting setting = Samples.setting(REFERENCE, 3500, level, Lid.OFF, 0);
    Trajectory fall = fall(setting, Samples.sauce(5, 0.065));
    double last = fall.states().get(fall.states().size() - 1).seconds();
    assertEquals(kilogramsPerHour, fall.kilogramsPerHourAt(last * 0.8), 0.05 * kilogramsPerHour);
  }

  /** At the boil the time is water × latent heat ÷ net power: arithmetic, ±2 % for losses. */
  @Test
  void rollingTimeFollowsFromHeat() {
    SimmerSetting setting = Samples.setting(WIDE, 3500, SimmerLevel.ROLLING, Lid.OFF, 0);
    Trajectory fall = fall(setting, Samples.sauce(6, 0.06));
    PotState boiling =
        fall.states().stream().filter(s -> s.celsius() > 99.9).findFirst().orElseThrow();
    PotState end = fall.states().get(fall.states().size() - 1);
    double watts = setting.heatSource().powerIntoPot().watts();
    double loss = HeatBalance.lossWatts(WIDE.shape(), new Length(0.05), Lid.OFF, 100, 20);
    double expected =
        (boiling.waterKilograms() - end.waterKilograms())
            * Steam.latentHeatJoulesPerKilogram(Temperature.ofCelsius(100))
            / (watts - loss);
    assertEquals(expected, end.seconds() - boiling.seconds(), 0.02 * expected);
  }

  @ParameterizedTest
  @EnumSource(SimmerLevel.class)
  void waterOnlyLeavesAndNeverFasterThanHeatAllows(SimmerLevel level) {
    Random random = new Random(level.ordinal());
    for (int i = 0; i < 40; i++) {
      Vessel vessel = Samples.pot(0.2 + 0.3 * random.nextDouble(), 0.3);
      double label = 400 + 5000 * random.nextDouble();
      double altitude = 3500 * random.nextDouble();
      SimmerSetting setting = Samples.setting(vessel, label, level, Lid.OFF, altitude);
      Composition start =
          Samples.sauce(1 + 5 * random.nextDouble(), 0.05 + 0.03 * random.nextDouble());
      Trajectory fall = fall(setting, start);
      double most = setting.heatSource().powerIntoPot().watts() / 2.2e6;
      for (int s = 1; s < fall.states().size(); s++) {
        PotState a = fall.states().get(s - 1);
        PotState b = fall.states().get(s);
        double rate = (a.waterKilograms() - b.waterKilograms()) / (b.seconds() - a.seconds());
        assertTrue(rate >= 0 && rate <= most, "rate " + rate + " of " + most);
        assertEquals(start.solids().kilograms(), fall.contents(b).solids().kilograms(), 1e-9);
      }
    }
  }

  @Test
  void laws() {
    Composition start = Samples.sauce(5, 0.065);
    double gentle = seconds(Samples.setting(WIDE, 3500, SimmerLevel.GENTLE, Lid.OFF, 0), start);
    double lively = seconds(Samples.setting(WIDE, 3500, SimmerLevel.LIVELY, Lid.OFF, 0), start);
    double ajar = seconds(Samples.setting(WIDE, 3500, SimmerLevel.GENTLE, Lid.AJAR, 0), start);
    double narrow =
        seconds(
            Samples.setting(Samples.pot(0.28, 0.2), 3500, SimmerLevel.GENTLE, Lid.OFF, 0), start);
    double rolling = seconds(Samples.setting(WIDE, 3500, SimmerLevel.ROLLING, Lid.OFF, 0), start);
    double weaker = seconds(Samples.setting(WIDE, 2000, SimmerLevel.ROLLING, Lid.OFF, 0), start);
    double lidded = seconds(Samples.setting(WIDE, 3500, SimmerLevel.ROLLING, Lid.ON, 0), start);
    assertTrue(lively < gentle, "livelier is sooner");
    assertTrue(gentle < ajar, "more lid is later");
    assertTrue(gentle < narrow, "a narrower pot is later below the boil");
    assertTrue(rolling < weaker, "more heat is sooner");
    assertEquals(rolling, lidded, 0.06 * rolling, "a lid hardly matters at fixed power");
  }

  @Test
  void saysWhyItNeverGetsThere() {
    Composition start = Samples.sauce(10, 0.06);
    SimmerSetting lidOn =
        Samples.setting(Samples.pot(0.28, 0.3), 3500, SimmerLevel.BARE, Lid.ON, 0);
    assertEquals(new NeverReaches(Never.LID_ON), fall(lidOn, start).outcome());
    SimmerSetting weak =
        Samples.setting(Samples.pot(0.5, 0.3), 150, SimmerLevel.ROLLING, Lid.OFF, 0);
    assertEquals(new NeverReaches(Never.NO_HEAT), fall(weak, start).outcome());
  }

  @Test
  void halvingTheTimeStepChangesNothingThatMatters() {
    SimmerSetting setting =
        Samples.setting(Samples.pot(0.3, 0.2), 2500, SimmerLevel.LIVELY, Lid.OFF, 2350);
    Trajectory fall = fall(setting, Samples.sauce(5, 0.065));
    Trajectory again =
        new PotModel(setting, Samples.sauce(5, 0.065), Unknowns.NOMINAL)
            .during(java.time.Duration.ofMinutes(37));
    double seconds = 37 * 60;
    assertEquals(fall.massAt(seconds).kilograms(), again.massAt(seconds).kilograms(), 2e-4);
  }

  @Test
  void theBandHoldsThePrediction() {
    SimmerSetting setting = Samples.setting(WIDE, 3500, SimmerLevel.GENTLE, Lid.OFF, 2350);
    Prediction plan = Reduction.predict(setting, Samples.sauce(6, 0.065), COATING, List.of());
    double likely = end(plan.likely());
    assertTrue(end(plan.early()) < likely && likely < end(plan.late()));
    double halfWidth = (end(plan.late()) - end(plan.early())) / 2 / likely;
    assertTrue(halfWidth > 0.25 && halfWidth < 0.6, "a plan is honest about its doubt");
  }

  static double end(Trajectory fall) {
    return assertInstanceOf(Reaches.class, fall.outcome()).after().toMillis() / 1000.0;
  }
}
