package urnstew.core.serving.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import urnstew.core.conduction.BodyGrid;
import urnstew.core.conduction.BodyGrid.Side;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Sauce that cold pieces go into: what they take up, it gives, and the burner gives it back.
 *
 * <p>M·c·dT/dt = P − Σ h·A·(T − T_face), T never above its simmer. Stirred; losses are in P.
 *
 * @param sauce mass, 50 g to 500 kg
 * @param simmer its temperature before, and at most, 40 to 105 °C
 * @param net power that enters it beside its losses
 */
public record SauceBath(Mass sauce, Temperature simmer, Power net) {
  private static final double JOULES_PER_KILOGRAM_KELVIN = 3900;
  private static final double STEP_SECONDS = 5;

  public SauceBath {
    Require.within("sauce", sauce.kilograms(), 0.05, 500, "kg");
    Require.within("sauceCelsius", simmer.celsius(), 40, 105, "°C");
  }

  /**
   * The sauce at a moment.
   *
   * @param seconds since the first drop
   * @param celsius of the sauce
   */
  public record Point(double seconds, double celsius) {}

  /** What happened to sauce and cores. */
  record Run(List<Point> sauce, double[] coreSeconds) {}

  /** A kind that goes in so long after the first. */
  record Drop(DropKind kind, boolean above, double atSeconds) {}

  /**
   * Drops and what becomes of them; a core counts from its own drop.
   *
   * @param leastSeconds that are followed, until all cores are there
   * @param mostSeconds after which they are given up
   */
  Run through(List<Drop> drops, double leastSeconds, double mostSeconds) {
    List<BodyGrid> grids = drops.stream().map(d -> d.kind().grid(Pace.LIKELY)).toList();
    double[] core = new double[drops.size()];
    Arrays.fill(core, Double.POSITIVE_INFINITY);
    List<Point> points = new ArrayList<>();
    double celsius = simmer.celsius();
    double heat = sauce.kilograms() * JOULES_PER_KILOGRAM_KELVIN;
    for (double now = 0; now < leastSeconds || now < mostSeconds && anyOpen(core); ) {
      points.add(new Point(now, celsius));
      double taken = 0;
      for (int i = 0; i < grids.size(); i++) {
        if (now + STEP_SECONDS > drops.get(i).atSeconds()) {
          taken += step(drops.get(i), grids.get(i), celsius, now, core, i);
        }
      }
      double after = celsius + (net.watts() * STEP_SECONDS - taken) / heat;
      celsius = Math.min(simmer.celsius(), after);
      now += STEP_SECONDS;
    }
    return new Run(points, core);
  }

  private static boolean anyOpen(double[] core) {
    return Arrays.stream(core).anyMatch(Double::isInfinite);
  }

  /** One step of one kind; returns the heat that all of it took up, J. */
  private double step(Drop drop, BodyGrid grid, double celsius, double now, double[] core, int i) {
    double in = Math.min(STEP_SECONDS, now + STEP_SECONDS - drop.atSeconds());
    Medium medium = drop.above() ? Medium.STEAM : Medium.POACH;
    Side side =
        new Side(
            medium.wattsPerSquareMeterKelvin(Pace.LIKELY),
            drop.above() ? simmer.celsius() : celsius);
    if (in < STEP_SECONDS || now <= drop.atSeconds()) {
      grid.put(side);
    } else {
      grid.follow(side);
    }
    double mean = grid.meanCelsius();
    double before = grid.coldestCelsius();
    grid.advanceAll(in);
    double after = grid.coldestCelsius();
    double wanted = drop.kind().core().celsius();
    if (Double.isInfinite(core[i]) && after >= wanted) {
      double end = now + STEP_SECONDS - drop.atSeconds();
      core[i] = Math.max(0, end - in * (after - wanted) / Math.max(1e-9, after - before));
    }
    return drop.kind().kilograms() * Cut.JOULES_PER_KILOGRAM_KELVIN * (grid.meanCelsius() - mean);
  }
}
