package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;

/** The hours of a plan. */
public sealed interface Timing {
  /**
   * It gets thick enough.
   *
   * @param lightAt when to light the burner
   * @param simmerAt when the tomatoes go in
   * @param thickAt when it is most likely thick enough
   * @param earliest fast edge of the band
   * @param latest slow edge of the band
   * @param spareAtWorst what is left before the wanted hour at the slow edge; negative when late
   */
  record Scheduled(
      Instant lightAt,
      Instant simmerAt,
      Instant thickAt,
      Instant earliest,
      Instant latest,
      Duration spareAtWorst)
      implements Timing {}

  /**
   * It does not.
   *
   * @param why the reason in a cook's words
   */
  record NotReached(String why) implements Timing {}
}
