package urnstew.core.reduction;

import java.util.List;

/**
 * The fall of a pot with its band: nine pots in ten are thick enough between early and late.
 *
 * @param likely the most probable fall
 * @param early the fast edge of the band
 * @param late the slow edge of the band
 * @param unknowns factors that belong to the likely fall
 * @param oddReadings keys of readings that do not go with the others
 */
public record Prediction(
    Trajectory likely,
    Trajectory early,
    Trajectory late,
    Unknowns unknowns,
    List<String> oddReadings) {
  public Prediction {
    oddReadings = List.copyOf(oddReadings);
  }
}
