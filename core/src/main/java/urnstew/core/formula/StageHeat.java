package urnstew.core.formula;

import java.util.Optional;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.SimmerLevel;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * How hot a stage is, as a cook says it.
 *
 * @param level fire, or how the simmer looks
 * @param oven oven temperature, 60 to 300 °C; with {@code OVEN} and only with it
 * @param fan whether the oven's air is moved
 * @param burnerShare of the highest setting; with {@code BURNER} and only with it
 */
public record StageHeat(
    Level level, Optional<Temperature> oven, boolean fan, Optional<MassFraction> burnerShare) {

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
    if (burnerShare.isPresent() != (level == Level.BURNER)) {
      throw new InvalidInput(
          "burnerShare",
          "burner-only",
          "A share of the burner belongs to a burner that is set and left, and to nothing else.",
          "0 to 100 % with a set burner",
          "Choose the set burner and type its share, or choose another heat.");
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
    OVEN,
    /** The burner is set to a share and left. */
    BURNER
  }

  /** Without an oven. */
  public static StageHeat of(Level level) {
    return new StageHeat(level, Optional.empty(), false, Optional.empty());
  }

  /** In the oven. */
  public static StageHeat oven(Temperature air, boolean fan) {
    return new StageHeat(Level.OVEN, Optional.of(air), fan, Optional.empty());
  }

  /** The same for a pot on it: a low fire keeps a bare simmer, a medium one a gentle one. */
  public Heating heating() {
    return switch (level) {
      case LOW, BARE -> new SimmeredByEye(SimmerLevel.BARE);
      case MEDIUM, GENTLE -> new SimmeredByEye(SimmerLevel.GENTLE);
      case LIVELY -> new SimmeredByEye(SimmerLevel.LIVELY);
      case OFF -> BurnerSet.OFF;
      case HIGH, ROLLING -> BurnerSet.FULL;
      case OVEN -> new InOven(oven.orElseThrow(), fan);
      case BURNER -> new BurnerSet(burnerShare.orElseThrow());
    };
  }
}
