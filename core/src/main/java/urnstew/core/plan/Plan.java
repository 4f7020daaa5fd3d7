package urnstew.core.plan;

import java.util.List;
import java.util.Optional;
import urnstew.core.correction.Prediction;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.formula.AlcoholLeft;
import urnstew.core.reduction.Phase;
import urnstew.core.sizing.BatchSize;

/**
 * One batch, computed.
 *
 * @param size what goes in and what comes out
 * @param fit how it stands in the pot
 * @param preparation what happens in the pot before the simmer
 * @param phases of the simmer, as they are planned
 * @param prediction the fall of the pot
 * @param alcoholLeft of what goes in with wine, where it does
 * @param timing the hours
 * @param cautions warnings that matter
 * @param workings how the figures came about
 */
public record Plan(
    BatchSize size,
    PotFit fit,
    Preparation preparation,
    List<Phase> phases,
    Prediction prediction,
    Optional<AlcoholLeft> alcoholLeft,
    Timing timing,
    List<Caution> cautions,
    List<Working> workings) {
  public Plan {
    phases = List.copyOf(phases);
    cautions = List.copyOf(cautions);
    workings = List.copyOf(workings);
  }
}
