package urnstew.app.batch;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.Actor;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
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
    @Nullable Double grossKilograms,
    @Nullable Double tareKilograms,
    @Nullable Double depthMeters,
    @Nullable UUID struckReadingId,
    @Nullable Double finalMassKilograms,
    @Nullable String note) {

  enum Kind {
    WEIGHED,
    DIPPED,
    STRUCK_OUT,
    SIMMER_STARTED,
    FINISHED
  }

  static EventRow of(
      UUID batchId,
      int sequence,
      BatchEvent event,
      Writes.Timed timed,
      Instant receivedAt,
      Actor actor,
      String enteredText) {
    Measurement read = event instanceof ReadingTaken taken ? taken.measurement() : null;
    Weighed weighed = read instanceof Weighed w ? w : null;
    ReadingStruckOut struck = event instanceof ReadingStruckOut s ? s : null;
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
        enteredText,
        weighed == null ? null : weighed.gross().kilograms(),
        weighed == null ? null : weighed.tare().kilograms(),
        read instanceof Dipped dipped ? dipped.depth().meters() : null,
        struck == null ? null : struck.readingId(),
        finished == null ? null : finished.finalMass().map(Mass::kilograms).orElse(null),
        struck != null ? struck.reason() : finished != null ? finished.note() : null);
  }

  private static Kind kind(BatchEvent event) {
    if (event instanceof ReadingTaken taken) {
      return taken.measurement() instanceof Weighed ? Kind.WEIGHED : Kind.DIPPED;
    }
    if (event instanceof ReadingStruckOut) {
      return Kind.STRUCK_OUT;
    }
    return event instanceof SimmerStarted ? Kind.SIMMER_STARTED : Kind.FINISHED;
  }

  BatchEvent event() {
    return switch (kind) {
      case WEIGHED ->
          new ReadingTaken(
              id,
              happenedAt,
              new Weighed(new Mass(given(grossKilograms)), new Mass(given(tareKilograms))));
      case DIPPED -> new ReadingTaken(id, happenedAt, new Dipped(new Length(given(depthMeters))));
      case STRUCK_OUT ->
          new ReadingStruckOut(
              id, happenedAt, struckReadingId == null ? id : struckReadingId, text(note));
      case SIMMER_STARTED -> new SimmerStarted(id, happenedAt);
      case FINISHED ->
          new Finished(
              id, happenedAt, Optional.ofNullable(finalMassKilograms).map(Mass::new), text(note));
    };
  }

  private static double given(@Nullable Double value) {
    return value == null ? 0 : value;
  }

  private static String text(@Nullable String value) {
    return value == null ? "" : value;
  }
}
