package urnstew.core.lot;

import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.Volume;

/**
 * A closed tub, as a short cylinder.
 *
 * @param capacity up to the rim, 50 ml to 30 l
 * @param depth inside, 2 to 60 cm
 */
public record TubShape(Volume capacity, Length depth) {
  public TubShape {
    Require.within("capacity", capacity.liters(), 0.05, 30, "l");
    Require.within("depth", depth.meters(), 0.02, 0.6, "m");
  }

  /** A tub as deep as it is wide, where only its volume is known. */
  public static TubShape ofVolume(Volume capacity) {
    return new TubShape(capacity, new Length(Math.cbrt(4 * capacity.cubicMeters() / Math.PI)));
  }

  /** Across, m. */
  double diameterMeters() {
    return Math.sqrt(4 * capacity.cubicMeters() / (Math.PI * depth.meters()));
  }
}
