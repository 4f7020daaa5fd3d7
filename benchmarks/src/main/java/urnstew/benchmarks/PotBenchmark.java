package urnstew.benchmarks;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.correction.Prediction;
import urnstew.core.correction.Predictor;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Reading;
import urnstew.core.correction.Target;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Planner;
import urnstew.core.reduction.Change;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Phase;
import urnstew.core.reduction.PhaseEnd;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.reduction.Unknowns;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** A plan, half a day of a pot, and a correction by six readings with its band. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(3)
public class PotBenchmark {
  private static final Length WIDTH = new Length(0.36);
  private static final Mass SCALE = Mass.ofGrams(20);

  private final Vessel vessel =
      new Vessel(
          new UUID(0, 1),
          "rondeau",
          new RoundShape(WIDTH, WIDTH, new Length(0.20)),
          Mass.ofKilograms(4.1),
          Metal.STAINLESS_STEEL,
          true,
          Optional.empty());
  private final SimmerSetting setting =
      new SimmerSetting(
          vessel,
          new HeatSource(
              new UUID(0, 2), "burner", HeatKind.INDUCTION, new Power(3500), Optional.empty()),
          new SimmeredByEye(SimmerLevel.BARE),
          Lid.OFF,
          Surroundings.at(new Altitude(2350)));
  private final Prior prior = Prior.of(setting.heatSource());
  private final Target target = new Target.Solids(MassFraction.ofPercent(10.5));
  private final Instant now = Instant.EPOCH;
  private final PlanInputs inputs =
      new PlanInputs(
          ResolvedFormula.of(ReferenceFormulas.load().get(1), ReferenceFormulas.larder()),
          new Need(34, Mass.ofGrams(130)),
          PackRule.AS_NEEDED,
          new Target.Solids(MassFraction.ofPercent(13)),
          setting.with(new SimmeredByEye(SimmerLevel.GENTLE)),
          List.of(),
          prior,
          now,
          now.plus(Duration.ofHours(8)));
  private final Program pot = Program.of(setting, PotContents.of(sauce(3.6, 0.075)));
  private final Program halfDay = pot.through(twelveStages(3600)).with(twentyChanges());
  private final Program staged = pot.through(twelveStages(900));
  private final List<Reading> readings = sixReadings();

  private static Composition sauce(double kilograms, double solids) {
    double dry = kilograms * solids;
    return new Composition(kilograms - dry, 0, 0, 0, dry, 0, 0, 0.87 * dry);
  }

  /** Eleven under one lid or the other for a time each, the last until thick. */
  private List<Phase> twelveStages(double seconds) {
    List<Phase> stages = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      Lid lid = i % 2 == 0 ? Lid.OFF : Lid.AJAR;
      PhaseEnd end = i < 11 ? new PhaseEnd.After(seconds) : new PhaseEnd.Thick();
      stages.add(Phase.of(setting.heating(), lid, end));
    }
    return stages;
  }

  private List<Change> twentyChanges() {
    List<Change> changes = new ArrayList<>();
    PotContents water = PotContents.of(sauce(0.2, 0.001));
    for (int i = 1; i <= 10; i++) {
      double seconds = i * 3900;
      changes.add(new Change.Added(seconds, water, Temperature.ofCelsius(20)));
      Lid lid = i % 2 == 0 ? Lid.OFF : Lid.AJAR;
      changes.add(new Change.SetOtherwise(seconds + 1200, setting.with(lid)));
    }
    return changes;
  }

  /** Along a pot that runs a tenth slower than believed: four weighings, a dip and a plate. */
  private List<Reading> sixReadings() {
    ReductionCurve truth = Reduction.during(staged, 4 * 3600, Unknowns.of(0.9, 1, 1));
    List<Reading> all = new ArrayList<>();
    for (int i = 1; i <= 4; i++) {
      double seconds = i * 2400;
      all.add(new Reading.Weighing("w" + i, seconds, truth.massAt(seconds), SCALE));
    }
    all.add(new Reading.Dip("d", 10_000, truth.depthAt(10_000), Length.ofMillimeters(2)));
    Length spread =
        PlateSpread.spread(truth.at(10_800).equivalentSolids(), 1.1, PlateSpread.SPOONFUL);
    all.add(new Reading.Plate("p", 10_800, spread, PlateSpread.SPOONFUL, Length.ofMillimeters(3)));
    return all;
  }

  /** How fast this machine is today: a thousand logarithms. */
  @Benchmark
  public double calibration() {
    double sum = 0;
    for (int i = 1; i <= 1000; i++) {
      sum += Math.log(i);
    }
    return sum;
  }

  @Benchmark
  public Plan plan() {
    return Planner.plan(inputs);
  }

  /** Twelve hours of twelve stages, with twenty changes. */
  @Benchmark
  public ReductionCurve halfDay() {
    return Reduction.during(halfDay, 12 * 3600, Unknowns.NOMINAL);
  }

  /** Six readings on a simmer of twelve stages over four hours, band included. */
  @Benchmark
  public Prediction correction() {
    return Predictor.predict(staged, target, prior, readings);
  }
}
