package urnstew.benchmarks;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import urnstew.core.acidity.Acid;
import urnstew.core.acidity.ChargeBalance;
import urnstew.core.acidity.Gas;
import urnstew.core.acidity.Solutes;
import urnstew.core.balance.Fault;
import urnstew.core.balance.InPot;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.balance.Remedy;
import urnstew.core.balance.Rescue;
import urnstew.core.balance.TasteProfile;
import urnstew.core.formula.Family;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.panel.Ranking;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;

/**
 * One pH, the beads of a ragù, all remedies for a sharp one, and a table of 24 reckoned exactly.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class BalanceBenchmark {
  private final Pantry pantry = ReferencePantry.load();
  private final ResolvedFormula ragu =
      ReferenceFormulas.load().stream()
          .filter(formula -> formula.id().equals("ridge-ragu"))
          .map(formula -> ResolvedFormula.of(formula, ReferenceFormulas.larder()))
          .findFirst()
          .orElseThrow();
  private final InPot pot = InPot.beforeTheFinish(ragu);
  private final RemainingProcess course =
      RemainingProcess.of(ragu, ragu.formula().target(), Optional.of(1.0));
  private final Rescue rescue =
      new Rescue(pot, course, Family.RAGU, pantry, List.of(), Optional.empty());
  private final Solutes sauce =
      new Solutes(
          0.9,
          Map.of(
              Acid.CITRIC, 0.03,
              Acid.MALIC, 0.004,
              Acid.GLUTAMIC, 0.01,
              Acid.PHOSPHORIC, 0.01,
              Acid.CARBOXYL_OF_PROTEIN, 0.02,
              Acid.IMIDAZOLE_OF_PROTEIN, 0.005),
          0.2,
          0.15);
  private final Ranking table =
      new Ranking(
          4,
          List.of(
                  List.of(0, 1, 2, 3),
                  List.of(1, 0, 2, 3),
                  List.of(0, 2, 1, 3),
                  List.of(3, 1, 2, 0),
                  List.of(0, 1, 3, 2),
                  List.of(2, 0, 1, 3))
              .stream()
              .flatMap(order -> Stream.generate(() -> order).limit(4))
              .toList());

  @Benchmark
  public double oneCharge() {
    return ChargeBalance.solve(sauce, Gas.OPEN_TO_AIR).pH();
  }

  @Benchmark
  public TasteProfile beadsOfARagu() {
    return TasteProfile.of(course.after(pot));
  }

  @Benchmark
  public List<Remedy> remediesForASharpRagu() {
    return rescue.from(Fault.SHARP, 1);
  }

  @Benchmark
  public double tableOfTwentyFour() {
    return table.probability();
  }
}
