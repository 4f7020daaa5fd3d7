package urnstew.core.reduction;

import urnstew.core.kitchen.Surroundings;
import urnstew.core.reduction.Heating.InOven;

/**
 * What the air above a pot does to it; it stays the same through all stretches that have it.
 *
 * @param surroundings altitude and room
 * @param oven whether it is an oven's air
 * @param transfer what leaves a surface
 * @param boilingCelsius where water boils
 */
record Air(
    Surroundings surroundings, boolean oven, SurfaceTransfer transfer, double boilingCelsius) {
  /** Vapour in the air of an oven that stews are in, Pa (assumption). */
  private static final double OVEN_VAPOR_PASCALS = 10_000;

  static Air of(SimmerSetting setting) {
    Surroundings around = setting.surroundings();
    boolean oven = setting.heating() instanceof InOven;
    return new Air(
        around,
        oven,
        oven
            ? SurfaceTransfer.above(around.altitude(), OVEN_VAPOR_PASCALS)
            : SurfaceTransfer.inRoom(around),
        around.altitude().boilingPoint().celsius());
  }

  /** The same where it is the same: finding where water boils takes its time. */
  Air above(SimmerSetting setting) {
    boolean same =
        oven == setting.heating() instanceof InOven && surroundings.equals(setting.surroundings());
    return same ? this : of(setting);
  }
}
