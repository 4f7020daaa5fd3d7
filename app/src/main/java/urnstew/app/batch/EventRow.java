package urnstew.app.batch;

import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.platform.Actor;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingRestored;
import urnstew.core.batch.BatchEvent.ReadingStruckOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.units.Length;
import urnstew.units.Mass;

/** One event as it is stored: the raw value and the text as typed. */
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
    @Nullable Double grossKilograms,
    @Nullable UUID tareVesselId,
    @Nullable Double tareKilograms,
    @Nullable Double grossErrorKilograms,
    @Nullable Double depthMeters,
    @Nullable Double depthErrorMeters,
    @Nullable UUID readingId,
    @Nullable Double finalMassKilograms,
    @Nullable String note) {

  enum Kind {
    WEIGHED,
    DIPPED,
    STRUCK_OUT,
    RESTORED,
    SIMMER_STARTED,
    FINISHED
  }

  static EventRow of(
      UUID batchId,
      int sequence,
      BatchEvent event,
      Writes.Timed timed,
      Instant receivedAt,
      Actor actor) {
    Measurement read = event instanceof ReadingTaken r ? r.measurement() : null;
    Weighed weighed = read instanceof Weighed w ? w : null;
    Dipped dipped = read instanceof Dipped d ? d : null;
    TakeReading taken = timed instanceof TakeReading t ? t : null;
    Finished finished = event instanceof Finished f ? f : null;
    return new EventRow(
        batchId,
        sequence,
        event.id(),
        kind(event),
        event.at(),
        timed.typedAt(),
        timed.sentAt(),
        receivedAt,
        actor.name(),
        timed.enteredText(),
        taken == null ? null : taken.source(),
        weighed == null ? null : weighed.gross().kilograms(),
        taken == null ? null : taken.tareVesselId(),
        weighed == null ? null : weighed.tare().kilograms(),
        weighed == null ? null : weighed.error().kilograms(),
        dipped == null ? null : dipped.depth().meters(),
        dipped == null ? null : dipped.error().meters(),
        readingId(event),
        finished == null ? null : finished.finalMass().map(Mass::kilograms).orElse(null),
        event instanceof ReadingStruckOut struck
            ? struck.reason()
            : finished == null ? null : finished.note());
  }

  private static @Nullable UUID readingId(BatchEvent event) {
    if (event instanceof ReadingStruckOut struck) {
      return struck.readingId();
    }
    return event instanceof ReadingRestored restored ? restored.readingId() : null;
  }

  private static Kind kind(BatchEvent event) {
    if (event instanceof ReadingTaken taken) {
      return taken.measurement() instanceof Weighed ? Kind.WEIGHED : Kind.DIPPED;
    }
    if (event instanceof ReadingStruckOut) {
      return Kind.STRUCK_OUT;
    }
    if (event instanceof ReadingRestored) {
      return Kind.RESTORED;
    }
    return event instanceof SimmerStarted ? Kind.SIMMER_STARTED : Kind.FINISHED;
  }

  BatchEvent event() {
    return switch (kind) {
      case WEIGHED ->
          new ReadingTaken(
              id,
              happenedAt,
              new Weighed(
                  new Mass(given(grossKilograms)),
                  new Mass(given(tareKilograms)),
                  new Mass(given(grossErrorKilograms))));
      case DIPPED ->
          new ReadingTaken(
              id,
              happenedAt,
              new Dipped(new Length(given(depthMeters)), new Length(given(depthErrorMeters))));
      case STRUCK_OUT -> new ReadingStruckOut(id, happenedAt, given(readingId), text(note));
      case RESTORED -> new ReadingRestored(id, happenedAt, given(readingId));
      case SIMMER_STARTED -> new SimmerStarted(id, happenedAt);
      case FINISHED ->
          new Finished(
              id, happenedAt, Optional.ofNullable(finalMassKilograms).map(Mass::new), text(note));
    };
  }

  /** The database holds that an event of its kind has this. */
  private static <T> T given(@Nullable T value) {
    return Objects.requireNonNull(value);
  }

  private static String text(@Nullable String value) {
    return value == null ? "" : value;
  }
}
