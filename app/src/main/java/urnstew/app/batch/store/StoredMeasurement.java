package urnstew.app.batch.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import urnstew.app.platform.store.StoredUnits;

/** What was read. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredMeasurement {
  /** On the scale. */
  @JsonTypeName("Weighed")
  public record Weighed(StoredUnits.Mass gross, StoredUnits.Mass tare, StoredUnits.Mass error)
      implements StoredMeasurement {}

  /** With the stick. */
  @JsonTypeName("Dipped")
  public record Dipped(StoredUnits.Length depth, StoredUnits.Length error)
      implements StoredMeasurement {}

  /** With the thermometer. */
  @JsonTypeName("Probed")
  public record Probed(StoredUnits.Temperature temperature, StoredUnits.TemperatureDifference error)
      implements StoredMeasurement {}

  /** With the refractometer. */
  @JsonTypeName("Refracted")
  public record Refracted(StoredUnits.MassFraction soluble, StoredUnits.MassFraction error)
      implements StoredMeasurement {}

  /** On the cold plate. */
  @JsonTypeName("Plated")
  public record Plated(
      StoredUnits.Length spread, StoredUnits.Volume spoonful, StoredUnits.Length error)
      implements StoredMeasurement {}
}
