package urnstew.benchmarks;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PastaBatch;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.DropKind;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.Medium;
import urnstew.core.serving.piece.Piece;
import urnstew.core.serving.piece.Probed;
import urnstew.core.serving.piece.SauceBath;
import urnstew.core.serving.tray.TrayBake;
import urnstew.core.thermo.Altitude;
import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** What goes with a sauce: a piece, its probe, its rest, five seafoods, a tray, pasta. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 2)
public class ServingBenchmark {
  private static final Temperature BOILING = Temperature.ofCelsius(92);
  private static final Cooking BALL = ball();
  private static final List<DropKind> SEAFOODS =
      Stream.of("fish-chunks", "prawn", "mussel", "squid-ring", "oyster")
          .map(Cut::of)
          .map(cut -> DropKind.of(new Piece(cut, cut.usual(), Temperature.ofCelsius(5)), 12))
          .toList();
  private static final Vessel POT =
      new Vessel(
          new UUID(0, 1),
          "pot",
          new RoundShape(new Length(0.32), new Length(0.32), new Length(0.28)),
          Mass.ofGrams(3000),
          Metal.STAINLESS_STEEL,
          true,
          Optional.empty());
  private static final HeatSource BURNER =
      new HeatSource(
          new UUID(0, 2), "burner", HeatKind.INDUCTION, new Power(3500), Optional.empty());

  private static Cooking ball() {
    Cut cut = Cut.of("ball");
    return Cooking.of(
        new Piece(cut, cut.usual(), Temperature.ofCelsius(8)),
        List.of(),
        Medium.OVEN,
        Temperature.ofCelsius(220),
        Temperature.ofCelsius(71));
  }

  @Benchmark
  public Cooking piece() {
    return ball();
  }

  @Benchmark
  public Cooking.TasteCore carryOver() {
    return BALL.tasted();
  }

  @Benchmark
  public Probed probe() {
    return Probed.of(
        BALL,
        List.of(
            new Probed.Reading(Duration.ofMinutes(8), Temperature.ofCelsius(30)),
            new Probed.Reading(Duration.ofMinutes(11), Temperature.ofCelsius(48))));
  }

  @Benchmark
  public DropList dropList() {
    return DropList.of(
        SEAFOODS, new SauceBath(new Mass(2), BOILING, new Power(2000)), new Area(0.1), true);
  }

  @Benchmark
  public TrayBake tray() {
    return TrayBake.of(
        Length.ofMillimeters(50),
        Temperature.ofCelsius(20),
        new TrayBake.Heat(Temperature.ofCelsius(185), false, 1, BOILING),
        Temperature.ofCelsius(74),
        Temperature.ofCelsius(57));
  }

  @Benchmark
  public PastaAtStove pasta() {
    return PastaAtStove.of(
        new PastaBatch(PastaShape.of("spaghetti"), new Mass(3.4), Temperature.ofCelsius(20)),
        new PastaAtStove.Way(8, 10, Temperature.ofCelsius(12), true),
        POT,
        BURNER,
        Surroundings.at(new Altitude(2350)));
  }
}
