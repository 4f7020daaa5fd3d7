package urnstew.core.kitchen;

import java.util.Optional;
import java.util.UUID;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * A vessel of this kitchen with its real sizes.
 *
 * @param id identity
 * @param name what the cooks call it
 * @param shape inside sizes
 * @param emptyMass what it weighs empty, for weighings with the pot; zero if never weighed
 * @param metal what it is made of
 * @param lid whether it has one
 * @param ovenLimit hottest oven that pot and handles stand; empty if it may not go in
 */
public record Vessel(
    UUID id,
    String name,
    VesselShape shape,
    Mass emptyMass,
    Metal metal,
    boolean lid,
    Optional<Temperature> ovenLimit) {
  private static final double DEEPEST_TRAY_METERS = 0.1;

  /**
   * A flat tin for the oven and not a pan for the stove: upright, at most 10 cm deep (assumption).
   */
  public boolean tray() {
    return shape instanceof RectangularShape && shape.depth().meters() <= DEEPEST_TRAY_METERS;
  }

  /** Heat that warms the empty vessel by one kelvin, J/K. */
  public double joulesPerKelvin() {
    return emptyMass.kilograms() * metal.joulesPerKilogramKelvin();
  }

  /** The same with all inside widths larger by so much. */
  public Vessel wider(double meters) {
    VesselShape wider;
    if (shape instanceof RoundShape round) {
      wider =
          new RoundShape(
              new Length(round.baseDiameter().meters() + meters),
              new Length(round.topDiameter().meters() + meters),
              round.depth());
    } else {
      RectangularShape tin = (RectangularShape) shape;
      wider =
          new RectangularShape(
              new Length(tin.length().meters() + meters),
              new Length(tin.width().meters() + meters),
              tin.depth());
    }
    return new Vessel(id, name, wider, emptyMass, metal, lid, ovenLimit);
  }
}
