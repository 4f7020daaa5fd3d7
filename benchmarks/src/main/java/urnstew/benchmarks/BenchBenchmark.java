package urnstew.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import urnstew.core.bench.Bench;
import urnstew.core.bench.Constructive;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placing;
import urnstew.core.bench.Problem;
import urnstew.core.bench.RandomServices;
import urnstew.core.bench.Schedule;
import urnstew.solver.CpSatScheduler;

/** Twenty seeded services of sixty activities: one of them, the next each time. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class BenchBenchmark {
  private static final int SERVICES = 20;

  private final Bench bench = new Bench(CpSatScheduler.loaded(), new Constructive());

  @Param({"60"})
  public int activities;

  private List<Problem> problems = List.of();
  private int next;

  @Setup
  public void services() {
    problems =
        IntStream.range(0, SERVICES)
            .mapToObj(
                seed ->
                    new RandomServices(
                            RandomGeneratorFactory.of("L64X128MixRandom").create(100 + seed))
                        .service(activities))
            .toList();
  }

  private Problem problem() {
    next = (next + 1) % SERVICES;
    return problems.get(next);
  }

  @Benchmark
  public Outcome plan() {
    return bench.plan(problem(), Optional.empty());
  }

  @Benchmark
  public Optional<Schedule> first() {
    return Placing.of(problem(), 1, 1, 0);
  }
}
