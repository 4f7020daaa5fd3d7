package urnstew.app.service;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.Stamp;

/** What is written of a service. */
interface ServiceWrites {
  /** Kinds of entries. */
  enum SaidKind {
    /** A work was begun, by whom it was planned for or by another. */
    BEGAN,
    /** A work was over. */
    ENDED,
    /** All that should be over by now was, as it was planned. */
    AS_PLANNED,
    /** A work takes so many minutes longer. */
    TAKES_LONGER,
    /** A work is wanted so many minutes later, or earlier, or by somebody else, and stays there. */
    WANTED,
    /** It may be put anywhere again. */
    LET_GO,
    /** What was begun stands on another burner, or in another oven. */
    MOVED,
    COOK_LEFT,
    COOK_CAME,
    /** A burner, oven or machine does not work. */
    FAILED,
    MENDED,
    /** Other covers, other dishes: its works are those of the meal as it is written now. */
    MEAL_CHANGED,
    /** An earlier entry was wrong. */
    TAKEN_BACK
  }

  /** A meal is cooked now. */
  @Schema(name = "StartService")
  record Start(@NotNull UUID id, @NotNull UUID mealId, @NotNull @Valid Stamp stamp) {}

  /**
   * Something is said of it.
   *
   * @param key of the work, where it is said of one
   * @param by name of the cook, where one is named
   * @param laneId of the burner, oven or machine, where one is named
   * @param minutes longer or later; earlier where negative
   * @param entryId the entry that was wrong
   */
  @Schema(name = "SayOfService")
  record Say(
      @NotNull UUID id,
      @NotNull SaidKind kind,
      @Nullable @Size(max = 300) String key,
      @Nullable @Size(max = 80) String by,
      @Nullable @Size(max = 80) String laneId,
      @Nullable Integer minutes,
      @Nullable UUID entryId,
      @NotNull @Valid Stamp stamp) {}

  /**
   * A calendar comes back: what was moved in it is wanted there.
   *
   * @param calendar the text of the file
   */
  @Schema(name = "TakeCalendar")
  record TakeCalendar(
      @NotNull UUID id,
      @NotNull @Size(max = 1_000_000) String calendar,
      @NotNull @Valid Stamp stamp) {}

  /** It is over. */
  @Schema(name = "EndService")
  record End(@NotNull UUID id, @NotNull @Valid Stamp stamp) {}

  /** It goes on after all. */
  @Schema(name = "ReopenService")
  record Reopen(@NotNull UUID id, @NotNull @Valid Stamp stamp) {}

  /** What was written. */
  record Said(UUID serviceId, UUID id, Instant happenedAt) {}
}
