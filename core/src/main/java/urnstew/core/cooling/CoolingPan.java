package urnstew.core.cooling;

import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.VesselShape;

/**
 * What something cools in.
 *
 * @param name what the cooks call it
 * @param shape inside sizes
 * @param metal what it is made of
 */
public record CoolingPan(String name, VesselShape shape, Metal metal) {
  /** Wall of glass, clay or plastic against heat, m² K/W (assumption); metal hardly resists. */
  private static final double THICK_WALL = 0.005;

  double wallResistance() {
    return metal == Metal.GLASS_OR_CLAY ? THICK_WALL : 0;
  }
}
