package urnstew.core.correction;

import java.util.List;
import urnstew.core.reduction.ReductionCurve;

/**
 * The fall of a pot with its band: nine pots in ten are thick enough between early and late.
 *
 * @param likely the most probable fall
 * @param early the fast edge of the band
 * @param late the slow edge of the band
 * @param estimate what is taken to be true of the pot
 * @param oddReadings keys of readings that do not go with the others
 */
public record Prediction(
    ReductionCurve likely,
    ReductionCurve early,
    ReductionCurve late,
    ParameterEstimate estimate,
    List<String> oddReadings) {
  public Prediction {
    oddReadings = List.copyOf(oddReadings);
  }

  /** The most probable curve and estimate, without the band. */
  public MostProbable likeliest() {
    return new MostProbable(likely, estimate);
  }
}
