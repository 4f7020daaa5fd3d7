package urnstew.core.conduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import urnstew.core.conduction.BodyGrid.Side;

/** Against the series of Incropera and DeWitt, section 5.5, and a solver of its own kind. */
class BodyGridTest {
  private static final Cooling MEAT = new Cooling(0.5, 1020, 3500);

  @ParameterizedTest
  @EnumSource
  void timesOfTheSeriesWithinAHalfPercent(Body body) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(body.ordinal());
    for (int i = 0; i < 40; i++) {
      double radius = random.nextDouble(0.004, 0.05);
      double coefficient = Math.exp(random.nextDouble(Math.log(8), Math.log(1500)));
      double wanted = random.nextDouble(0.1, 0.7);
      BodyGrid grid = new BodyGrid(MEAT, body, radius, 1);
      grid.put(new Side(coefficient, 0));
      double seconds = 0;
      double before = 0;
      double share = 1;
      double last = 0;
      while (share > wanted) {
        before = share;
        last = grid.advanceSeconds(1e9);
        seconds += last;
        share = grid.middleCelsius();
      }
      seconds -= last * (wanted - share) / (before - share);
      double series = seconds(body, radius, coefficient, wanted);
      assertEquals(series, seconds, 0.005 * series, body + " " + radius + " " + coefficient);
    }
  }

  private static double seconds(Body body, double radius, double coefficient, double wanted) {
    double low = 0;
    double high = 1e6;
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      boolean warmer = MEAT.shareLeftAtMiddle(body, radius, coefficient, middle) > wanted;
      low = warmer ? middle : low;
      high = warmer ? high : middle;
    }
    return high;
  }

  /** Pan, rest, sauce, and an oven that dries: an explicit solver on nodes, within 1 % in time. */
  @ParameterizedTest
  @EnumSource
  void changingSurroundings(Body body) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
    for (int i = 0; i < 12; i++) {
      double radius = random.nextDouble(0.006, 0.03);
      Side[] sides = {
        new Side(random.nextDouble(100, 600), random.nextDouble(120, 200), 100),
        new Side(random.nextDouble(6, 15), 22),
        new Side(random.nextDouble(15, 40), random.nextDouble(160, 230), 85),
        new Side(random.nextDouble(300, 800), random.nextDouble(80, 95))
      };
      double each = 0.05 * radius * radius / MEAT.squareMetersPerSecond();
      BodyGrid grid = new BodyGrid(MEAT, body, radius, 8);
      Nodes nodes = new Nodes(body, radius, 8);
      for (Side side : sides) {
        grid.put(side);
        grid.advanceAll(each);
        nodes.advance(side, each);
      }
      // What a hundredth of the time makes.
      double was = grid.middleCelsius();
      grid.advanceAll(0.01 * 4 * each);
      double hundredth = Math.abs(grid.middleCelsius() - was);
      assertEquals(nodes.middle(), was, Math.max(0.05, hundredth), body + " of " + radius);
    }
  }

  /** Method of lines on nodes, not volumes; a wet face is held by a sharp loss. */
  private static final class Nodes implements OrdinaryDifferentialEquation {
    private static final int COUNT = 41;

    private final Body body;
    private final double spacing;
    private double[] celsius = new double[COUNT];
    private Side side = new Side(0, 0);

    Nodes(Body body, double radius, double start) {
      this.body = body;
      spacing = radius / (COUNT - 1);
      Arrays.fill(celsius, start);
    }

    double middle() {
      return celsius[0];
    }

    void advance(Side in, double seconds) {
      side = in;
      DormandPrince54Integrator solver = new DormandPrince54Integrator(1e-6, 5, 1e-6, 1e-6);
      celsius = solver.integrate(this, new ODEState(0, celsius), seconds).getPrimaryState();
    }

    @Override
    public int getDimension() {
      return COUNT;
    }

    @Override
    public double[] computeDerivatives(double time, double[] t) {
      double[] rate = new double[COUNT];
      double alpha = MEAT.squareMetersPerSecond() / (spacing * spacing);
      int m = body.curved();
      rate[0] = 2 * (m + 1) * alpha * (t[1] - t[0]);
      for (int i = 1; i < COUNT - 1; i++) {
        rate[i] = alpha * (t[i + 1] - 2 * t[i] + t[i - 1] + m * (t[i + 1] - t[i - 1]) / (2.0 * i));
      }
      int last = COUNT - 1;
      double flux = side.wattsPerSquareMeterKelvin() * (side.celsius() - t[last]);
      flux -= 3e5 * Math.max(0, t[last] - side.wettestCelsius());
      double ghost = t[last - 1] + 2 * spacing * flux / MEAT.wattsPerMeterKelvin();
      rate[last] =
          alpha * (ghost - 2 * t[last] + t[last - 1] + m * (ghost - t[last - 1]) / (2.0 * last));
      return rate;
    }
  }

  @Test
  void oneFaceHeatsSlowerThanTwo() {
    BodyGrid one = new BodyGrid(MEAT, Body.SLAB, 0.012, 8);
    one.put(new Side(350, 100), new Side(10, 22));
    BodyGrid two = new BodyGrid(MEAT, Body.SLAB, 0.012, 8);
    two.put(new Side(350, 100));
    one.advanceAll(300);
    two.advanceAll(300);
    assertTrue(one.coldestCelsius() < two.coldestCelsius() - 10);
    assertTrue(one.coldestCelsius() <= one.middleCelsius());
  }
}
