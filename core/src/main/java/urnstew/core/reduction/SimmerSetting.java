package urnstew.core.reduction;

import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.kitchen.VesselShape;

/**
 * How and where a pot simmers.
 *
 * @param vessel the pot
 * @param heatSource burner under it
 * @param heating how it gets its heat
 * @param lid on, ajar or off
 * @param surroundings altitude and air
 */
public record SimmerSetting(
    Vessel vessel, HeatSource heatSource, Heating heating, Lid lid, Surroundings surroundings) {

  /** Inside of the pot. */
  public VesselShape shape() {
    return vessel.shape();
  }

  /** Whether heat alone sets the rate, so that what burner or oven give is what must be learnt. */
  public boolean heatLimited() {
    return !(heating instanceof Heating.SimmeredByEye);
  }

  public SimmerSetting with(Vessel other) {
    return new SimmerSetting(other, heatSource, heating, lid, surroundings);
  }

  public SimmerSetting with(HeatSource other) {
    return new SimmerSetting(vessel, other, heating, lid, surroundings);
  }

  public SimmerSetting with(Heating other) {
    return new SimmerSetting(vessel, heatSource, other, lid, surroundings);
  }

  public SimmerSetting with(Lid other) {
    return new SimmerSetting(vessel, heatSource, heating, other, surroundings);
  }

  public SimmerSetting with(Surroundings other) {
    return new SimmerSetting(vessel, heatSource, heating, lid, other);
  }
}
