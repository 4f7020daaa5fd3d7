package urnstew.core.formula;

import java.util.Optional;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * How hot a stage is, as a cook says it.
 *
 * @param level fire, or how the simmer looks
 * @param oven oven temperature, 60 to 300 °C; with {@code OVEN} and only with it
 */
public record StageHeat(Level level, Optional<Temperature> oven) {
  public StageHeat {
    oven.ifPresent(air -> Require.within("ovenTemperature", air.celsius(), 60, 300, "°C"));
    if (oven.isPresent() != (level == Level.OVEN)) {
      throw new InvalidInput(
          "ovenTemperature",
          "oven-only",
          "An oven temperature belongs to a stage in the oven, and to no other.",
          "an oven temperature with the oven",
          "Choose the oven and type its temperature, or choose another heat.");
    }
  }

  /** The fire, or how the simmer looks. */
  public enum Level {
    OFF,
    LOW,
    MEDIUM,
    HIGH,
    BARE,
    GENTLE,
    LIVELY,
    ROLLING,
    OVEN
  }

  /** Without an oven. */
  public static StageHeat of(Level level) {
    return new StageHeat(level, Optional.empty());
  }
}
