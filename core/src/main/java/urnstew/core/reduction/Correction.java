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
 * <p>Maximum a posteriori by Gauss–Newton: minimise Σ ρ(rᵢ/σᵢ) + ρ(θ_m/σ_m) + ½ Σ (θⱼ/σⱼ)², with
 * ρ(z) = ½(ν + 1) ln(1 + z²/ν), Student's t of four degrees, so that one wild reading is outvoted
 * and shown rather than swallowed, and so that readings which agree can say that much more or less
 * went into the pot than planned. That has two valleys, so the fit starts from the plan and from
 * the plain least squares, and the deeper one is taken. σᵢ is the instrument's own absolute error.
 * Range: any readings in the first 24 hours.
 */
final class Correction {
  private static final int UNKNOWNS = 3;

  /** Place of the mass among the unknowns. */
  private static final int MASS = 2;

  /** Weight of the mass's prior in the plain fit: ten times its deviation is allowed. */
  private static final double FREE = 0.01;

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
    if (readings.isEmpty()) {
      RealMatrix covariance = MatrixUtils.createRealDiagonalMatrix(prior.variances());
      return new Fit(new double[UNKNOWNS], covariance, List.of());
    }
    double[] plain = descend(new double[UNKNOWNS], false);
    double[] fromThere = descend(plain, true);
    double[] fromThePlan = descend(new double[UNKNOWNS], true);
    double[] logs = cost(fromThere) < cost(fromThePlan) ? fromThere : fromThePlan;
    double[] scaled = scaledResiduals(logs);
    RealMatrix precision = normal(logs, scaled, true).precision();
    RealMatrix covariance = new CholeskyDecomposition(precision).getSolver().getInverse();
    covariance.addToEntry(0, 0, DRIFT * DRIFT);
    covariance.addToEntry(1, 1, setting.level().heatLimited() ? DRIFT * DRIFT : 0);
    return new Fit(logs, covariance, odd(scaled));
  }

  /** Gauss–Newton steps downhill, with Student's weights or with all weights one. */
  private double[] descend(double[] from, boolean robust) {
    double[] logs = from;
    for (int i = 0; i < ITERATIONS; i++) {
      Normal normal = normal(logs, scaledResiduals(logs), robust);
      RealVector move =
          new CholeskyDecomposition(normal.precision()).getSolver().solve(normal.slope());
      logs = moved(logs, move);
      if (move.getLInfNorm() < 1e-5) {
        break;
      }
    }
    return logs;
  }

  private record Normal(RealMatrix precision, RealVector slope) {}

  private Normal normal(double[] logs, double[] scaled, boolean robust) {
    RealMatrix jacobian = jacobian(logs, scaled);
    double[] weights = new double[scaled.length];
    for (int i = 0; i < scaled.length; i++) {
      weights[i] = robust ? weight(scaled[i]) : 1;
    }
    RealMatrix weighted = jacobian.transposeMultiply(MatrixUtils.createRealDiagonalMatrix(weights));
    RealMatrix held = priorPrecision(logs, robust);
    RealVector slope =
        weighted
            .operate(MatrixUtils.createRealVector(scaled))
            .subtract(held.operate(MatrixUtils.createRealVector(logs)));
    return new Normal(weighted.multiply(jacobian).add(held), slope);
  }

  private RealMatrix priorPrecision(double[] logs, boolean robust) {
    double[] variances = prior.variances();
    double massWeight = robust ? weight(logs[MASS] / Math.sqrt(variances[MASS])) : FREE;
    for (int i = 0; i < UNKNOWNS; i++) {
      variances[i] = (i == MASS ? massWeight : 1) / variances[i];
    }
    return MatrixUtils.createRealDiagonalMatrix(variances);
  }

  private double cost(double[] logs) {
    double[] variances = prior.variances();
    double cost = 0;
    for (double residual : scaledResiduals(logs)) {
      cost += student(residual);
    }
    for (int i = 0; i < UNKNOWNS; i++) {
      double z = logs[i] / Math.sqrt(variances[i]);
      cost += i == MASS ? student(z) : z * z / 2;
    }
    return cost;
  }

  private static double student(double z) {
    return (STUDENT_DEGREES + 1) / 2 * Math.log1p(z * z / STUDENT_DEGREES);
  }

  private static double weight(double z) {
    return (STUDENT_DEGREES + 1) / (STUDENT_DEGREES + z * z);
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
