package urnstew.app.batch;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.platform.Actor;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CameOver;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.Restored;
import urnstew.core.batch.BatchEvent.SetOtherwise;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.batch.BatchEvent.TargetSet;
import urnstew.core.batch.BatchEvent.Tasted;

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
    CUPS_TRIED,
    CAME_OVER
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
        event.accept(KindOf.EVENT),
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

  private enum KindOf implements BatchEvent.Visitor<Kind> {
    EVENT;

    @Override
    public Kind readingTaken(ReadingTaken event) {
      return Kind.READING_TAKEN;
    }

    @Override
    public Kind struckOut(StruckOut event) {
      return Kind.STRUCK_OUT;
    }

    @Override
    public Kind restored(Restored event) {
      return Kind.RESTORED;
    }

    @Override
    public Kind poured(Poured event) {
      return Kind.POURED;
    }

    @Override
    public Kind added(Added event) {
      return Kind.ADDED;
    }

    @Override
    public Kind ladledOut(LadledOut event) {
      return Kind.LADLED_OUT;
    }

    @Override
    public Kind piecesTakenOut(PiecesTakenOut event) {
      return Kind.PIECES_TAKEN_OUT;
    }

    @Override
    public Kind cameOver(CameOver event) {
      return Kind.CAME_OVER;
    }

    @Override
    public Kind setOtherwise(SetOtherwise event) {
      return Kind.SET_OTHERWISE;
    }

    @Override
    public Kind targetSet(TargetSet event) {
      return Kind.TARGET_SET;
    }

    @Override
    public Kind tasted(Tasted event) {
      return Kind.TASTED;
    }

    @Override
    public Kind cupsTried(CupsTried event) {
      return Kind.CUPS_TRIED;
    }

    @Override
    public Kind stepDone(StepDone event) {
      return Kind.STEP_DONE;
    }

    @Override
    public Kind simmerStarted(SimmerStarted event) {
      return Kind.SIMMER_STARTED;
    }

    @Override
    public Kind finished(Finished event) {
      return Kind.FINISHED;
    }
  }
}
