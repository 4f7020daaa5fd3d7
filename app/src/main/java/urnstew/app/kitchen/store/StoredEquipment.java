package urnstew.app.kitchen.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.store.StoredUnits;

/** Equipment as it was when something began. */
public final class StoredEquipment {
  private StoredEquipment() {}

  /** A pot, pan or tin. */
  public record Vessel(
      UUID id,
      String name,
      Shape shape,
      StoredUnits.Mass emptyMass,
      String metal,
      boolean lid,
      StoredUnits.@Nullable Temperature ovenLimit) {}

  /** The shape of a vessel inside. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  public sealed interface Shape {}

  /** Round, and wider or narrower at the top. */
  @JsonTypeName("RoundShape")
  public record Round(
      StoredUnits.Length baseDiameter, StoredUnits.Length topDiameter, StoredUnits.Length depth)
      implements Shape {}

  /** With corners. */
  @JsonTypeName("RectangularShape")
  public record Rectangular(
      StoredUnits.Length length, StoredUnits.Length width, StoredUnits.Length depth)
      implements Shape {}

  /** A burner. */
  public record HeatSource(
      UUID id,
      String name,
      String kind,
      StoredUnits.Power labelPower,
      StoredUnits.@Nullable Power measuredPower) {}

  /** Errors of what is measured with. */
  public record Instruments(
      StoredUnits.Mass scaleError,
      StoredUnits.Length dipError,
      StoredUnits.TemperatureDifference probeError,
      StoredUnits.MassFraction brixError,
      StoredUnits.Length plateError) {}

  /** Air around the pot. */
  public record Surroundings(
      Altitude altitude, StoredUnits.Temperature room, StoredUnits.MassFraction relativeHumidity) {}

  /** Above the sea. */
  public record Altitude(double meters) {}
}
