package urnstew.core.correction;

import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;

/** Several ways a finishing time may be spread, each likely to its weight. */
record SplitNormalMixture(List<SplitNormal> bells) {
  private static final NormalDistribution NORMAL = new NormalDistribution();
  private static final double NINE_TENTHS = 1.645;
  private static final double LEAST_DEVIATION = 1;
  private static final double FOUND_SECONDS = 0.25;
  private static final int MOST_TRIES = 100;

  /**
   * A bell with unlike sides.
   *
   * @param weight share of all
   * @param middle likely time, s
   * @param below standard deviation on the early side, s
   * @param above standard deviation on the late side, s
   */
  record SplitNormal(double weight, double middle, double below, double above) {
    /** Standard deviations from the middle. */
    double standing(double seconds) {
      double away = seconds - middle;
      return away / Math.max(LEAST_DEVIATION, away < 0 ? below : above);
    }
  }

  /** Time before which this share of all finishes lies, s. */
  double quantile(double share) {
    double low = bells.stream().mapToDouble(b -> b.middle() - 8 * b.below() - 60).min().orElse(0);
    double high = bells.stream().mapToDouble(b -> b.middle() + 8 * b.above() + 60).max().orElse(0);
    return new BrentSolver(FOUND_SECONDS)
        .solve(MOST_TRIES, seconds -> cumulative(seconds) - share, low, high);
  }

  /** Which bell most likely holds a time. */
  int owner(double seconds) {
    int owner = 0;
    for (int i = 1; i < bells.size(); i++) {
      if (density(i, seconds) > density(owner, seconds)) {
        owner = i;
      }
    }
    return owner;
  }

  /** Where a time stands in a bell, in multiples of 1.645 standard deviations. */
  double standing(int bell, double seconds) {
    return bells.get(bell).standing(seconds) / NINE_TENTHS;
  }

  private double cumulative(double seconds) {
    return bells.stream()
        .mapToDouble(b -> b.weight() * NORMAL.cumulativeProbability(b.standing(seconds)))
        .sum();
  }

  private double density(int i, double seconds) {
    SplitNormal bell = bells.get(i);
    double side = seconds < bell.middle() ? bell.below() : bell.above();
    return bell.weight() * NORMAL.density(bell.standing(seconds)) / Math.max(LEAST_DEVIATION, side);
  }
}
