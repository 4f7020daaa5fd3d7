package urnstew.core.correction;

import java.util.List;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;

/**
 * The falls of one pot under this or that estimate.
 *
 * @param program what is done to it
 * @param target when it is thick enough
 * @param questions what is not known
 * @param lastReading s; from here rate and flame may wander
 */
record ReductionCurves(
    Program program, Target target, List<Quantity> questions, double lastReading) {
  private static final double NEVER_SECONDS = 86_400;

  ReductionCurve under(ParameterEstimate estimate) {
    return Reduction.untilThick(
        program, target.equivalentSolids(estimate.bodyFactor()), estimate.unknowns(lastReading));
  }

  /** Seconds until it is thick enough; a day where it never is. */
  static double finish(ReductionCurve fall) {
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toMillis() / 1000.0
        : NEVER_SECONDS;
  }
}
