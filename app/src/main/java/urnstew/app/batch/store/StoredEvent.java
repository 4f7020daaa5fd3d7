package urnstew.app.batch.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.pantry.store.StoredIngredient;
import urnstew.app.platform.store.StoredUnits;

/** Something that happened to a batch. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredEvent {
  /** A reading. */
  @JsonTypeName("ReadingTaken")
  public record ReadingTaken(UUID id, Instant at, StoredMeasurement measurement)
      implements StoredEvent {}

  /** An earlier one was wrong. */
  @JsonTypeName("StruckOut")
  public record StruckOut(UUID id, Instant at, UUID eventId, String reason)
      implements StoredEvent {}

  /** It was right after all. */
  @JsonTypeName("Restored")
  public record Restored(UUID id, Instant at, UUID eventId) implements StoredEvent {}

  /** What went in of a line. */
  @JsonTypeName("Poured")
  public record Poured(UUID id, Instant at, int line, StoredUnits.Mass mass)
      implements StoredEvent {}

  /** What was not planned. */
  @JsonTypeName("Added")
  public record Added(
      UUID id,
      Instant at,
      StoredIngredient ingredient,
      StoredUnits.Mass mass,
      StoredUnits.Temperature temperature)
      implements StoredEvent {}

  /** Sauce that left. */
  @JsonTypeName("LadledOut")
  public record LadledOut(UUID id, Instant at, StoredUnits.Mass mass) implements StoredEvent {}

  /** Pieces that came out; none named for all. */
  @JsonTypeName("PiecesTakenOut")
  public record PiecesTakenOut(UUID id, Instant at, List<String> which) implements StoredEvent {}

  /** What came over from beside. */
  @JsonTypeName("CameOver")
  public record CameOver(UUID id, Instant at, int stage, StoredUnits.Mass mass)
      implements StoredEvent {}

  /** Another heat, lid or pot. */
  @JsonTypeName("SetOtherwise")
  public record SetOtherwise(UUID id, Instant at, StoredSetting setting) implements StoredEvent {}

  /** Another target. */
  @JsonTypeName("TargetSet")
  public record TargetSet(UUID id, Instant at, StoredTarget target) implements StoredEvent {}

  /** It was measured or tasted. */
  @JsonTypeName("Tasted")
  public record Tasted(UUID id, Instant at, Taste taste) implements StoredEvent {}

  /** Doses in cups. */
  @JsonTypeName("CupsTried")
  public record CupsTried(UUID id, Instant at, Trial trial) implements StoredEvent {}

  /** A step that was ticked. */
  @JsonTypeName("StepDone")
  public record StepDone(UUID id, Instant at, String step) implements StoredEvent {}

  /** All went into the pot. */
  @JsonTypeName("SimmerStarted")
  public record SimmerStarted(UUID id, Instant at) implements StoredEvent {}

  /** Off the heat. */
  @JsonTypeName("Finished")
  public record Finished(
      UUID id, Instant at, StoredUnits.@Nullable Mass finalMass, String note, boolean stopped)
      implements StoredEvent {}

  /** What was found. */
  public record Taste(@Nullable Double pH, StoredUnits.@Nullable MassFraction brix, int sharper) {}

  /** Cups and what was chosen. */
  public record Trial(
      StoredUnits.Mass cup, List<Cup> cups, int tasters, @Nullable Integer chosen) {}

  /** One of them. */
  public record Cup(List<Dose> doses, String note) {}

  /** What was put into it. */
  public record Dose(
      StoredIngredient ingredient,
      double count,
      String measure,
      @Nullable Double solution,
      StoredUnits.Mass inCup,
      StoredUnits.Mass forPot) {}
}
