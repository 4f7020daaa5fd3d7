package urnstew.core.numerics;

/** The classical fourth-order Runge–Kutta step for a state of two numbers. */
public final class RungeKutta {
  private RungeKutta() {}

  /** Right-hand side of the equation; does not depend on time explicitly. */
  public interface Slope {
    /** Derivatives of both numbers, per second. */
    double[] at(double first, double second);
  }

  /** The state after {@code seconds}. */
  public static double[] step(Slope slope, double[] state, double seconds) {
    double[] a = slope.at(state[0], state[1]);
    double[] b = slope.at(state[0] + a[0] * seconds / 2, state[1] + a[1] * seconds / 2);
    double[] c = slope.at(state[0] + b[0] * seconds / 2, state[1] + b[1] * seconds / 2);
    double[] d = slope.at(state[0] + c[0] * seconds, state[1] + c[1] * seconds);
    return new double[] {
      state[0] + seconds / 6 * (a[0] + 2 * b[0] + 2 * c[0] + d[0]),
      state[1] + seconds / 6 * (a[1] + 2 * b[1] + 2 * c[1] + d[1])
    };
  }
}
