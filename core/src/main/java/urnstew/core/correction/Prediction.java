package urnstew.core.correction;

import java.util.List;
import urnstew.core.reduction.Trajectory;

/**
 * The fall of a pot with its band: nine pots in ten are thick enough between early and late.
 *
 * @param likely the most probable fall
 * @param early the fast edge of the band
 * @param late the slow edge of the band
 * @param belief what is taken to be true of the pot
 * @param oddReadings keys of readings that do not go with the others
 */
public record Prediction(
    Trajectory likely, Trajectory early, Trajectory late, Belief belief, List<String> oddReadings) {
  public Prediction {
    oddReadings = List.copyOf(oddReadings);
  }

  /** The same without its band. */
  public Likeliest likeliest() {
    return new Likeliest(likely, belief);
  }
}
