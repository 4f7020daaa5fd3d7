package urnstew.core.numerics;

/** The classical fourth-order Runge–Kutta step. Keeps its scratch space, so one for each thread. */
public final class RungeKutta {
  private final double[] between;
  private final double[][] slopes;

  /** Right-hand side of the equations; does not depend on time explicitly. */
  public interface Slope {
    /** Writes the derivatives of a state, per second, into {@code slope}. */
    void at(double[] state, double[] slope);
  }

  /**
   * @param size how many numbers a state has
   */
  public RungeKutta(int size) {
    this.between = new double[size];
    this.slopes = new double[4][size];
  }

  /** The state after {@code seconds}. */
  public double[] step(Slope slope, double[] state, double seconds) {
    slope.at(state, slopes[0]);
    slope.at(moved(state, slopes[0], seconds / 2), slopes[1]);
    slope.at(moved(state, slopes[1], seconds / 2), slopes[2]);
    slope.at(moved(state, slopes[2], seconds), slopes[3]);
    double[] next = new double[state.length];
    for (int i = 0; i < next.length; i++) {
      double sum = slopes[0][i] + 2 * slopes[1][i] + 2 * slopes[2][i] + slopes[3][i];
      next[i] = state[i] + seconds / 6 * sum;
    }
    return next;
  }

  private double[] moved(double[] state, double[] slope, double seconds) {
    for (int i = 0; i < between.length; i++) {
      between[i] = state[i] + slope[i] * seconds;
    }
    return between;
  }
}
