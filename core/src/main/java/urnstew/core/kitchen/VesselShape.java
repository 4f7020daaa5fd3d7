package urnstew.core.kitchen;

import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Volume;

/** Inside of a vessel: how depth, volume, surface and wall belong together. */
public sealed interface VesselShape permits RoundShape, RectangularShape {
  /** Inside, from floor to rim. */
  Length depth();

  /** Floor on which the heat enters. */
  Area floor();

  /** Free surface when filled to this depth. */
  Area surfaceAt(Length filled);

  /** Wall wetted when filled to this depth. */
  Area wallAt(Length filled);

  /** Volume below a depth, m³; for kernels. */
  double cubicMetersAt(double meters);

  /** Depth of a volume, m; for kernels. */
  double metersAt(double cubicMeters);

  /** Volume up to the rim. */
  default Volume capacity() {
    return new Volume(cubicMetersAt(depth().meters()));
  }

  /** Volume when filled to this depth. */
  default Volume volumeAt(Length filled) {
    if (filled.compareTo(depth()) > 0) {
      throw new InvalidInput(
          "depth",
          "deeper-than-vessel",
          String.format(
              "A depth of %.0f mm is more than the vessel's %.0f mm.",
              filled.millimeters(), depth().millimeters()),
          String.format("0 to %.0f mm", depth().millimeters()),
          "Read the stick again, or choose the vessel that is really on the stove.");
    }
    return new Volume(cubicMetersAt(filled.meters()));
  }

  /** Depth at which this volume stands. */
  default Length depthAt(Volume volume) {
    if (volume.compareTo(capacity()) > 0) {
      throw new InvalidInput(
          "volume",
          "over-the-rim",
          String.format(
              "%.1f l do not go into a vessel of %.1f l.", volume.liters(), capacity().liters()),
          String.format("%.1f l", capacity().liters()),
          "Choose a larger vessel or make less.");
    }
    return new Length(Math.min(metersAt(volume.cubicMeters()), depth().meters()));
  }
}
