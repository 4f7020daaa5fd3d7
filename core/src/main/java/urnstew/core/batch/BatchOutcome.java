package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.units.Mass;

/**
 * Plan against outcome.
 *
 * @param plannedEnd when the plan said it would be thick enough
 * @param end when it came off the heat
 * @param plannedMass what the plan said would come out
 * @param finalMass what came out, if it was weighed
 * @param evaporationFactor rate of this pot against the assumed, as last corrected
 */
public record BatchOutcome(
    Instant plannedEnd,
    Instant end,
    Mass plannedMass,
    Optional<Mass> finalMass,
    double evaporationFactor) {

  /** The outcome of a batch that came off the heat. */
  public static BatchOutcome of(
      Finished finished, Instant plannedEnd, Mass plannedMass, Forecast forecast) {
    return new BatchOutcome(
        plannedEnd,
        finished.at(),
        plannedMass,
        finished.finalMass(),
        forecast.prediction().unknowns().evaporation());
  }

  /** How much later than planned; negative when earlier. */
  public Duration late() {
    return Duration.between(plannedEnd, end);
  }
}
