package urnstew.core.correction;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import urnstew.core.Cases;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Change;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.reduction.Unknowns;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Make-believe pots: how often the truth lies in the band of nine in ten. As modelled means that
 * the truth is drawn from the prior; otherwise the world does what the model does not know.
 */
class BandTest {
  private static final int POTS = Cases.of(1000);
  private static final MassFraction THICK = MassFraction.ofPercent(10.5);
  private static final double FAR = 0.065;
  private static final double NEAR = 0.085;

  /** One make-believe pot. */
  private static final class World {
    private final Random random;
    private final SimmerSetting setting;
    private final Program program;
    private final Prior prior;
    private final MassFraction thick;

    /** Strong burners, open and covered, ovens, and thick sauces where the cap of a cook binds. */
    static World hard(long seed, double solids) {
      Random random = new Random(seed);
      Heating[] ways = {
        Samples.LIVELY,
        new Heating.BurnerSet(new MassFraction(0.4 + 0.6 * random.nextDouble())),
        new Heating.InOven(
            Temperature.ofCelsius(140 + 40 * random.nextDouble()), random.nextBoolean())
      };
      SimmerSetting setting =
          Samples.setting(
              Samples.pot(0.26 + 0.14 * random.nextDouble(), 0.35),
              4000 + 5000 * random.nextDouble(),
              ways[random.nextInt(ways.length)],
              random.nextBoolean() ? Lid.OFF : Lid.AJAR,
              2350 * random.nextDouble());
      double paste = setting.heating() instanceof Heating.SimmeredByEye ? 2 : 1;
      double kilograms = 3 + 4 * random.nextDouble();
      return new World(
          random,
          setting,
          Program.of(setting, Samples.pot(Samples.sauce(kilograms, paste * solids))),
          new MassFraction(paste * THICK.value()));
    }

    private World(Random random, SimmerSetting setting, Program program, MassFraction thick) {
      this.thick = thick;
      this.random = random;
      this.setting = setting;
      this.program = program;
      this.prior = Prior.of(setting.heatSource());
    }

    World(long seed) {
      this.thick = THICK;
      this.random = new Random(seed);
      Vessel vessel = Samples.pot(0.28 + 0.12 * random.nextDouble(), 0.3);
      Heating[] ways = {Samples.BARE, Samples.GENTLE, Samples.LIVELY, Samples.ROLLING};
      Heating heating = ways[1 + random.nextInt(3)];
      this.setting =
          Samples.setting(
              vessel,
              2000 + 2000 * random.nextDouble(),
              heating,
              Lid.OFF,
              2350 * random.nextDouble());
      double kilograms = 3 + 4 * random.nextDouble();
      this.program = Program.of(setting, Samples.pot(Samples.sauce(kilograms, FAR)));
      this.prior = Prior.of(setting.heatSource());
    }

    private double normal(double deviation) {
      return deviation * random.nextGaussian();
    }

    double powerDeviation() {
      return prior.under(program.setting().heating()).powerLogDeviation();
    }

    /** Drawn from what is believed. */
    Unknowns asBelieved(double driftFrom) {
      return new Unknowns(
          Math.exp(normal(prior.evaporationLogDeviation())),
          Math.exp(normal(powerDeviation())),
          Math.exp(normal(0.01)),
          1,
          0,
          Math.exp(normal(0.05)),
          driftFrom);
    }

    Unknowns anyRate() {
      double noted = 1 + 0.01 * (2 * random.nextDouble() - 1);
      return Unknowns.of(0.6 + 0.8 * random.nextDouble(), 1, noted);
    }

    Unknowns anyHeat() {
      return Unknowns.of(1, Math.exp(normal(powerDeviation())), 1);
    }

    /** Whether the cook cannot keep it as lively at the end: it would stick. */
    boolean bound() {
      ReductionCurve fall = Reduction.untilThick(program, thick, Unknowns.NOMINAL);
      double warmest = fall.states().stream().mapToDouble(s -> s.celsius()).max().orElseThrow();
      boolean byEye = setting.heating() instanceof Heating.SimmeredByEye;
      return byEye && fall.last().celsius() < warmest - 1;
    }

    Target target() {
      return new Target.Solids(thick);
    }

    double planned() {
      return end(Reduction.untilThick(program, thick, Unknowns.NOMINAL));
    }

    List<Reading> weighings(ReductionCurve truth, double tareError, double... seconds) {
      List<Reading> readings = new ArrayList<>();
      for (double at : seconds) {
        double read = truth.massAt(at).kilograms() + tareError + normal(0.02);
        readings.add(new Reading.Weighing("w" + at, at, new Mass(read), Mass.ofGrams(20)));
      }
      return readings;
    }

    Reading dip(ReductionCurve truth, double at) {
      double read = Math.max(0, truth.depthAt(at).millimeters() + normal(2));
      return new Reading.Dip("d" + at, at, Length.ofMillimeters(read), Length.ofMillimeters(2));
    }

    boolean holds(ReductionCurve truth, List<Reading> readings) {
      Prediction told = Predictor.predict(program, target(), prior, readings);
      return end(told.early()) <= end(truth) && end(truth) <= end(told.late());
    }
  }

  private static double end(ReductionCurve fall) {
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toMillis() / 1000.0
        : Double.POSITIVE_INFINITY;
  }

  private interface Trial {
    boolean holds(World world);
  }

  private static double share(Trial trial) {
    int inside = 0;
    for (int seed = 1; seed <= POTS; seed++) {
      if (trial.holds(new World(seed))) {
        inside++;
      }
    }
    return inside / (double) POTS;
  }

  private static void between(double least, double most, double share, String what) {
    assertTrue(share >= least && share <= most, what + ": " + share);
  }

  @Test
  void asModelledBeforeAnyReading() {
    double share =
        share(
            world ->
                world.holds(
                    Reduction.untilThick(world.program, world.thick, world.asBelieved(0)),
                    List.of()));
    between(0.86, 0.94, share, "no reading");
  }

  /** Weighed at a quarter and half of the planned simmer. */
  private static boolean holdsAfterTwoWeighings(
      World world, Program really, Unknowns drawn, double tareError) {
    double planned = world.planned();
    ReductionCurve truth = Reduction.untilThick(really, world.thick, drawn);
    return world.holds(truth, world.weighings(truth, tareError, planned / 4, planned / 2));
  }

  @Test
  void asModelledAfterTwoWeighings() {
    double share =
        share(
            world ->
                holdsAfterTwoWeighings(
                    world, world.program, world.asBelieved(world.planned() / 2), 0));
    between(0.86, 0.94, share, "two weighings");
  }

  @Test
  void asModelledAfterOneWeighingAndADip() {
    double share =
        share(
            world -> {
              double planned = world.planned();
              ReductionCurve truth =
                  Reduction.untilThick(world.program, world.thick, world.asBelieved(0.6 * planned));
              List<Reading> readings = new ArrayList<>(world.weighings(truth, 0, planned / 3));
              readings.add(world.dip(truth, 0.6 * planned));
              return world.holds(truth, readings);
            });
    between(0.86, 0.94, share, "a weighing and a dip");
  }

  /** Law 3: the bars hold on strong burners, in ovens and where the cap of the floor binds. */
  @Test
  void strongBurnersOvensAndBoundCaps() {
    int before = 0;
    int after = 0;
    for (int seed = 1; seed <= POTS; seed++) {
      World fresh = World.hard(seed, NEAR);
      ReductionCurve truth = Reduction.untilThick(fresh.program, fresh.thick, fresh.asBelieved(0));
      before += fresh.holds(truth, List.of()) ? 1 : 0;
      World read = World.hard(seed, NEAR);
      Unknowns drawn = read.asBelieved(read.planned() / 2);
      after += holdsAfterTwoWeighings(read, read.program, drawn, 0) ? 1 : 0;
    }
    between(0.86, 0.94, before / (double) POTS, "hard pots, no reading");
    between(0.86, 0.94, after / (double) POTS, "hard pots, two weighings");
  }

  /** Law 3: 8 % in 93 of 100, as on the plain pots and over the same fall. */
  @Test
  void aGoodScaleTellsTheHourOfHardPotsToo() {
    double within = worstButSeven(FAR, World::anyRate);
    assertTrue(within <= 0.08, "93 in 100 within " + within);
  }

  /** Where the heat itself is as uncertain as it is believed to be. */
  @Test
  void aGoodScaleWhereTheHeatIsInDoubt() {
    double within = worstButSeven(FAR, World::anyHeat);
    assertTrue(within <= 0.08, "93 in 100 within " + within);
  }

  /** Half that fall is little beside the errors of scale and noted start, and still in the bar. */
  @Test
  void overAShortFallToo() {
    assertTrue(worstButSeven(NEAR, World::anyRate) <= 0.08);
    assertTrue(worstButSeven(NEAR, World::anyHeat) <= 0.08);
  }

  /** That the law above is not about pots where nothing binds. */
  @Test
  void theCapOfACookBindsOnManyOfThem() {
    int bound = 0;
    for (int seed = 1; seed <= POTS; seed++) {
      bound += World.hard(seed, FAR).bound() ? 1 : 0;
    }
    assertTrue(bound >= POTS / 10, "bound on " + bound);
  }

  /** Error of the hour in the ninety-third of a hundred, weighed at a quarter and half. */
  private static double worstButSeven(double solids, Function<World, Unknowns> drawn) {
    double[] errors = new double[POTS];
    for (int seed = 1; seed <= POTS; seed++) {
      World world = World.hard(seed, solids);
      ReductionCurve truth = Reduction.untilThick(world.program, world.thick, drawn.apply(world));
      double planned = world.planned();
      List<Reading> readings = world.weighings(truth, 0, planned / 4, planned / 2);
      double told =
          end(Predictor.predict(world.program, world.target(), world.prior, readings).likely());
      errors[seed - 1] = Math.abs(told - end(truth)) / end(truth);
    }
    Arrays.sort(errors);
    return errors[(int) (0.93 * POTS) - 1];
  }

  /** The burner's output wanders by a tenth in the middle of the simmer. */
  @Test
  void aDriftingBurner() {
    double share =
        share(
            world -> {
              Unknowns drawn = world.asBelieved(0);
              double from = world.planned() * (0.2 + 0.4 * world.random.nextDouble());
              Unknowns drifting =
                  new Unknowns(
                      drawn.evaporationFactor(),
                      drawn.powerFactor(),
                      drawn.massFactor(),
                      1,
                      0,
                      Math.exp(world.normal(0.08)),
                      from);
              return holdsAfterTwoWeighings(world, world.program, drifting, 0);
            });
    between(0.80, 0.97, share, "drifting burner");
  }

  /** The empty pot weighs up to 100 g more or less than was noted. */
  @Test
  void aWrongTare() {
    double share =
        share(
            world ->
                holdsAfterTwoWeighings(
                    world,
                    world.program,
                    world.asBelieved(world.planned() / 2),
                    world.normal(0.05)));
    between(0.80, 0.97, share, "wrong tare");
  }

  /** Every quarter of an hour it is stirred for two minutes and simmers livelier. */
  @Test
  void stirring() {
    double share =
        share(
            world ->
                holdsAfterTwoWeighings(
                    world,
                    world.program.with(stirrings(world)),
                    world.asBelieved(world.planned() / 2),
                    0));
    between(0.80, 0.97, share, "stirring");
  }

  private static List<Change> stirrings(World world) {
    List<Change> all = new ArrayList<>();
    boolean byEye = !world.setting.heatLimited();
    for (double at = 900; byEye && at < 4 * 3600; at += 900) {
      all.add(new Change.SetOtherwise(at, world.setting.with(Samples.LIVELY)));
      all.add(new Change.SetOtherwise(at + 120, world.setting));
    }
    return all;
  }

  /** Wanted: the half width is 15 % of the time left at most, in the middle of all pots. */
  @Test
  void twoWeighingsMakeANarrowBand() {
    double[] widths = new double[POTS];
    for (int seed = 1; seed <= POTS; seed++) {
      World world = new World(seed);
      double planned = world.planned();
      ReductionCurve truth =
          Reduction.untilThick(world.program, world.thick, world.asBelieved(planned / 2));
      Prediction told =
          Predictor.predict(
              world.program,
              world.target(),
              world.prior,
              world.weighings(truth, 0, planned / 4, planned / 2));
      double left = Math.max(60, end(told.likely()) - planned / 2);
      widths[seed - 1] = (end(told.late()) - end(told.early())) / 2 / left;
    }
    Arrays.sort(widths);
    assertTrue(widths[POTS / 2] <= 0.15, "half width " + widths[POTS / 2] + " of the time left");
  }
}
