package urnstew.core.cooling;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import urnstew.core.explain.Working;

/**
 * What is known of one cooling at a moment.
 *
 * @param verdict of all marks together
 * @param action what it asks for now
 * @param clockFrom earliest moment at which the clock can have started or will start; empty if it
 *     never will within two days
 * @param clockRuns whether that is past
 * @param marks of the rule, in their order
 * @param likely course of its warmest place from the start
 * @param slow the slow side, from the last reading on
 * @param speedFactor how much faster than assumed the readings say it cools; 1 without readings
 */
public record CoolingOutlook(
    CoolingVerdict verdict,
    CorrectiveAction action,
    Optional<Instant> clockFrom,
    boolean clockRuns,
    List<MarkOutlook> marks,
    CoolingCourse likely,
    CoolingCourse slow,
    double speedFactor) {
  public CoolingOutlook {
    marks = List.copyOf(marks);
  }

  /** How the hours came about. */
  public Working working(CoolingSauce sauce, CoolingSetup setup) {
    return CoolingWorking.of(sauce, setup, speedFactor);
  }
}
