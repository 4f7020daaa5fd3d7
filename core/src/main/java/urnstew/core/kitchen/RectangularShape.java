package urnstew.core.kitchen;

import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Require;

/**
 * Inside of a rectangular vessel with upright walls, such as a roasting tin or an insert.
 *
 * <p>V(h) = l·w·h. Worked number: 50 by 30 cm filled 6 cm deep holds 9.0 l.
 *
 * @param length inside, 5 cm to 1.5 m
 * @param width inside, 5 cm to 1.5 m
 * @param depth inside, 2 cm to 1.5 m
 */
public record RectangularShape(Length length, Length width, Length depth) implements VesselShape {
  public RectangularShape {
    Require.within("length", length.meters(), 0.05, 1.5, "m");
    Require.within("width", width.meters(), 0.05, 1.5, "m");
    Require.within("depth", depth.meters(), 0.02, 1.5, "m");
  }

  @Override
  public Area floor() {
    return new Area(length.meters() * width.meters());
  }

  @Override
  public Area surfaceAt(Length filled) {
    return floor();
  }

  @Override
  public Area wallAt(Length filled) {
    return new Area(2 * (length.meters() + width.meters()) * filled.meters());
  }

  @Override
  public double cubicMetersAt(double meters) {
    return length.meters() * width.meters() * meters;
  }

  @Override
  public double metersAt(double cubicMeters) {
    return cubicMeters / (length.meters() * width.meters());
  }
}
