package urnstew.core.correction;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;

/**
 * How far the finish of one mode may lie to either side.
 *
 * <p>With Σ = LLᵀ the model is run at θ ± k·Lⱼ along every axis j, k = 1.3. Each side takes from
 * each axis the move that leads its way: σ_late² = Σⱼ max(0, Δⱼ⁺, Δⱼ⁻)² and σ_early² likewise, so
 * that a knob that is held at its stop widens one side only. The edge is the fall at θ + 1.645·Σⱼ
 * (Δⱼ/σ)·Lⱼ.
 *
 * @param falls of the pot, if it went as this mode has it
 * @param mode the way to explain the readings
 * @param weight how likely it is against the others, 0 to 1
 * @param likely its most probable fall
 * @param towardsEarly what is moved for the early edge
 * @param towardsLate what is moved for the late edge
 */
record ModeBand(
    ReductionCurves falls,
    PosteriorMode mode,
    double weight,
    ReductionCurve likely,
    Map<Quantity, Double> towardsEarly,
    Map<Quantity, Double> towardsLate) {
  static final double NINE_TENTHS = 1.645;
  private static final double ALONG = 1.3;

  static ModeBand of(
      ReductionCurves falls, PosteriorMode mode, double weight, double driftDeviation) {
    ReductionCurve likely = falls.under(mode.estimate());
    Map<Quantity, Double> early = new EnumMap<>(Quantity.class);
    Map<Quantity, Double> late = new EnumMap<>(Quantity.class);
    if (likely.outcome() instanceof Reaches) {
      Side earlySide = new Side(-1);
      Side lateSide = new Side(1);
      double finish = ReductionCurves.finish(likely);
      for (Map<Quantity, Double> axis : axes(mode, falls, driftDeviation)) {
        double up =
            ReductionCurves.finish(falls.under(moved(mode.estimate(), axis, ALONG))) - finish;
        double down =
            ReductionCurves.finish(falls.under(moved(mode.estimate(), axis, -ALONG))) - finish;
        earlySide.add(axis, up, down);
        lateSide.add(axis, up, down);
      }
      early = earlySide.offset();
      late = lateSide.offset();
    }
    return new ModeBand(falls, mode, weight, likely, early, late);
  }

  /** Columns of L, and the drift as an axis of its own. */
  private static List<Map<Quantity, Double>> axes(
      PosteriorMode mode, ReductionCurves falls, double driftDeviation) {
    RealMatrix lower = new CholeskyDecomposition(mode.covariance()).getL();
    List<Map<Quantity, Double>> axes = new ArrayList<>();
    for (int j = 0; j < lower.getColumnDimension(); j++) {
      Map<Quantity, Double> axis = new EnumMap<>(Quantity.class);
      for (int i = 0; i < lower.getRowDimension(); i++) {
        axis.put(falls.questions().get(i), lower.getEntry(i, j));
      }
      axes.add(axis);
    }
    if (driftDeviation > 0) {
      axes.add(Map.of(Quantity.DRIFT, driftDeviation));
    }
    return axes;
  }

  /** The fall with everything moved by so many times 1.645 standard deviations. */
  ReductionCurve shifted(double times) {
    Map<Quantity, Double> offset = times < 0 ? towardsEarly : towardsLate;
    return falls.under(moved(mode.estimate(), offset, Math.abs(times)));
  }

  SplitNormalMixture.SplitNormal bell() {
    double finish = ReductionCurves.finish(likely);
    return new SplitNormalMixture.SplitNormal(
        weight,
        finish,
        (finish - ReductionCurves.finish(shifted(-1))) / NINE_TENTHS,
        (ReductionCurves.finish(shifted(1)) - finish) / NINE_TENTHS);
  }

  static ParameterEstimate moved(ParameterEstimate from, Map<Quantity, Double> by, double times) {
    Map<Quantity, Double> values = new EnumMap<>(from.values());
    by.forEach((quantity, step) -> values.merge(quantity, times * step, Double::sum));
    return new ParameterEstimate(values);
  }

  /** Gathers what leads to one side. */
  private static final class Side {
    private final int sign;
    private final Map<Quantity, Double> towards = new EnumMap<>(Quantity.class);
    private double variance;

    Side(int sign) {
      this.sign = sign;
    }

    void add(Map<Quantity, Double> axis, double up, double down) {
      double led = Math.max(0, Math.max(sign * up, sign * down)) / ALONG;
      double way = sign * up >= sign * down ? 1 : -1;
      variance += led * led;
      axis.forEach((quantity, step) -> towards.merge(quantity, way * led * step, Double::sum));
    }

    Map<Quantity, Double> offset() {
      double scale = variance == 0 ? 0 : NINE_TENTHS / Math.sqrt(variance);
      towards.replaceAll((quantity, step) -> step * scale);
      return towards;
    }
  }
}
