package urnstew.app.keeping;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.Stamp;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.reduction.Lid;

/** What is written about something kept. */
public interface KeepingWrites {
  /** What every entry brings. */
  interface Timed {
    UUID id();

    Stamp stamp();

    /** What was typed for the value, if there is one. */
    default String enteredText() {
      return "";
    }
  }

  /** What is written to something that is kept already. */
  sealed interface Entry extends Timed {
    /** The visitor's answer for this kind. */
    <T> T accept(Visitor<T> visitor);
  }

  /** One answer for each kind: a new kind does not compile until everybody has one for it. */
  interface Visitor<T> {
    T readTemperature(ReadTemperature write);

    T placeOtherwise(PlaceOtherwise write);

    T stir(Stir write);

    T reheat(Reheat write);

    T topUp(TopUp write);

    T strikeOut(StrikeOut write);
  }

  /**
   * What is kept: a finished batch, or so much of a formula from elsewhere.
   *
   * @param thickestPieceMeters through the thickest of its pieces, where somebody measured it
   */
  record What(
      @Nullable UUID batchId,
      @Nullable String formulaId,
      double massKilograms,
      @NotNull @Size(max = 80) String massText,
      @Nullable Double thickestPieceMeters,
      @Nullable @Size(max = 80) String thickestPieceText) {}

  /**
   * How it stands to cool.
   *
   * @param place ice, water, bench, or the kind of the cold place
   * @param coldPlaceId which of this kitchen's; empty for ice, water and bench
   * @param thenPlaceId cold place into which it goes, ice and all, below the temperature
   * @param thenBelowCelsius that temperature; a little below the first mark where none is named
   */
  @Schema(name = "CoolingSetupChoice")
  record Setup(
      @NotNull UUID vesselId,
      int count,
      @NotNull ColdPlace place,
      @Nullable UUID coldPlaceId,
      boolean covered,
      @Nullable Integer stirredEveryMinutes,
      @Nullable UUID thenPlaceId,
      @Nullable Double thenBelowCelsius) {}

  /**
   * Cooling as it begins.
   *
   * @param moreBecause why it is more than the batch made, where it is
   */
  record StartCooling(
      @NotNull UUID id,
      @NotNull @Valid What what,
      double startCelsius,
      @NotNull @Valid Setup setup,
      @Nullable @Size(max = 500) String moreBecause,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** The same, not begun. */
  record PreviewCooling(
      @NotNull @Valid What what, double startCelsius, @NotNull @Valid Setup setup) {}

  /**
   * Held hot.
   *
   * @param moreBecause why it is more than the batch made, where it is
   */
  record StartHold(
      @NotNull UUID id,
      @NotNull @Valid What what,
      @NotNull UUID vesselId,
      double heldCelsius,
      @NotNull Lid lid,
      @Nullable @Size(max = 500) String moreBecause,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /**
   * Set out to be served, by time alone.
   *
   * @param food what it is, in the cook's words
   * @param celsius read when it left its temperature
   */
  record SetOut(
      @NotNull UUID id,
      @NotBlank @Size(max = 120) String food,
      boolean fromCold,
      double celsius,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** A thermometer in its warmest place when it cools, in its coldest when it is held. */
  record ReadTemperature(
      @NotNull UUID id,
      double celsius,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.readTemperature(this);
    }
  }

  /** It cools in another place, pan or depth from now on. */
  record PlaceOtherwise(@NotNull UUID id, @NotNull @Valid Setup setup, @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.placeOtherwise(this);
    }
  }

  /** Stirred through. */
  record Stir(@NotNull UUID id, @NotNull @Valid Stamp stamp) implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.stir(this);
    }
  }

  /** Reheated all through; it cools again as the setup says. */
  record Reheat(
      @NotNull UUID id, double celsius, @NotNull @Valid Setup setup, @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.reheat(this);
    }
  }

  /** Water put in. */
  record TopUp(
      @NotNull UUID id,
      double waterKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.topUp(this);
    }
  }

  /** An entry was wrong. */
  @Schema(name = "StrikeOutOfKeeping")
  record StrikeOut(
      @NotNull UUID id,
      @NotNull UUID eventId,
      @NotNull @Size(max = 500) String reason,
      @NotNull @Valid Stamp stamp)
      implements Entry {
    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.strikeOut(this);
    }
  }

  /** Ends a hold, a cooling or a setting out. */
  record Close(
      @NotNull UUID id,
      @NotNull Closed as,
      @NotNull @Size(max = 500) String reason,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** How it ended. */
  enum Closed {
    PUT_AWAY,
    SERVED,
    DISCARDED
  }
}
