package urnstew.core.cooling;

import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.Vessel;
import urnstew.core.kitchen.VesselShape;

/**
 * What something cools in.
 *
 * @param name what the cooks call it
 * @param shape inside sizes
 * @param metal what it is made of
 * @param most how many of it there can be: pots have names, trays come in stacks
 */
public record CoolingPan(String name, VesselShape shape, Metal metal, int most) {
  /** Wall of glass, clay or plastic against heat, m² K/W (assumption); metal hardly resists. */
  private static final double THICK_WALL = 0.005;

  /** Of a stack, no more are offered than one person lifts about. */
  private static final int STACK = 8;

  /** A vessel of the kitchen. */
  public static CoolingPan of(Vessel vessel) {
    return new CoolingPan(vessel.name(), vessel.shape(), vessel.metal(), vessel.tray() ? STACK : 1);
  }

  double wallResistance() {
    return metal == Metal.GLASS_OR_CLAY ? THICK_WALL : 0;
  }
}
