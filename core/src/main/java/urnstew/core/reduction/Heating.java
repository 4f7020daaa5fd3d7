package urnstew.core.reduction;

import java.util.Locale;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** How a pot gets its heat. A lid means little on a set burner and much on a simmer kept by eye. */
public sealed interface Heating {
  /** As a cook would say it. */
  String inWords();

  /**
   * A simmer kept by eye: heated on all the burner gives, then the cook turns the knob.
   *
   * @param level how it is to look
   */
  record SimmeredByEye(SimmerLevel level) implements Heating {
    @Override
    public String inWords() {
      return level.name().toLowerCase(Locale.ROOT);
    }
  }

  /**
   * A burner that is set and left.
   *
   * @param share of the highest setting, 0 for off
   */
  record BurnerSet(MassFraction share) implements Heating {
    /** The highest setting: rolling. */
    public static final BurnerSet FULL = new BurnerSet(new MassFraction(1));

    /** No heat. */
    public static final BurnerSet OFF = new BurnerSet(new MassFraction(0));

    @Override
    public String inWords() {
      if (share.value() == 0) {
        return "off";
      }
      return share.value() == 1
          ? "rolling"
          : String.format(Locale.ROOT, "burner at %.0f %%", share.percent());
    }
  }

  /**
   * In the oven.
   *
   * @param air oven temperature, 60 to 300 °C
   * @param fan whether the air is moved
   */
  record InOven(Temperature air, boolean fan) implements Heating {
    public InOven {
      Require.within("ovenTemperature", air.celsius(), 60, 300, "°C");
    }

    @Override
    public String inWords() {
      return String.format(Locale.ROOT, "oven %.0f °C", air.celsius());
    }
  }
}
