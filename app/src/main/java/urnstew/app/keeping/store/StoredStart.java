package urnstew.app.keeping.store;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.kitchen.store.StoredEquipment;
import urnstew.app.pantry.store.StoredComposition;
import urnstew.app.platform.store.StoredUnits;
import urnstew.app.rules.store.StoredRules;

/** How something began to be kept. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface StoredStart {
  /** Start of a cooling. */
  @JsonTypeName("ToCool")
  public record ToCool(
      Sauce sauce, StoredUnits.Temperature start, StoredSetup setup, StoredRules rules)
      implements StoredStart {}

  /** Start of a hot hold. */
  @JsonTypeName("ToHold")
  public record ToHold(
      HotHold hold,
      String vessel,
      StoredUnits.MassFraction wanted,
      Window window,
      @Nullable Loosening sets,
      StoredRules rules)
      implements StoredStart {}

  /** Start of standing out. */
  @JsonTypeName("ToSetOut")
  public record ToSetOut(double celsius, boolean fromCold, StoredRules rules)
      implements StoredStart {}

  /** The sauce that is cooled. */
  public record Sauce(StoredComposition contents, StoredUnits.@Nullable Length thickestPiece) {}

  /** What is held, and where. */
  public record HotHold(
      Contents contents,
      StoredEquipment.Shape shape,
      StoredUnits.Temperature held,
      String lid,
      StoredEquipment.Surroundings surroundings) {}

  /** How long it stays good. */
  public record Window(Duration asItIs, String because, Duration base, List<String> toOrder) {}

  /** How it sets, and what helps. */
  public record Loosening(String what, double sharePerHalfHour, double mostShare, String how) {}

  /** Sauce and pieces. */
  public record Contents(StoredComposition sauce, double thickeningKilograms, Pieces pieces) {}

  /** Pieces and what they give. */
  public record Pieces(
      StoredComposition whole, double juiceKilograms, double fatKilograms, double releaseSeconds) {}
}
