package urnstew.core.conduction;

/**
 * Volumes in a row that pass heat to their neighbours and, at places, to the outside: dT/dt = A·T +
 * b with A tridiagonal.
 */
final class GridLine {
  private static final double GAMMA = 1 - Math.sqrt(0.5);

  /** Steps that differ by rounding alone are prepared once, as a share. */
  private static final double SAME = 1e-12;

  private final double[] down;
  private final double[] up;
  private final double[] lost;
  private final double[] gained;

  /** What a step of this length makes of them, as a factor each: dividing takes longer. */
  private final double[] fromBelow;

  private final double[] fromAbove;
  private final double[] inverse;
  private final double[] first;
  private final double[] rate;
  private double preparedFor;

  GridLine(int size) {
    down = new double[size];
    up = new double[size];
    lost = new double[size];
    gained = new double[size];
    fromBelow = new double[size];
    fromAbove = new double[size];
    inverse = new double[size];
    first = new double[size];
    rate = new double[size];
  }

  int size() {
    return inverse.length;
  }

  /**
   * A volume and the next: what the first and what the second takes up of their difference, 1/s.
   */
  void joins(int index, double firstTakes, double nextTakes) {
    up[index] = firstTakes;
    down[index + 1] = nextTakes;
    preparedFor = 0;
  }

  /** What a volume loses to surroundings at this temperature, 1/s. */
  void loses(int index, double share, double celsius) {
    lost[index] = share;
    gained[index] = share * celsius;
    preparedFor = 0;
  }

  /** One step of a line that lies so in a field. */
  void advance(double[] field, int offset, int stride, double seconds) {
    double implicit = GAMMA * seconds;
    if (Math.abs(preparedFor - seconds) > SAME * seconds) {
      prepare(implicit);
      preparedFor = seconds;
    }
    int size = inverse.length;
    double perImplicit = 1 / implicit;
    for (int i = 0; i < size; i++) {
      first[i] = field[offset + i * stride] + implicit * gained[i];
    }
    solve();
    for (int i = 0; i < size; i++) {
      double was = field[offset + i * stride];
      rate[i] = (first[i] - was) * perImplicit;
      first[i] = was + (1 - GAMMA) * seconds * rate[i] + implicit * gained[i];
    }
    solve();
    for (int i = 0; i < size; i++) {
      field[offset + i * stride] = first[i];
    }
  }

  private void prepare(double implicit) {
    for (int i = 0; i < inverse.length; i++) {
      double pivot = 1 + implicit * (down[i] + up[i] + lost[i]);
      if (i > 0) {
        fromBelow[i] = implicit * down[i] * inverse[i - 1];
        pivot -= fromBelow[i] * implicit * up[i - 1];
      }
      inverse[i] = 1 / pivot;
      fromAbove[i] = implicit * up[i] * inverse[i];
    }
  }

  private void solve() {
    int last = inverse.length - 1;
    for (int i = 1; i <= last; i++) {
      first[i] += fromBelow[i] * first[i - 1];
    }
    first[last] *= inverse[last];
    for (int i = last - 1; i >= 0; i--) {
      first[i] = first[i] * inverse[i] + fromAbove[i] * first[i + 1];
    }
  }
}
