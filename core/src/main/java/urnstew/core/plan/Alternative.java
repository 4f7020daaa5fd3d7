package urnstew.core.plan;

import java.time.Duration;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.Mass;

/**
 * Another way to the same thickness.
 *
 * @param kind what is done otherwise
 * @param what in a cook's words
 * @param cost what it takes
 * @param simmer how long it would simmer
 * @param setting how and where
 * @param amount paste or water that goes in more; zero for other kinds
 */
public record Alternative(
    Kind kind, String what, String cost, Duration simmer, SimmerSetting setting, Mass amount) {
  /** What can be done otherwise. */
  public enum Kind {
    LEVEL,
    LID,
    POT,
    SPLIT,
    PASTE,
    WATER
  }
}
