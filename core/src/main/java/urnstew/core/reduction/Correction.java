package urnstew.core.reduction;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import urnstew.core.thermo.Composition;

/**
 * Fits the unknowns of a pot to its readings.
 *
 * <p>Maximum a posteriori with log-normal priors: minimise Σ wᵢ(rᵢ/σᵢ)² + θᵀΣ₀⁻¹θ by Gauss–Newton,
 * with weights wᵢ = 5/(4 + (rᵢ/σᵢ)²) (Student's t, four degrees) so that one wild reading is
 * outvoted and shown rather than swallowed. σᵢ is the instrument's own absolute error. Range: any
 * readings in the first 24 hours.
 */
final class Correction {
  private static final int UNKNOWNS = 3;
  private static final int ITERATIONS = 8;
  private static final double STEP = 1e-3;
  private static final double STUDENT_DEGREES = 4;
  private static final double ODD = 4;

  /** A burner and a cook's hand drift by about this much of the rate (assumption). */
  private static final double DRIFT = 0.05;

  private final SimmerSetting setting;
  private final Composition start;
  private final Prior prior;
  private final List<Reading> readings;

  Correction(SimmerSetting setting, Composition start, Prior prior, List<Reading> readings) {
    this.setting = setting;
    this.start = start;
    this.prior = prior;
    this.readings = readings;
  }

  /**
   * The fit.
   *
   * @param logs logarithms of the unknowns
   * @param covariance of the logarithms
   * @param odd keys of readings that do not go with the others
   */
  record Fit(double[] logs, RealMatrix covariance, List<String> odd) {}

  Fit fit() {
    double[] logs = new double[UNKNOWNS];
    RealMatrix precision = priorPrecision();
    if (readings.isEmpty()) {
      return new Fit(logs, MatrixUtils.createRealDiagonalMatrix(prior.variances()), List.of());
    }
    double[] scaled = scaledResiduals(logs);
    for (int i = 0; i < ITERATIONS; i++) {
      RealMatrix jacobian = jacobian(logs, scaled);
      RealMatrix weights = MatrixUtils.createRealDiagonalMatrix(weights(scaled));
      RealMatrix weighted = jacobian.transposeMultiply(weights);
      precision = weighted.multiply(jacobian).add(priorPrecision());
      RealVector slope =
          weighted
              .operate(MatrixUtils.createRealVector(scaled))
              .subtract(priorPrecision().operate(MatrixUtils.createRealVector(logs)));
      RealVector move = new CholeskyDecomposition(precision).getSolver().solve(slope);
      logs = moved(logs, move);
      scaled = scaledResiduals(logs);
      if (move.getLInfNorm() < 1e-5) {
        break;
      }
    }
    RealMatrix covariance = new CholeskyDecomposition(precision).getSolver().getInverse();
    covariance.addToEntry(0, 0, DRIFT * DRIFT);
    covariance.addToEntry(1, 1, setting.level().heatLimited() ? DRIFT * DRIFT : 0);
    return new Fit(logs, covariance, odd(scaled));
  }

  private RealMatrix priorPrecision() {
    double[] variances = prior.variances();
    for (int i = 0; i < UNKNOWNS; i++) {
      variances[i] = 1 / variances[i];
    }
    return MatrixUtils.createRealDiagonalMatrix(variances);
  }

  private static double[] moved(double[] logs, RealVector move) {
    double[] next = logs.clone();
    for (int i = 0; i < UNKNOWNS; i++) {
      next[i] += Math.max(-0.7, Math.min(0.7, move.getEntry(i)));
    }
    return next;
  }

  /** Derivatives of the predicted readings, each divided by its error. */
  private RealMatrix jacobian(double[] logs, double[] scaled) {
    RealMatrix jacobian = MatrixUtils.createRealMatrix(readings.size(), UNKNOWNS);
    for (int j = 0; j < UNKNOWNS; j++) {
      double[] shifted = logs.clone();
      shifted[j] += STEP;
      double[] there = scaledResiduals(shifted);
      for (int i = 0; i < scaled.length; i++) {
        jacobian.setEntry(i, j, (scaled[i] - there[i]) / STEP);
      }
    }
    return jacobian;
  }

  /** Read minus predicted, in units of each instrument's error. */
  private double[] scaledResiduals(double[] logs) {
    double last = readings.stream().mapToDouble(Reading::seconds).max().orElse(0);
    Trajectory fall =
        new PotModel(setting, start, Unknowns.ofLogs(logs))
            .during(Duration.ofMillis((long) (last * 1000) + 1));
    return readings.stream().mapToDouble(reading -> scaledResidual(reading, fall)).toArray();
  }

  private static double scaledResidual(Reading reading, Trajectory fall) {
    if (reading instanceof Reading.Weighing weighing) {
      double predicted = fall.massAt(weighing.seconds()).kilograms();
      return (weighing.net().kilograms() - predicted) / weighing.error().kilograms();
    }
    Reading.Dip dip = (Reading.Dip) reading;
    double predicted = fall.depthAt(dip.seconds()).meters();
    return (dip.depth().meters() - predicted) / dip.error().meters();
  }

  private static double[] weights(double[] scaled) {
    double[] weights = new double[scaled.length];
    for (int i = 0; i < scaled.length; i++) {
      weights[i] = (STUDENT_DEGREES + 1) / (STUDENT_DEGREES + scaled[i] * scaled[i]);
    }
    return weights;
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
