package urnstew.core.correction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;

/**
 * Fits what is not known about a pot to its readings.
 *
 * <p>Maximum a posteriori by Gauss–Newton: minimise Σ ρ(rᵢ/σᵢ) + ρ(θ_m/σ_m) + ½ Σ ((θⱼ − μⱼ)/σⱼ)²,
 * with ρ(z) = ½ν ln(1 + z²/ν), as wide in its tails as Student's t, so that one wild reading is
 * outvoted and shown rather than swallowed, and so that readings can say that much more or less
 * went into the pot than planned. So the posterior may have several modes: the fit starts from the
 * plan and from the plain least squares, and keeps every mode with its weight exp(−cost)·√det Σ. σᵢ
 * is the instrument's own absolute error. A quantity is only in question when a reading tells of
 * it: solids by a refractometer, warmth by a probe, body by a plate.
 */
final class Correction {
  /** Weight of the mass's prior in the plain fit: ten times its deviation is allowed. */
  private static final double FREE = 0.01;

  private static final int ITERATIONS = 8;
  private static final double STEP = 1e-3;
  private static final double SETTLED = 1e-4;

  /** Of a reading: one in a hundred is far off. */
  private static final double READING_DEGREES = 4;

  /** Of what was put in: one pot in twenty holds a can more or less than planned (assumption). */
  private static final double MASS_DEGREES = 2;

  private static final double ODD = 4;
  private static final double SAME_MODE = 0.01;

  private final Program program;
  private final Prior prior;
  private final List<Reading> readings;
  private final List<Quantity> questions;
  private final double last;

  Correction(Program program, Prior prior, List<Reading> readings, List<Quantity> questions) {
    this.program = program;
    this.prior = prior;
    this.readings = readings;
    this.questions = questions;
    this.last = readings.stream().mapToDouble(Reading::seconds).max().orElse(0);
  }

  /** All modes, the most probable first. */
  List<PosteriorMode> modes() {
    double[] start = means();
    if (readings.isEmpty()) {
      RealMatrix precision = priorPrecision(start, true);
      CholeskyDecomposition held = new CholeskyDecomposition(precision);
      RealMatrix covariance = held.getSolver().getInverse();
      double logWeight = -Math.log(held.getDeterminant()) / 2;
      return List.of(new PosteriorMode(estimate(start), covariance, logWeight, List.of()));
    }
    List<double[]> bottoms = new ArrayList<>();
    bottoms.add(descend(start, true));
    double[] other = descend(descend(start, false), true);
    if (distance(bottoms.get(0), other) > SAME_MODE) {
      bottoms.add(other);
    }
    return bottoms.stream()
        .map(this::mode)
        .sorted(Comparator.comparing(PosteriorMode::logWeight).reversed())
        .toList();
  }

  private PosteriorMode mode(double[] bottom) {
    double[] scaled = scaledResiduals(bottom);
    CholeskyDecomposition precision =
        new CholeskyDecomposition(normal(bottom, scaled, true).precision());
    double logWeight = -cost(bottom) - Math.log(precision.getDeterminant()) / 2;
    return new PosteriorMode(
        estimate(bottom), symmetric(precision.getSolver().getInverse()), logWeight, odd(scaled));
  }

  /** Gauss–Newton steps downhill, with Student's weights or with all weights one. */
  private double[] descend(double[] from, boolean robust) {
    double[] at = from;
    for (int i = 0; i < ITERATIONS; i++) {
      Normal normal = normal(at, scaledResiduals(at), robust);
      RealVector move =
          new CholeskyDecomposition(normal.precision()).getSolver().solve(normal.slope());
      at = moved(at, move);
      if (move.getLInfNorm() < SETTLED) {
        break;
      }
    }
    return at;
  }

  /** Without the last bits by which the halves of a product differ. */
  private static RealMatrix symmetric(RealMatrix matrix) {
    return matrix.add(matrix.transpose()).scalarMultiply(0.5);
  }

  private record Normal(RealMatrix precision, RealVector slope) {}

  private Normal normal(double[] at, double[] scaled, boolean robust) {
    RealMatrix jacobian = jacobian(at, scaled);
    double[] weights = new double[scaled.length];
    for (int i = 0; i < scaled.length; i++) {
      weights[i] = robust ? weight(scaled[i], READING_DEGREES) : 1;
    }
    RealMatrix weighted = jacobian.transposeMultiply(MatrixUtils.createRealDiagonalMatrix(weights));
    RealMatrix held = priorPrecision(at, robust);
    double[] away = at.clone();
    for (int j = 0; j < away.length; j++) {
      away[j] -= prior.mean(questions.get(j));
    }
    RealVector slope =
        weighted
            .operate(MatrixUtils.createRealVector(scaled))
            .subtract(held.operate(MatrixUtils.createRealVector(away)));
    RealMatrix precision = weighted.multiply(jacobian).add(held);
    return new Normal(symmetric(precision), slope);
  }

  private RealMatrix priorPrecision(double[] at, boolean robust) {
    double[] precisions = new double[at.length];
    for (int j = 0; j < at.length; j++) {
      double z = standing(at, j);
      double deviation = prior.deviation(questions.get(j));
      double weight = robust ? weight(z, MASS_DEGREES) : FREE;
      precisions[j] = (questions.get(j) == Quantity.MASS ? weight : 1) / (deviation * deviation);
    }
    return MatrixUtils.createRealDiagonalMatrix(precisions);
  }

  /** Distance of a value from what was believed, in standard deviations. */
  private double standing(double[] at, int j) {
    Quantity quantity = questions.get(j);
    return (at[j] - prior.mean(quantity)) / prior.deviation(quantity);
  }

  private double cost(double[] at) {
    double cost = 0;
    for (double residual : scaledResiduals(at)) {
      cost += stray(residual, READING_DEGREES);
    }
    for (int j = 0; j < at.length; j++) {
      double z = standing(at, j);
      cost += questions.get(j) == Quantity.MASS ? stray(z, MASS_DEGREES) : z * z / 2;
    }
    return cost;
  }

  private static double stray(double z, double degrees) {
    return degrees / 2 * Math.log1p(z * z / degrees);
  }

  private static double weight(double z, double degrees) {
    return degrees / (degrees + z * z);
  }

  private double[] moved(double[] at, RealVector move) {
    double[] next = at.clone();
    for (int j = 0; j < next.length; j++) {
      double most = questions.get(j) == Quantity.WARMTH ? 4 : 0.7;
      next[j] += Math.max(-most, Math.min(most, move.getEntry(j)));
    }
    return next;
  }

  /** Derivatives of the predicted readings, each divided by its error. */
  private RealMatrix jacobian(double[] at, double[] scaled) {
    RealMatrix jacobian = MatrixUtils.createRealMatrix(readings.size(), at.length);
    for (int j = 0; j < at.length; j++) {
      double[] shifted = at.clone();
      shifted[j] += STEP;
      double[] there = scaledResiduals(shifted);
      for (int i = 0; i < scaled.length; i++) {
        jacobian.setEntry(i, j, (scaled[i] - there[i]) / STEP);
      }
    }
    return jacobian;
  }

  /** Read minus predicted, in units of each instrument's error. */
  private double[] scaledResiduals(double[] at) {
    ParameterEstimate estimate = estimate(at);
    ReductionCurve fall = Reduction.during(program, last + 1, estimate.unknowns(0));
    return readings.stream()
        .mapToDouble(
            reading ->
                (reading.value()
                        - reading.predicted(fall.at(reading.seconds()), estimate.bodyFactor()))
                    / reading.deviation())
        .toArray();
  }

  private double[] means() {
    return questions.stream().mapToDouble(prior::mean).toArray();
  }

  private ParameterEstimate estimate(double[] at) {
    Map<Quantity, Double> values = new EnumMap<>(Quantity.class);
    for (int j = 0; j < at.length; j++) {
      values.put(questions.get(j), at[j]);
    }
    return new ParameterEstimate(values);
  }

  private double distance(double[] a, double[] b) {
    double most = 0;
    for (int j = 0; j < a.length; j++) {
      most = Math.max(most, Math.abs(a[j] - b[j]) / prior.deviation(questions.get(j)));
    }
    return most;
  }

  private List<String> odd(double[] scaled) {
    List<String> odd = new ArrayList<>();
    for (int i = 0; i < scaled.length; i++) {
      if (Math.abs(scaled[i]) > ODD) {
        odd.add(readings.get(i).key());
      }
    }
    return odd;
  }
}
