package urnstew.core.batch;

import java.time.Instant;
import java.util.List;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Prediction;

/**
 * What is expected of a batch, given its readings.
 *
 * @param simmerStartedAt origin of the prediction's seconds
 * @param prediction the corrected fall with its band
 * @param kilogramsPerHour water leaving, around the last reading or the middle of the fall
 * @param readings how many readings counted
 * @param cautions what the readings give away
 * @param workings how the figures came about
 */
public record Forecast(
    Instant simmerStartedAt,
    Prediction prediction,
    double kilogramsPerHour,
    int readings,
    List<Caution> cautions,
    List<Working> workings) {
  public Forecast {
    cautions = List.copyOf(cautions);
    workings = List.copyOf(workings);
  }
}
