package urnstew.core.cooling;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.conduction.ConductionGrid;
import urnstew.units.Length;

/**
 * Runs a pan through what is done with it.
 *
 * <p>Transient conduction in a layer that does not flow; stirring makes it even at that moment.
 * Evaporation from its surface is left out, which is the slow side. Range: 0 to 100 °C, until 48 h.
 */
final class CoolingRun {
  /** Longest time that a cooling is computed for. */
  static final double LONGEST_SECONDS = 48 * 3600;

  /**
   * A change on the way.
   *
   * @param seconds since the start
   * @param setup from then on; empty where it was only stirred
   */
  record Step(double seconds, Optional<CoolingSetup> setup) {}

  private final CoolingSauce sauce;
  private final BoundingCase side;
  private final double speed;

  CoolingRun(CoolingSauce sauce, BoundingCase side, double speed) {
    this.sauce = sauce;
    this.side = side;
    this.speed = speed;
  }

  /**
   * From an even temperature on.
   *
   * @param steps in the order of time, the first with a setup at the start or before it
   * @param from seconds at which it has that temperature
   * @param until the warmest place is so cold, or the longest time is over
   */
  CoolingCourse from(List<Step> steps, double from, double celsius, double until) {
    return run(steps, from, celsius, until, from + LONGEST_SECONDS);
  }

  /** From the start up to a moment. */
  CoolingCourse upTo(List<Step> steps, double celsius, double end) {
    return run(steps, 0, celsius, Double.NEGATIVE_INFINITY, end);
  }

  private CoolingCourse run(
      List<Step> steps, double from, double celsius, double until, double last) {
    CoolingSetup setup = setupAt(steps, from);
    ConductionGrid grid = grid(setup, celsius);
    List<CoolingCourse.Point> points = new ArrayList<>();
    points.add(new CoolingCourse.Point(from, celsius));
    double at = from;
    double stirredAt = from;
    int next = 0;
    while (next < steps.size() && steps.get(next).seconds() <= from) {
      next++;
    }
    while (at < last - 1e-6 && points.get(points.size() - 1).celsius() > until) {
      double end = next < steps.size() ? steps.get(next).seconds() : Double.POSITIVE_INFINITY;
      double stir =
          side.stirredEvery(setup).map(CoolingRun::seconds).orElse(Double.POSITIVE_INFINITY);
      double most = Math.min(last, Math.min(end, stirredAt + stir)) - at;
      at += grid.advanceSeconds(Math.max(most, 1e-6));
      if (at >= stirredAt + stir - 1e-6) {
        grid.mix();
        stirredAt = at;
      }
      if (at >= end - 1e-6) {
        Step step = steps.get(next++);
        grid = after(step, setup, grid);
        setup = step.setup().orElse(setup);
      }
      double hottest = grid.hottestCelsius();
      Optional<CoolingSetup> onward = onward(setup, hottest);
      if (onward.isPresent()) {
        setup = onward.get();
        grid.put(side.faces(setup, speed));
      }
      points.add(new CoolingCourse.Point(at, hottest));
    }
    return new CoolingCourse(points);
  }

  private static Optional<CoolingSetup> onward(CoolingSetup setup, double hottest) {
    return setup
        .onward()
        .filter(next -> hottest <= next.below().celsius())
        .map(next -> setup.at(next.spot()));
  }

  private static double seconds(Duration every) {
    return every.toMillis() / 1000.0;
  }

  private static CoolingSetup setupAt(List<Step> steps, double seconds) {
    CoolingSetup setup = steps.get(0).setup().orElseThrow();
    for (Step step : steps) {
      if (step.seconds() <= seconds) {
        setup = step.setup().orElse(setup);
      }
    }
    return setup;
  }

  private ConductionGrid grid(CoolingSetup setup, double celsius) {
    Length depth = setup.crossed(sauce);
    ConductionGrid grid =
        new ConductionGrid(
            side.matter(sauce, speed),
            side.depth(depth.meters()),
            setup.radiusMeters(depth),
            celsius);
    grid.put(side.faces(setup, speed));
    return grid;
  }

  /** The slow side takes no stirring on trust, and pours over what is hottest. */
  private ConductionGrid after(Step step, CoolingSetup before, ConductionGrid grid) {
    if (step.setup().isEmpty()) {
      if (side != BoundingCase.SLOW) {
        grid.mix();
      }
      return grid;
    }
    CoolingSetup setup = step.setup().get();
    if (!setup.samePans(before)) {
      return grid(setup, side == BoundingCase.SLOW ? grid.hottestCelsius() : grid.meanCelsius());
    }
    grid.put(side.faces(setup, speed));
    return grid;
  }
}
