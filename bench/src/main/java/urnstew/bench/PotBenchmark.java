package urnstew.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
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
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Planner;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Prediction;
import urnstew.core.reduction.Reading;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sizing.Need;
import urnstew.core.thermo.Altitude;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;

/** A plan, and a correction by two weighings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(3)
public class PotBenchmark {
  private static final Length WIDTH = new Length(0.36);

  private final SimmerSetting setting =
      new SimmerSetting(
          new RoundShape(WIDTH, WIDTH, new Length(0.20)),
          new HeatSource(new UUID(0, 2), "burner", HeatKind.INDUCTION, new Power(3500)),
          SimmerLevel.LIVELY,
          Lid.OFF,
          Surroundings.at(new Altitude(2350)));
  private final Instant now = Instant.EPOCH;
  private final PlanInputs inputs =
      new PlanInputs(
          ResolvedFormula.of(ReferenceFormulas.load().get(0), ReferencePantry.load()),
          new Need(34, Mass.ofGrams(110)),
          false,
          MassFraction.ofPercent(10.5),
          new Vessel(new UUID(0, 1), "rondeau", setting.shape(), Mass.ofKilograms(4.1)),
          setting,
          now,
          now.plus(Duration.ofHours(6)));
  private final List<Reading> readings =
      List.of(
          new Reading.Weighing("a", 1500, Mass.ofKilograms(6.2), Mass.ofGrams(20)),
          new Reading.Weighing("b", 3000, Mass.ofKilograms(5.4), Mass.ofGrams(20)));
  private final Plan plan = Planner.plan(inputs);

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

  @Benchmark
  public Prediction correction() {
    return Reduction.predict(setting, plan.size().start(), inputs.target(), readings);
  }
}
