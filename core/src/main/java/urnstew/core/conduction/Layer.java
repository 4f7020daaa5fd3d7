package urnstew.core.conduction;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * The series of a layer with unlike faces: modes cos(zx) + (b/z)·sin(zx) from the lower face on,
 * with eigenvalues from z(b₁ + b₂) cos z = (z² − b₁b₂) sin z and coefficients by orthogonality.
 */
final class Layer {
  private static final int TERMS = 24;
  private static final double EDGE = 1e-9;

  private static final double NEGLIGIBLE = 1e-12;

  private record Mode(double z, double coefficient) {
    double left(double fourier) {
      return Math.exp(-z * z * fourier);
    }
  }

  private final double depth;
  private final double diffusivity;
  private final double lower;
  private final double upper;
  private final List<Mode> modes = new ArrayList<>();

  Layer(Cooling matter, double depth, double top, double bottom) {
    this.depth = depth;
    this.diffusivity = matter.squareMetersPerSecond();
    this.lower = bottom * depth / matter.wattsPerMeterKelvin();
    this.upper = top * depth / matter.wattsPerMeterKelvin();
    for (int n = 0; n < TERMS; n++) {
      double z =
          new BrentSolver(1e-12).solve(200, this::margin, n * Math.PI + EDGE, (n + 1) * Math.PI);
      modes.add(new Mode(z, coefficient(z)));
    }
  }

  private double margin(double z) {
    return z * (lower + upper) * Math.cos(z) - (z * z - lower * upper) * Math.sin(z);
  }

  /** ∫X dx / ∫X² dx with X = cos zx + (b/z) sin zx. */
  private double coefficient(double z) {
    double b = lower / z;
    double sine = Math.sin(z);
    double cosine = Math.cos(z);
    double mean = (sine + b * (1 - cosine)) / z;
    double square = (1 + b * b) / 2 + (1 - b * b) * sine * cosine / (2 * z) + b * sine * sine / z;
    return mean / square;
  }

  /** Largest share left anywhere, looked for at so many places. */
  double hottest(double seconds, int places) {
    double fourier = diffusivity * seconds / (depth * depth);
    double[] left = modes.stream().mapToDouble(mode -> mode.left(fourier)).toArray();
    double most = 0;
    for (int i = 0; i <= places; i++) {
      most = Math.max(most, at(i / (double) places, left));
    }
    return most;
  }

  /** Modes fade the faster the higher they are; the first that is gone ends the sum. */
  private double at(double place, double[] left) {
    double sum = 0;
    for (int n = 0; n < left.length && left[n] > NEGLIGIBLE; n++) {
      double z = modes.get(n).z();
      sum +=
          (Math.cos(z * place) + lower / z * Math.sin(z * place))
              * left[n]
              * modes.get(n).coefficient();
    }
    return sum;
  }
}
