package urnstew.app.logbook;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What a stage of a batch looked like when it was done. */
public record StageNote(
    UUID id,
    UUID batchId,
    String stage,
    String note,
    boolean photo,
    Instant notedAt,
    String notedBy) {

  /**
   * What is known of how a sauce looks.
   *
   * @param own of this batch, in the order in which it was noted
   * @param earlier of earlier batches of the formula, the latest first
   */
  public record StageNotes(List<StageNote> own, List<StageNote> earlier) {}
}
