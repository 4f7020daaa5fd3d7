package urnstew.app.lots;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.Stamp;
import urnstew.app.keeping.KeepingWrites.What;

/** What is written about tubs. */
public interface LotWrites {
  /** What every entry brings. */
  interface Timed {
    UUID id();

    Stamp stamp();
  }

  /**
   * Into tubs and into the cold.
   *
   * @param keepingId cooling that it comes from; without one nothing shows how it was cooled
   * @param what what it is, where it comes from no cooling
   * @param uncooledBecause why nothing here shows how it was cooled; needed without a cooling
   * @param moreBecause why it is more than the batch is known to have made; needed only then
   */
  record PutAway(
      @NotNull UUID id,
      @Nullable UUID keepingId,
      @Nullable @Valid What what,
      double tubCubicMeters,
      @NotNull @Size(max = 80) String tubText,
      @NotNull UUID placeId,
      @Nullable @Size(max = 200) String uncooledBecause,
      @Nullable @Size(max = 200) String moreBecause,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** To another cold place: into a freezer it freezes, out of one it thaws. */
  record Move(@NotNull UUID id, @NotNull UUID placeId, @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** Some of it is used, in a batch or on a dish. */
  record Use(
      @NotNull UUID id,
      double massKilograms,
      @NotNull @Size(max = 80) String massText,
      @Nullable UUID batchId,
      @NotNull @Size(max = 200) String dish,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** Some of it becomes a lot of its own. */
  @Schema(name = "SplitLot")
  record Split(
      @NotNull UUID id,
      double massKilograms,
      @NotNull @Size(max = 80) String massText,
      @NotNull UUID placeId,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** Lots of one sauce become one. */
  record Merge(
      @NotNull UUID id,
      @NotNull @Size(min = 2, max = 12) List<UUID> lotIds,
      @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** All that is left is thrown away. */
  record Discard(
      @NotNull UUID id, @NotNull @Size(max = 500) String reason, @NotNull @Valid Stamp stamp)
      implements Timed {}

  /** When it is wanted thawed; absent: no plan. */
  record WantedAt(@Nullable Instant at) {}

  /** What went into a batch: the code on a can, the number of a shellfish tag. */
  record Source(
      @NotNull UUID id,
      @NotBlank String ingredientId,
      @Nullable UUID stockId,
      @NotBlank @Size(max = 60) String code) {}
}
