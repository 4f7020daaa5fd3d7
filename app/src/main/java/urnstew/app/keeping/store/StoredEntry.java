package urnstew.app.keeping.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.UUID;

/** What happened to something kept. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredEntry {
  /** A temperature, °C. */
  @JsonTypeName("Read")
  public record Read(double celsius, double error) implements StoredEntry {}

  /** Another place, pan or depth. */
  @JsonTypeName("Placed")
  public record Placed(StoredSetup setup) implements StoredEntry {}

  /** Stirred through. */
  @JsonTypeName("Stirred")
  public record Stirred() implements StoredEntry {}

  /** Hot again, °C. */
  @JsonTypeName("Reheated")
  public record Reheated(double celsius, StoredSetup setup) implements StoredEntry {}

  /** Water was put in, kg. */
  @JsonTypeName("ToppedUp")
  public record ToppedUp(double kilograms) implements StoredEntry {}

  /** An earlier one was wrong. */
  @JsonTypeName("StruckOut")
  public record StruckOut(UUID eventId, String reason) implements StoredEntry {}
}
