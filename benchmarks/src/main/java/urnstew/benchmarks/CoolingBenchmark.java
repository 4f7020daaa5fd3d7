package urnstew.benchmarks;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import urnstew.core.conduction.ConductionGrid;
import urnstew.core.conduction.Cooling;
import urnstew.core.conduction.Faces;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.cooling.ColdSpot;
import urnstew.core.cooling.CoolingEvent;
import urnstew.core.cooling.CoolingForecast;
import urnstew.core.cooling.CoolingHistory;
import urnstew.core.cooling.CoolingMonitor;
import urnstew.core.cooling.CoolingOutlook;
import urnstew.core.cooling.CoolingPan;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.cooling.CoolingWays;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * A day of cooling in two dimensions, a watched pan with ten readings, and the ways of a kitchen.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CoolingBenchmark {
  private static final double DAY = 86_400;
  private static final Temperature HOT = Temperature.ofCelsius(90);
  private static final Instant START = Instant.parse("2026-03-02T14:00:00Z");

  private final RuleSet rules = RuleSet.shipped().get(0);
  private final CoolingSauce sauce =
      CoolingSauce.of(new Composition(0.76, 0, 0.07, 0.08, 0.06, 0.015, 0.015, 0.05), new Mass(12));
  private final CoolingPan pot =
      new CoolingPan(
          "pot",
          new RoundShape(new Length(0.28), new Length(0.28), new Length(0.3)),
          Metal.STAINLESS_STEEL,
          1);
  private final CoolingPan tin =
      new CoolingPan(
          "tin",
          new RectangularShape(new Length(0.5), new Length(0.3), new Length(0.1)),
          Metal.STAINLESS_STEEL,
          8);
  private final List<ColdSpot> spots =
      List.of(
          spot(ColdPlace.STILL_REFRIGERATOR),
          spot(ColdPlace.BLAST_CHILLER),
          spot(ColdPlace.ICE_BATH));
  private final CoolingHistory watched =
      new CoolingHistory(
          sauce,
          START,
          HOT,
          new CoolingSetup(
              tin, 2, spot(ColdPlace.ICE_BATH), false, Optional.empty(), Optional.empty()),
          IntStream.range(1, 11).mapToObj(CoolingBenchmark::read).toList());

  private static CoolingEvent read(int number) {
    double celsius = 2 + 88 * Math.exp(-number / 5.0);
    return new CoolingEvent.Read(START.plusSeconds(900L * number), celsius, 0.5);
  }

  private static ColdSpot spot(ColdPlace place) {
    return ColdSpot.usual(place, Temperature.ofCelsius(20));
  }

  /** A day in a pot, in depth and radius. */
  @Benchmark
  public double dayOfCooling() {
    ConductionGrid grid = new ConductionGrid(new Cooling(0.55, 1030, 3900), 0.2, 0.14, 90);
    grid.put(Faces.around(7, 3));
    double at = 0;
    while (at < DAY) {
      at += grid.advanceSeconds(DAY - at);
    }
    return grid.hottestCelsius();
  }

  /** Whether two tins in ice make it. */
  @Benchmark
  public CoolingForecast forecast() {
    return CoolingForecast.of(sauce, HOT, watched.setup(), rules);
  }

  /** Ten readings, fitted. */
  @Benchmark
  public CoolingOutlook watch() {
    return CoolingMonitor.of(watched, rules).at(START.plusSeconds(9500));
  }

  /** All ways of two pans in three places. */
  @Benchmark
  public List<CoolingForecast> ways() {
    return new CoolingWays(sauce, HOT, rules).that(List.of(pot, tin), spots);
  }
}
