package urnstew.core.kitchen;

import java.util.Locale;
import java.util.UUID;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * An oven.
 *
 * @param id identity
 * @param name what the cooks call it
 * @param width inside, 0.2 to 2 m
 * @param depth inside from door to back, 0.2 to 2 m
 * @param height inside, above the lowest shelf, 0.1 to 2 m
 * @param hottest air it reaches, 60 to 300 °C
 * @param fan whether it can move its air
 */
public record Oven(
    UUID id,
    String name,
    Length width,
    Length depth,
    Length height,
    Temperature hottest,
    boolean fan) {
  public Oven {
    Require.within("width", width.meters(), 0.2, 2, "m");
    Require.within("depth", depth.meters(), 0.2, 2, "m");
    Require.within("height", height.meters(), 0.1, 2, "m");
    Require.within("hottest", hottest.celsius(), 60, 300, "°C");
  }

  /**
   * Refuses a vessel that does not go in. Inside sizes are compared, so a tight fit may still fail
   * by walls and handles.
   *
   * @throws InvalidInput naming the oven
   */
  public void requireRoomFor(Vessel vessel) {
    Footprint floor = Footprint.of(vessel.shape());
    double shorter = Math.min(width.meters(), depth.meters());
    double longer = Math.max(width.meters(), depth.meters());
    if (floor.shorter() > shorter
        || floor.longer() > longer
        || vessel.shape().depth().compareTo(height) > 0) {
      throw new InvalidInput(
          "oven",
          "does-not-go-in",
          "'" + vessel.name() + "' does not go into '" + name + "'.",
          String.format(
              Locale.ROOT,
              "%.0f by %.0f cm, %.0f cm high",
              100 * width.meters(),
              100 * depth.meters(),
              100 * height.meters()),
          "Choose a smaller vessel, or simmer on the stove.");
    }
  }

  /**
   * Refuses what this oven cannot do.
   *
   * @throws InvalidInput naming the oven's temperature or its fan
   */
  public void requireReach(Temperature air, boolean moved) {
    if (moved && !fan) {
      throw new InvalidInput(
          "ovenFan",
          "no-fan",
          "'" + name + "' has no fan.",
          "still air",
          "Choose still air, or write its fan down in the kitchen.");
    }
    if (air.compareTo(hottest) > 0) {
      throw new InvalidInput(
          "ovenTemperature",
          "too-hot-for-oven",
          String.format(
              Locale.ROOT, "'%s' does not get hotter than %.0f °C.", name, hottest.celsius()),
          String.format(Locale.ROOT, "%.0f °C", hottest.celsius()),
          "Choose a cooler oven.");
    }
  }

  /** The room that a vessel needs on a shelf, m. */
  private record Footprint(double shorter, double longer) {
    static Footprint of(VesselShape shape) {
      if (shape instanceof RoundShape round) {
        double widest = Math.max(round.baseDiameter().meters(), round.topDiameter().meters());
        return new Footprint(widest, widest);
      }
      RectangularShape tray = (RectangularShape) shape;
      double length = tray.length().meters();
      double width = tray.width().meters();
      return new Footprint(Math.min(length, width), Math.max(length, width));
    }
  }
}
