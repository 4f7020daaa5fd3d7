package urnstew.app.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.plan.PlanRequest;

/** What is written at the stove. Every write says when it was typed and when it was sent. */
public interface Writes {
  /**
   * Identity, when it was typed and sent by the device's clock, and when it happened, if that
   * differs.
   */
  interface Timed {
    UUID id();

    Instant typedAt();

    Instant sentAt();

    /** Hour on the kitchen's clock at which it happened; absent means when it was typed. */
    @Nullable LocalTime happenedLocalTime();

    /** What was typed for the value, if there is one. */
    default String enteredText() {
      return "";
    }
  }

  /** Light the burner. */
  record StartBatch(
      @NotNull UUID id,
      @NotNull @Valid PlanRequest plan,
      int timeScale,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}

  /** Everything for the simmer is in the pot. */
  record SimmerStart(
      @NotNull UUID id,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}

  /** A weighing, with the pot it was weighed in if there was one, or a dip: exactly one of both. */
  record TakeReading(
      @NotNull UUID id,
      @Nullable Double grossKilograms,
      @Nullable UUID tareVesselId,
      @Nullable Double depthMeters,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull ReadingSource source,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}

  /** That reading was wrong. */
  record StrikeOut(
      @NotNull UUID id,
      @NotNull UUID readingId,
      @NotNull @Size(max = 500) String reason,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}

  /** That reading was right after all. */
  record Restore(
      @NotNull UUID id,
      @NotNull UUID readingId,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}

  /** Off the heat. */
  record Finish(
      @NotNull UUID id,
      @Nullable Double finalMassKilograms,
      @NotNull @Size(max = 80) String enteredText,
      @NotNull @Size(max = 2000) String note,
      @NotNull Instant typedAt,
      @NotNull Instant sentAt,
      @Schema(type = "string", example = "18:05") @Nullable LocalTime happenedLocalTime)
      implements Timed {}
}
