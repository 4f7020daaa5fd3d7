package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.Steam;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class ReductionTest {
  /** What is drawn jumps where the pot jumps, and ends where it ends. */
  @Test
  void aDrawnFallKeepsBothSidesOfAChange() {
    Program program =
        Program.of(
                Samples.setting(Samples.pot(0.36, 0.2), 3500, Samples.GENTLE, Lid.OFF, 0),
                Samples.pot(Samples.sauce(8, 0.07)))
            .with(List.of(new Change.LadledOut(1000, Mass.ofKilograms(3))));
    ReductionCurve fall =
        Reduction.untilThick(program, MassFraction.ofPercent(9), Unknowns.of(1, 1, 1));
    List<PotState> drawn = fall.sampled(20);
    List<PotState> jump = drawn.stream().filter(state -> state.seconds() == 1000).toList();
    assertEquals(2, jump.size());
    assertEquals(
        3, jump.get(0).mass().kilograms() - jump.get(1).mass().kilograms(), 1e-9, "ladled out");
    assertEquals(fall.last(), drawn.get(drawn.size() - 1));
    for (int i = 1; i < drawn.size(); i++) {
      assertTrue(drawn.get(i).seconds() >= drawn.get(i - 1).seconds(), "in the order of time");
    }
  }

  private static final Vessel WIDE = Samples.pot(0.36, 0.20);
  private static final Vessel REFERENCE = Samples.pot(0.28, 0.20);
  private static final MassFraction COATING = MassFraction.ofPercent(10.5);

  private static ReductionCurve fall(SimmerSetting setting, Composition start) {
    return fall(Program.of(setting, Samples.pot(start)));
  }

  private static ReductionCurve fall(Program program) {
    return Reduction.untilThick(program, COATING, Unknowns.NOMINAL);
  }

  private static double seconds(ReductionCurve fall) {
    return assertInstanceOf(Reaches.class, fall.outcome()).after().toMillis() / 1000.0;
  }

  /** 1 kW net into water boiling at 100 °C: 1.595 kg/h, check-values d47. */
  @Test
  void theCeilingIsHeatOverLatentHeat() {
    double latent = Steam.latentHeatJoulesPerKilogram(Temperature.ofCelsius(100));
    assertEquals(1.595, 1000 / latent * 3600, 0.003 * 1.595);
  }

  /** 1,500 W into an open 28 cm pot 8 cm deep: 2.20 kg/h ±12 %, check-values l32. */
  @Test
  void boilingRateOfTheReferencePot() {
    double label = 1500 / HeatKind.INDUCTION.likelyShare();
    SimmerSetting boiling = Samples.setting(REFERENCE, label, Samples.ROLLING, Lid.OFF, 0);
    Program water = Program.of(boiling, Samples.pot(Samples.sauce(5.5, 0.001)));
    ReductionCurve fall = Reduction.during(water, 3600, Unknowns.NOMINAL);
    assertEquals(0.08, fall.depthAt(2400).meters(), 0.006);
    double rate = fall.kilogramsPerHourAt(2400);
    assertEquals(2.20, rate, 0.12 * 2.20);
    assertTrue(rate < 2.39);
  }

  /** Rates of an open 28 cm pot, assumptions of the product's model notes. */
  @ParameterizedTest
  @CsvSource({"BARE,0.2", "GENTLE,0.55", "LIVELY,1.2"})
  void keptRatesOfTheReferencePot(SimmerLevel level, double kilogramsPerHour) {
    SimmerSetting setting =
        Samples.setting(REFERENCE, 3500, new Heating.SimmeredByEye(level), Lid.OFF, 0);
    ReductionCurve fall = fall(setting, Samples.sauce(5, 0.065));
    double rate = fall.kilogramsPerHourAt(fall.last().seconds() * 0.8);
    assertEquals(kilogramsPerHour, rate, 0.05 * kilogramsPerHour);
  }

  /**
   * A pool formula at the temperature of the bulk, check-values d41 (ASHRAE HVAC Applications,
   * still air), promises a quiet pot two to three times what it loses: its surface is cooler.
   */
  @Test
  void aPoolFormulaPromisesTooMuch() {
    Temperature kept = Temperature.ofCelsius(85);
    double kilopascals = Steam.saturationPressure(kept).kilopascals() - 1.17;
    double latent = Steam.latentHeatJoulesPerKilogram(kept) / 1000;
    double pool = 3600 * REFERENCE.shape().floor().squareMeters() * kilopascals * 0.089 / latent;
    double ratio = pool / SimmerLevel.BARE.referenceKilogramsPerHour();
    assertTrue(ratio > 1.9 && ratio < 3.1, "times too much: " + ratio);
  }

  /**
   * Heat of whole reductions without any loss, check-values j01 to j12: from 20 °C, latent at 100
   * °C. Here counted from the ledger of a boiling pot, less what the room took.
   */
  @ParameterizedTest
  @CsvSource({
    "2,6,9,1.333,647,1504",
    "10,5.5,28,1.964,3245,18133",
    "0.6,5.5,8,0.4125,195,423",
    "2,8,11.43,1.4,639,1354",
    "5,9,12.857,3.5,1588,3385"
  })
  void heatOfWholeReductions(
      double start, double solids, double target, double end, double warming, double boiling) {
    Composition sauce = Samples.composition(start * (1 - solids / 100), 0, 0, 0, 0, 0);
    Composition dry = Samples.composition(0, 0, 0, start * solids / 100, 0, 0);
    SimmerSetting setting =
        Samples.setting(Samples.pot(0.4, 0.3), 9000, Samples.ROLLING, Lid.OFF, 0);
    Program program = Program.of(setting, Samples.pot(sauce.plus(dry)));
    ReductionCurve fall =
        Reduction.untilThick(program, MassFraction.ofPercent(target), Unknowns.NOMINAL);
    assertEquals(end, fall.last().mass().kilograms(), 0.001 * end);
    Ledger ledger = fall.last().ledger();
    double pot = 2.4 * 500 * (fall.last().celsius() - 20);
    double net = (ledger.heatInJoules() - ledger.heatLostJoules() - pot) / 1000;
    assertEquals(warming + boiling, net, 0.01 * (warming + boiling));
  }

  /** At the boil the time is water × latent heat ÷ net power: arithmetic, ±2 % for losses. */
  @Test
  void rollingTimeFollowsFromHeat() {
    SimmerSetting setting = Samples.setting(WIDE, 2000, Samples.ROLLING, Lid.OFF, 0);
    ReductionCurve fall = fall(setting, Samples.sauce(6, 0.06));
    PotState boiling =
        fall.states().stream().filter(s -> s.celsius() > 99.9).findFirst().orElseThrow();
    PotState end = fall.last();
    double watts = setting.heatSource().powerIntoPot().watts();
    double wall = WIDE.shape().wallAt(new Length(0.05)).squareMeters();
    double loss = (10 * wall + 17 * WIDE.shape().floor().squareMeters()) * 80;
    double expected =
        boiling.mass().minus(end.mass()).kilograms()
            * Steam.latentHeatJoulesPerKilogram(Temperature.ofCelsius(100))
            / (watts - loss);
    assertEquals(expected, end.seconds() - boiling.seconds(), 0.02 * expected);
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 60);
  }

  /** Nothing above heat ÷ latent heat, wherever the pot is not cooling down. */
  @ParameterizedTest
  @MethodSource("seeds")
  void waterNeverLeavesFasterThanHeatAllows(long seed) {
    ReductionCurve fall = Reduction.during(RandomPrograms.of(seed), 7200, Unknowns.of(1.3, 1, 1));
    for (int i = 1; i < fall.states().size(); i++) {
      PotState a = fall.states().get(i - 1);
      PotState b = fall.states().get(i);
      double gone = b.ledger().waterKilograms() - a.ledger().waterKilograms();
      double heat = b.ledger().heatInJoules() - a.ledger().heatInJoules();
      if (b.seconds() > a.seconds() && b.celsius() >= a.celsius()) {
        double latent = Steam.latentHeatJoulesPerKilogram(new Temperature(b.celsius()));
        assertTrue(gone <= heat / latent * (1 + 1e-6) + 1e-9, gone + " kg of " + heat + " J");
      }
    }
  }

  @Test
  void aThickPotThatIsKeptByEyeIsTurnedDownAndASetBurnerIsNot() {
    double kept = lateAgainstEarly(Samples.LIVELY);
    double set = lateAgainstEarly(Samples.ROLLING);
    assertTrue(kept < 0.75, "8 kW/m² at 20 %: " + kept);
    assertTrue(set > 0.95, "a burner that is set gives what it gives: " + set);
  }

  private static double lateAgainstEarly(Heating heating) {
    SimmerSetting strong = Samples.setting(REFERENCE, 6000, heating, Lid.OFF, 0);
    ReductionCurve fall =
        Reduction.untilThick(
            Program.of(strong, Samples.pot(Samples.sauce(4, 0.06))),
            MassFraction.ofPercent(22),
            Unknowns.NOMINAL);
    double early = fall.kilogramsPerHourAt(fall.last().seconds() * 0.5);
    return fall.kilogramsPerHourAt(fall.last().seconds() * 0.98) / early;
  }

  @Test
  void anAdditionIsWaitedFor() {
    SimmerSetting setting = Samples.setting(WIDE, 3500, Samples.LIVELY, Lid.OFF, 0);
    Program plain = Program.of(setting, Samples.pot(Samples.sauce(5, 0.065)));
    double alone = seconds(fall(plain));
    PotContents water = PotContents.of(Samples.composition(0.5, 0, 0, 0, 0, 0));
    Change.Added late = new Change.Added(alone + 600, water, Temperature.ofCelsius(20));
    ReductionCurve fall = fall(plain.with(List.of(late)));
    assertTrue(seconds(fall) > alone + 600, "thick before, but thinned again");
    assertEquals(
        fall(plain).last().mass().kilograms(),
        fall.last().mass().kilograms(),
        0.02,
        "the same solids, the same end");
  }

  @Test
  void piecesGiveJuiceAndFatAndTheSauceTakesThem() {
    Composition meat = new Composition(0.66, 0, 0.185, 0.15, 0, 0, 0.005, 0.02);
    Pieces pieces = new Pieces(meat, 0.24, 0.08, 500);
    Program program =
        Program.of(
            Samples.setting(WIDE, 3500, Samples.GENTLE, Lid.ON, 0),
            new PotContents(Samples.sauce(3, 0.08), 0, pieces));
    PotState end = Reduction.during(program, 3 * 3600, Unknowns.NOMINAL).last();
    assertEquals(0.08, end.contents().sauce().fatKilograms(), 0.001, "melted fat");
    double meatLeft = end.contents().pieces().whole().total().kilograms();
    assertEquals(1 - 0.24 - 0.08, meatLeft, 0.003, "shrunk meat");
    PotState cold = Reduction.during(program, 60, Unknowns.NOMINAL).last();
    assertEquals(0, cold.contents().sauce().fatKilograms(), 1e-6, "cold meat gives nothing");
  }

  /** Volatile, but never all gone: an open reduction loses more alcohol than a covered braise. */
  @Test
  void alcoholLeavesFasterThanWaterAndFasterWithoutALid() {
    Composition wine = new Composition(0.9, 0.1, 0, 0, 0, 0, 0, 0);
    PotContents start = Samples.pot(Samples.sauce(3, 0.07).plus(wine.times(0.5)));
    PotState open = hour(start, Lid.OFF);
    PotState lidded = hour(start, Lid.ON);
    double left = open.contents().sauce().ethanolKilograms() / 0.05;
    assertTrue(left > 0 && left < 0.3, "open: " + left);
    assertTrue(lidded.contents().sauce().ethanolKilograms() / 0.05 > 2 * left, "covered");
  }

  private static PotState hour(PotContents start, Lid lid) {
    SimmerSetting setting = Samples.setting(WIDE, 3500, Samples.GENTLE, lid, 0);
    return Reduction.during(Program.of(setting, start), 3600, Unknowns.NOMINAL).last();
  }

  @Test
  void saysWhyItNeverGetsThere() {
    Vessel pot = Samples.pot(0.28, 0.3);
    Composition much = Samples.sauce(10, 0.06);
    assertEquals(Never.LID_ON, never(Samples.setting(pot, 3500, Samples.BARE, Lid.ON, 0), much));
    SimmerSetting weak = Samples.setting(Samples.pot(0.5, 0.3), 150, Samples.ROLLING, Lid.OFF, 0);
    assertEquals(Never.NO_HEAT, never(weak, much));
    SimmerSetting off = Samples.setting(pot, 3500, Heating.BurnerSet.OFF, Lid.OFF, 0);
    assertEquals(Never.HEAT_OFF, never(off, much));
    Heating warmingOven = new Heating.InOven(Temperature.ofCelsius(70), false);
    assertEquals(
        Never.OVEN_TOO_COOL, never(Samples.setting(pot, 3500, warmingOven, Lid.ON, 0), much));
  }

  private static Never never(SimmerSetting setting, Composition start) {
    return assertInstanceOf(NeverReaches.class, fall(setting, start).outcome()).why();
  }

  @Test
  void saysWhereTheModelEnds() {
    SimmerSetting setting = Samples.setting(REFERENCE, 3500, Samples.LIVELY, Lid.OFF, 0);
    List<Change> flood =
        List.of(
            new Change.Added(600, Samples.pot(Samples.sauce(9, 0.06)), Temperature.ofCelsius(20)));
    Program over = Program.of(setting, Samples.pot(Samples.sauce(5, 0.06))).with(flood);
    assertEquals(
        Beyond.OVER_THE_RIM, assertInstanceOf(OutOfRange.class, fall(over).outcome()).what());
    List<Change> late = new ArrayList<>();
    late.add(new Change.LadledOut(80_000, Mass.ofGrams(100)));
    Program dry = Program.of(setting, Samples.pot(Samples.sauce(2, 0.06))).with(late);
    assertEquals(Beyond.PASTE, assertInstanceOf(OutOfRange.class, fall(dry).outcome()).what());
  }

  @Test
  void hazardsComeWhenTheyComeAndStirringGetsMoreFrequent() {
    SimmerSetting hard = Samples.setting(REFERENCE, 6000, Samples.ROLLING, Lid.OFF, 0);
    Program program = Program.of(hard, Samples.pot(Samples.sauce(4, 0.07)));
    ReductionCurve fall =
        Reduction.untilThick(program, MassFraction.ofPercent(18), Unknowns.NOMINAL);
    List<Hazard> hazards = Hazard.along(fall);
    assertTrue(
        hazards.stream()
            .anyMatch(h -> h.kind() == Hazard.Kind.SCORCHES && h.after().toMinutes() > 10),
        hazards.toString());
    assertTrue(hazards.stream().anyMatch(h -> h.kind() == Hazard.Kind.SPATTERS));
    assertTrue(hazards.stream().noneMatch(h -> h.kind() == Hazard.Kind.BOILS_OVER));
    SimmerSetting soft = Samples.setting(REFERENCE, 6000, Samples.BARE, Lid.OFF, 0);
    ReductionCurve quiet = fall(soft, Samples.sauce(4, 0.07));
    assertTrue(
        Hazard.stirEvery(quiet, 3600).compareTo(Hazard.stirEvery(fall, 3000)) > 0,
        "a quiet pot is stirred less");
    ReductionCurve full = fall(soft, Samples.sauce(11.5, 0.07));
    assertEquals(Hazard.Kind.BOILS_OVER, Hazard.along(full).get(0).kind());
  }

  @Test
  void anOvenDriesFromAboveAndStaysBelowTheBoil() {
    Heating oven = new Heating.InOven(Temperature.ofCelsius(135), false);
    SimmerSetting setting = Samples.setting(WIDE, 3500, oven, Lid.OFF, 0);
    ReductionCurve fall = fall(setting, Samples.sauce(4, 0.07));
    double celsius = fall.at(fall.last().seconds() * 0.7).celsius();
    assertTrue(celsius > 75 && celsius < 97, "surface cooled by drying: " + celsius);
  }

  /** Thick already when the last of it goes in, at whatever moment: it is done at that moment. */
  @Test
  void whatIsThickWhenTheLastGoesInIsDoneThen() {
    Random random = new Random(29);
    for (int i = 0; i < 300; i++) {
      double at = 5000 * random.nextDouble();
      double start = 20 + 75 * random.nextDouble();
      Program program =
          Program.of(
                  Samples.setting(Samples.pot(0.3, 0.25), 2500, Samples.GENTLE, Lid.OFF, 0),
                  Samples.pot(Samples.sauce(5, 0.12)))
              .from(Temperature.ofCelsius(start))
              .with(
                  List.of(
                      new Change.Added(
                          at, Samples.pot(Samples.sauce(0.2, 0.06)), Temperature.ofCelsius(20))));
      ReductionCurve curve =
          Reduction.untilThick(program, new MassFraction(0.08), Unknowns.NOMINAL);
      Outcome.Reaches reaches = assertInstanceOf(Outcome.Reaches.class, curve.outcome());
      assertEquals(at, reaches.after().toMillis() / 1000.0, 0.01, "at " + at);
    }
  }
}
