package urnstew.core.plan;

import java.time.Duration;
import urnstew.units.Mass;

/**
 * Another way, where time or hands are short: to the same thickness, or with what gives.
 *
 * @param kind what is done otherwise
 * @param what in a cook's words
 * @param cost what it takes
 * @param simmer how long it would simmer
 * @param inputs the plan with it
 * @param amount paste or water that goes in more; zero for other kinds
 */
public record Alternative(
    Kind kind, String what, String cost, Duration simmer, PlanInputs inputs, Mass amount) {
  /** What can be done otherwise. */
  public enum Kind {
    LEVEL,
    LID,
    POT,
    SPLIT,
    PASTE,
    WATER,
    /** Thinner than wanted, so that it is in time. */
    THINNER,
    /** For fewer eaters, so that it is in time. */
    FEWER,
    /** The hour gives. */
    LATER_HOUR
  }
}
