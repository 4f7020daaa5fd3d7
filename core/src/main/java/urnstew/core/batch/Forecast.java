package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import urnstew.core.correction.Advisor.Advice;
import urnstew.core.correction.Prediction;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;

/**
 * What is expected of a batch, given everything that happened.
 *
 * @param simmerStartedAt origin of the prediction's seconds
 * @param prediction the corrected fall with its band
 * @param kilogramsPerHour water leaving, around the last reading or the middle of the fall
 * @param stirEvery how often to stir to the floor around then
 * @param lines the formula's lines as poured
 * @param marks where each reading lies on the fall line
 * @param steps what is to be done next, in the order of time
 * @param doubts what was due and nobody said was done
 * @param reckonAgainAt when it is to be reckoned anew though nobody wrote to the pot
 * @param end what will be in the pot after the finish
 * @param beside pieces that the formula took out by then, and that are eaten with it
 * @param saltShare of that
 * @param portions servings in it
 * @param advice the reading that would tell most
 * @param readings how many readings counted
 * @param cautions what the pot gives away
 * @param workings how the figures came about
 */
public record Forecast(
    Instant simmerStartedAt,
    Prediction prediction,
    double kilogramsPerHour,
    Duration stirEvery,
    List<BatchLine> lines,
    List<ReadingMark> marks,
    List<NextStep> steps,
    List<Doubt> doubts,
    Optional<Instant> reckonAgainAt,
    PotContents end,
    Mass beside,
    double saltShare,
    double portions,
    Optional<Advice> advice,
    int readings,
    List<Caution> cautions,
    List<Working> workings) {
  /**
   * A reading as a mass.
   *
   * @param key of the reading
   * @param seconds since the simmer started
   * @param kilograms it was weighed at, or that its depth stands for, or of the fall at its moment
   * @param ofMass whether the reading says how much there is: a weighing or a dip
   */
  public record ReadingMark(String key, double seconds, double kilograms, boolean ofMass) {}

  /**
   * Something that was due and of which nobody said that it was done. The band holds both.
   *
   * @param step key of it
   * @param doneShare how likely it is that it was, by the readings; even where none tells
   */
  public record Doubt(String step, double doneShare) {}

  public Forecast {
    doubts = List.copyOf(doubts);
    marks = List.copyOf(marks);
    steps = List.copyOf(steps);
    lines = List.copyOf(lines);
    cautions = List.copyOf(cautions);
    workings = List.copyOf(workings);
  }

  /** The marks, thinned to so many as can be drawn. */
  public List<ReadingMark> drawn(int most) {
    return Thinned.extremes(marks, most, ReadingMark::kilograms);
  }
}
