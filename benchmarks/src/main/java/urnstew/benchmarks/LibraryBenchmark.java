package urnstew.benchmarks;

import java.util.List;
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
import urnstew.core.formula.Formula;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.sizing.PackChoice;
import urnstew.core.sizing.PackGoal;
import urnstew.units.Mass;

/** The whole library resolved and analysed, as the shelf does on every visit; and packs for 400. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class LibraryBenchmark {
  private final Pantry pantry = ReferencePantry.load();
  private final List<Formula> library = ReferenceFormulas.load();

  @Benchmark
  public double analysisOfTheWholeLibrary() {
    double salt = 0;
    for (Formula formula : library) {
      salt +=
          FormulaAnalysis.of(ResolvedFormula.of(formula, ReferenceFormulas.larder()))
              .salt()
              .value();
    }
    return salt;
  }

  @Benchmark
  public PackChoice packsForFourHundred() {
    return PackChoice.of(
        pantry.ingredient("canned-whole-tomato").buying().packs(),
        Mass.ofKilograms(74.3),
        PackGoal.LEAST_COST);
  }
}
