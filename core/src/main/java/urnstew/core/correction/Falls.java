package urnstew.core.correction;

import java.util.List;
import urnstew.core.correction.Belief.Quantity;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.Trajectory;

/**
 * The falls of one pot under this or that belief.
 *
 * @param program what is done to it
 * @param target when it is thick enough
 * @param questions what is not known
 * @param lastReading s; from here rate and flame may wander
 */
record Falls(Program program, Target target, List<Quantity> questions, double lastReading) {
  private static final double NEVER_SECONDS = 86_400;

  Trajectory under(Belief belief) {
    return Reduction.untilThick(
        program, target.thickness(belief.body()), belief.unknowns(lastReading));
  }

  /** Seconds until it is thick enough; a day where it never is. */
  static double finish(Trajectory fall) {
    return fall.outcome() instanceof Reaches reaches
        ? reaches.after().toMillis() / 1000.0
        : NEVER_SECONDS;
  }
}
