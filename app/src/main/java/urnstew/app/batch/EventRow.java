package urnstew.app.batch;

import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.platform.Actor;
import urnstew.core.batch.BatchEvent;

/** One event as it is stored: the core's record as JSON, and beside it how it was written. */
record EventRow(
    UUID batchId,
    int sequence,
    UUID id,
    Kind kind,
    Instant happenedAt,
    Instant typedAt,
    Instant sentAt,
    Instant receivedAt,
    String actor,
    @Nullable String enteredText,
    @Nullable ReadingSource readingSource,
    @Nullable UUID tareVesselId,
    String payload) {

  enum Kind {
    READING_TAKEN,
    STRUCK_OUT,
    RESTORED,
    SIMMER_STARTED,
    POURED,
    ADDED,
    LADLED_OUT,
    PIECES_TAKEN_OUT,
    SET_OTHERWISE,
    TARGET_SET,
    STEP_DONE,
    FINISHED,
    TASTED,
    CUPS_TRIED;

    /** Kinds are called as the core's records are. */
    static Kind of(BatchEvent event) {
      String name = event.getClass().getSimpleName();
      return valueOf(name.replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT));
    }
  }

  static EventRow of(
      UUID batchId,
      int sequence,
      BatchEvent event,
      String payload,
      Writes.Timed write,
      Instant receivedAt,
      Actor actor) {
    TakeReading taken = write instanceof TakeReading t ? t : null;
    return new EventRow(
        batchId,
        sequence,
        event.id(),
        Kind.of(event),
        event.at(),
        write.stamp().typedAt(),
        write.stamp().sentAt(),
        receivedAt,
        actor.name(),
        write.enteredText(),
        taken == null ? null : taken.source(),
        taken == null ? null : taken.tareVesselId(),
        payload);
  }
}
