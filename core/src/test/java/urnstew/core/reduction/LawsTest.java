package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.units.MassFraction;

/** What physics says of any pot, on seeded random kitchens. */
class LawsTest {
  private static final int CASES = 60;

  /** A kitchen, a pot and a sauce, drawn from a seed. */
  private record Case(
      double width,
      double watts,
      double altitude,
      Heating level,
      double kilograms,
      double solids,
      double target) {
    static Case of(long seed) {
      Random random = new Random(seed);
      Heating[] levels = {Samples.BARE, Samples.GENTLE, Samples.LIVELY};
      return new Case(
          0.24 + 0.2 * random.nextDouble(),
          2500 + 3000 * random.nextDouble(),
          3500 * random.nextDouble(),
          levels[random.nextInt(levels.length)],
          2 + 5 * random.nextDouble(),
          0.05 + 0.02 * random.nextDouble(),
          0.08 + 0.05 * random.nextDouble());
    }

    Case with(double wider, double more, double thicker) {
      return new Case(
          width * wider, watts, altitude, level, kilograms * more, solids, target * thicker);
    }

    double seconds(Heating kept, Lid lid, double power) {
      SimmerSetting setting =
          Samples.setting(Samples.pot(width, 0.4), watts * power, kept, lid, altitude);
      Program program = Program.of(setting, Samples.pot(Samples.sauce(kilograms, solids)));
      Outcome outcome =
          Reduction.untilThick(program, new MassFraction(target), Unknowns.NOMINAL).outcome();
      return outcome instanceof Reaches reaches
          ? reaches.after().toMillis() / 1000.0
          : Double.POSITIVE_INFINITY;
    }

    double seconds() {
      return seconds(level, Lid.OFF, 1);
    }

    /** Kilograms an hour of five kilograms, once they simmer. */
    double keptRate(Lid lid) {
      SimmerSetting setting = Samples.setting(Samples.pot(width, 0.4), watts, level, lid, altitude);
      Program program = Program.of(setting, Samples.pot(Samples.sauce(5, solids)));
      return Reduction.during(program, 2400, Unknowns.NOMINAL).kilogramsPerHourAt(2100);
    }
  }

  static LongStream seeds() {
    return LongStream.rangeClosed(1, CASES);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void moreSauceThickerSauceAndMoreLidAreNeverSooner(long seed) {
    Case pot = Case.of(seed);
    assertTrue(pot.seconds() <= pot.with(1, 1.2, 1).seconds(), "more sauce");
    assertTrue(pot.seconds() <= pot.with(1, 1, 1.1).seconds(), "thicker sauce");
    assertTrue(pot.seconds() <= pot.seconds(pot.level(), Lid.AJAR, 1), "lid ajar");
    assertTrue(
        pot.seconds(pot.level(), Lid.AJAR, 1) <= pot.seconds(pot.level(), Lid.ON, 1), "lid on");
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aWiderPotBelowTheBoilAndMoreHeatAtTheBoilAreNeverLater(long seed) {
    Case pot = Case.of(seed);
    // The wall warms up too, so that a burner at its limit may lose a minute on the way up.
    assertTrue(pot.with(1.15, 1, 1).seconds() <= pot.seconds() + 60, "wider");
    assertTrue(
        pot.seconds(Samples.ROLLING, Lid.OFF, 1.2) <= pot.seconds(Samples.ROLLING, Lid.OFF, 1),
        "more heat");
  }

  /** Check-values l37: where heat sets the rate the width of the pot hardly matters. */
  @ParameterizedTest
  @MethodSource("seeds")
  void atTheBoilTheWidthHardlyMatters(long seed) {
    Case pot = Case.of(seed);
    Case narrow = pot.with(0.9, 1, 1);
    double weak = 0.3;
    double ratio =
        narrow.seconds(Samples.ROLLING, Lid.OFF, weak)
            / pot.seconds(Samples.ROLLING, Lid.OFF, weak);
    assertEquals(1, ratio, 0.1);
  }

  /**
   * Check-values l37: at fixed power a lid hardly matters, at fixed temperature it nearly stops.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void aLidMeansLittleAtFixedPowerAndMuchAtFixedTemperature(long seed) {
    Case pot = Case.of(seed);
    double rolling = pot.seconds(Samples.ROLLING, Lid.OFF, 1);
    double lidded = pot.seconds(Samples.ROLLING, Lid.ON, 1);
    assertTrue(Math.abs(lidded / rolling - 1) < 0.1, rolling + " s and " + lidded + " s");
    assertTrue(pot.seconds(pot.level(), Lid.ON, 1) > 4 * pot.seconds(), "kept by eye");
  }

  /**
   * Check-values l37: at a fixed temperature a lid takes more than nine tenths of the loss away.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void aLidAtAFixedTemperatureTakesNineTenthsAway(long seed) {
    Case pot = Case.of(seed);
    assertTrue(pot.keptRate(Lid.ON) < 0.1 * pot.keptRate(Lid.OFF));
    assertTrue(pot.keptRate(Lid.AJAR) < pot.keptRate(Lid.OFF));
  }
}
