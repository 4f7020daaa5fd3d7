package urnstew.core.formula;

import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/** What ends a stage. Masses and volumes are those of the formula at its own size. */
public sealed interface StageEnd {
  /**
   * Nothing is said: a simmer goes on as one with the next simmer, and the last of them until it is
   * thick enough; any other stage takes its minutes.
   */
  record Unsaid() implements StageEnd {}

  /** Its minutes are over. */
  record Minutes() implements StageEnd {}

  /** A cue shows it; its minutes are the usual ones. */
  record Cue() implements StageEnd {}

  /** The last of its lines and pieces is in, or out. */
  record AllIn() implements StageEnd {}

  /** As thick as the formula is to be: it answers for the hour. */
  record Thick() implements StageEnd {}

  /**
   * As thick as this.
   *
   * @param solids that it thickens like, 1 to 30 %
   */
  record ThickAs(MassFraction solids) implements StageEnd {
    public ThickAs {
      Require.within("solids", solids.percent(), 1, 30, "%");
    }
  }

  /**
   * Down to a mass of all that is in the pot.
   *
   * @param mass at the formula's own size, 1 g to 500 kg
   */
  record DownToMass(Mass mass) implements StageEnd {
    public DownToMass {
      Require.within("mass", mass.grams(), 1, 500_000, "g");
    }
  }

  /**
   * Down to a volume of all that is in the pot.
   *
   * @param volume at the formula's own size, 1 ml to 500 l
   */
  record DownToVolume(Volume volume) implements StageEnd {
    public DownToVolume {
      Require.within("volume", volume.liters(), 0.001, 500, "l");
    }
  }

  /**
   * Down to a depth.
   *
   * @param depth in the pot that it is in, 1 mm to 1 m
   */
  record DownToDepth(Length depth) implements StageEnd {
    public DownToDepth {
      Require.within("depth", depth.millimeters(), 1, 1000, "mm");
    }
  }

  /**
   * As warm as this.
   *
   * @param temperature of the sauce, 0 to 110 °C
   */
  record Warm(Temperature temperature) implements StageEnd {
    public Warm {
      Require.within("temperature", temperature.celsius(), 0, 110, "°C");
    }
  }

  /** The same where the formula's own size is so many times as much. */
  default StageEnd times(double factor) {
    if (this instanceof DownToMass down) {
      return new DownToMass(down.mass().times(factor));
    }
    return this instanceof DownToVolume down
        ? new DownToVolume(new Volume(down.volume().cubicMeters() * factor))
        : this;
  }

  /** Whether the sauce itself says when it is over, and no clock. */
  default boolean isOfTheSauce() {
    return !(this instanceof Minutes || this instanceof Cue || this instanceof AllIn);
  }
}
