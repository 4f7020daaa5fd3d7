package urnstew.core.reduction;

import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;
import urnstew.core.reduction.Correction.Fit;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;

/**
 * Predicts when a pot is thick enough, before and after readings.
 *
 * <p>The band is the first-order one: the edges are the falls with the unknowns moved by ±1.645
 * standard deviations of the finishing time along its gradient, θ ± 1.645·Σg/√(gᵀΣg).
 */
public final class Reduction {
  private static final double NINE_TENTHS = 1.645;
  private static final double STEP = 0.02;

  private Reduction() {}

  /**
   * Predicts one pot.
   *
   * @param setting where and how it simmers
   * @param start contents when the simmer starts
   * @param target solids share at which it is thick enough
   * @param readings taken so far; may be empty
   */
  public static Prediction predict(
      SimmerSetting setting, Composition start, MassFraction target, List<Reading> readings) {
    Prior prior = Prior.of(setting.heatSource().kind());
    Fit fit = new Correction(setting, start, prior, readings).fit();
    Trajectory likely = fall(setting, start, target, fit.logs());
    double[] offset = bandOffset(setting, start, target, fit, likely);
    return new Prediction(
        likely,
        fall(setting, start, target, shifted(fit.logs(), offset, -1)),
        fall(setting, start, target, shifted(fit.logs(), offset, 1)),
        Unknowns.ofLogs(fit.logs()),
        fit.odd());
  }

  /** One fall with given unknowns, without a band. */
  public static Trajectory fall(
      SimmerSetting setting, Composition start, MassFraction target, Unknowns unknowns) {
    return new PotModel(setting, start, unknowns).untilThick(target);
  }

  private static double[] bandOffset(
      SimmerSetting setting, Composition start, MassFraction target, Fit fit, Trajectory likely) {
    double[] gradient = new double[fit.logs().length];
    if (likely.outcome() instanceof Reaches reaches) {
      for (int i = 0; i < gradient.length; i++) {
        double[] logs = fit.logs().clone();
        logs[i] += STEP;
        if (fall(setting, start, target, logs).outcome() instanceof Reaches moved) {
          gradient[i] = (moved.after().toMillis() - reaches.after().toMillis()) / (1000 * STEP);
        }
      }
    }
    RealVector towards = fit.covariance().operate(MatrixUtils.createRealVector(gradient));
    double deviation = Math.sqrt(towards.dotProduct(MatrixUtils.createRealVector(gradient)));
    return deviation == 0
        ? new double[gradient.length]
        : towards.mapMultiply(NINE_TENTHS / deviation).toArray();
  }

  private static double[] shifted(double[] logs, double[] offset, int sign) {
    double[] shifted = logs.clone();
    for (int i = 0; i < shifted.length; i++) {
      shifted[i] += sign * offset[i];
    }
    return shifted;
  }

  private static Trajectory fall(
      SimmerSetting setting, Composition start, MassFraction target, double[] logs) {
    return fall(setting, start, target, Unknowns.ofLogs(logs));
  }
}
