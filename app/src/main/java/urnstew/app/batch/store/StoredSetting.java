package urnstew.app.batch.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import urnstew.app.kitchen.store.StoredEquipment;
import urnstew.app.platform.store.StoredUnits;

/** A pot on its heat. */
public record StoredSetting(
    StoredEquipment.Vessel vessel,
    StoredEquipment.HeatSource heatSource,
    Heating heating,
    String lid,
    StoredEquipment.Surroundings surroundings) {
  /** How it gets its heat. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  public sealed interface Heating {}

  /** The cook keeps the simmer. */
  @JsonTypeName("KeptByEye")
  public record KeptByEye(String level) implements Heating {}

  /** A burner that is set and left. */
  @JsonTypeName("BurnerSet")
  public record BurnerSet(StoredUnits.MassFraction share) implements Heating {}

  /** In the oven. */
  @JsonTypeName("InOven")
  public record InOven(StoredUnits.Temperature air, boolean fan) implements Heating {}
}
