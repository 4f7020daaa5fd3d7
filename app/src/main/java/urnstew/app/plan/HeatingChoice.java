package urnstew.app.plan;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.SimmerLevel;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * How a cook says that a pot is heated.
 *
 * @param way a simmer kept by eye, a burner set and left, or the oven
 * @param burnerShare of the highest setting, where the burner is set
 * @param ovenCelsius where it is in the oven
 * @param ovenId which oven, where the kitchen's are written down
 * @param fan whether the oven's air is moved
 */
public record HeatingChoice(
    @NotNull Way way,
    @Nullable Double burnerShare,
    @Nullable Double ovenCelsius,
    @Nullable UUID ovenId,
    boolean fan) {
  /** The ways. */
  public enum Way {
    BARE,
    GENTLE,
    LIVELY,
    /** At the boil, on everything the burner gives. */
    ROLLING,
    /** The burner is set to a share and left. */
    BURNER,
    OVEN,
    OFF
  }

  Heating heating() {
    return switch (way) {
      case BARE -> new SimmeredByEye(SimmerLevel.BARE);
      case GENTLE -> new SimmeredByEye(SimmerLevel.GENTLE);
      case LIVELY -> new SimmeredByEye(SimmerLevel.LIVELY);
      case ROLLING -> BurnerSet.FULL;
      case OFF -> BurnerSet.OFF;
      case BURNER -> {
        double share = given("heating.burnerShare", burnerShare);
        yield at("heating.burnerShare", () -> new BurnerSet(new MassFraction(share)));
      }
      case OVEN -> {
        double celsius = given("heating.ovenCelsius", ovenCelsius);
        yield at("heating.ovenCelsius", () -> new InOven(new Temperature(celsius), fan));
      }
    };
  }

  /** As a cook would say it. */
  public String inWords() {
    return heating().inWords();
  }

  /** The same choice, read back from a setting. */
  public static HeatingChoice of(Heating heating) {
    if (heating instanceof SimmeredByEye kept) {
      return new HeatingChoice(Way.valueOf(kept.level().name()), null, null, null, false);
    }
    if (heating instanceof InOven oven) {
      return new HeatingChoice(Way.OVEN, null, oven.air().celsius(), null, oven.fan());
    }
    double share = ((BurnerSet) heating).share().value();
    Way way = share == 0 ? Way.OFF : share == 1 ? Way.ROLLING : Way.BURNER;
    return new HeatingChoice(way, share, null, null, false);
  }

  private static double given(String field, @Nullable Double value) {
    if (value == null) {
      throw new InvalidInput(
          field, "missing", "This way of heating needs a number.", "a number", "Type it.");
    }
    return value;
  }
}
