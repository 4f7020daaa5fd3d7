package urnstew.core.kitchen;

import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Require;

/**
 * Inside of a round pot, straight or tapered: a frustum of a cone.
 *
 * <p>V(h) = πh/12·(d₀² + d₀d(h) + d(h)²) with d(h) = d₀ + (d₁ − d₀)h/H. Worked number: 36 cm wide
 * and 20 cm deep holds 20.36 l.
 *
 * @param baseDiameter inside, at the bottom, 5 cm to 1.5 m
 * @param topDiameter inside, at the rim, 5 cm to 1.5 m
 * @param depth inside, 2 cm to 1.5 m
 */
public record RoundShape(Length baseDiameter, Length topDiameter, Length depth)
    implements VesselShape {
  public RoundShape {
    Require.within("baseDiameter", baseDiameter.meters(), 0.05, 1.5, "m");
    Require.within("topDiameter", topDiameter.meters(), 0.05, 1.5, "m");
    Require.within("depth", depth.meters(), 0.02, 1.5, "m");
  }

  @Override
  public Area floor() {
    return new Area(Math.PI * baseDiameter.meters() * baseDiameter.meters() / 4);
  }

  @Override
  public Area surfaceAt(Length filled) {
    double diameter = diameterAt(filled.meters());
    return new Area(Math.PI * diameter * diameter / 4);
  }

  @Override
  public Area wallAt(Length filled) {
    double step = (diameterAt(filled.meters()) - baseDiameter.meters()) / 2;
    // Neither side is ever so long that its square overflows; hypot guards against that, slowly.
    double slant = Math.sqrt(filled.meters() * filled.meters() + step * step);
    return new Area(
        Math.PI * (baseDiameter.meters() / 2 + diameterAt(filled.meters()) / 2) * slant);
  }

  private double diameterAt(double meters) {
    double taper = (topDiameter.meters() - baseDiameter.meters()) / depth.meters();
    return baseDiameter.meters() + taper * meters;
  }

  /** V solved for h: d(h)³ = d₀³ + 12V(d₁ − d₀)/(πH). */
  @Override
  public double metersAt(double cubicMeters) {
    double base = baseDiameter.meters();
    double widening = topDiameter.meters() - base;
    if (Math.abs(widening) < 1e-6) {
      return cubicMeters / (Math.PI * base * base / 4);
    }
    double cube = base * base * base + 12 * cubicMeters * widening / (Math.PI * depth.meters());
    return (Math.cbrt(cube) - base) * depth.meters() / widening;
  }

  @Override
  public double cubicMetersAt(double meters) {
    double base = baseDiameter.meters();
    double top = diameterAt(meters);
    return Math.PI * meters / 12 * (base * base + base * top + top * top);
  }
}
