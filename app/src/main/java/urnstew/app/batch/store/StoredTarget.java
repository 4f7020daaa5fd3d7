package urnstew.app.batch.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import urnstew.app.platform.store.StoredUnits;

/** What is wanted of it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredTarget {
  /** As far as a spoonful spreads. */
  @JsonTypeName("Plate")
  public record Plate(StoredUnits.Length spread, StoredUnits.Volume spoonful)
      implements StoredTarget {}

  /** A share of solids. */
  @JsonTypeName("Solids")
  public record Solids(StoredUnits.MassFraction share) implements StoredTarget {}
}
