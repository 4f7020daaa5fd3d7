package urnstew.core.batch;

import java.time.Instant;
import urnstew.units.Require;

/**
 * Time of one batch. Practice batches run faster than the kitchen's clock.
 *
 * @param startedAt when the burner was lit
 * @param timeScale seconds of the batch for each second of the clock, 1 to 600
 */
public record BatchClock(Instant startedAt, int timeScale) {
  public BatchClock {
    Require.within("timeScale", timeScale, 1, 600, "");
  }

  /** Time of the batch at a moment of the clock, s. */
  public double secondsAt(Instant moment) {
    return java.time.Duration.between(startedAt, moment).toMillis() / 1000.0 * timeScale;
  }

  /** Moment of the clock at a time of the batch. */
  public Instant at(double seconds) {
    return startedAt.plusMillis(Math.round(seconds * 1000 / timeScale));
  }
}
