package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import urnstew.app.batch.BatchEntries.Recorded;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.core.batch.BatchEvent;

/** A way back for half a minute: from a burner that was not meant to be lit, from heat off. */
@Service
public class TakeBacks {
  private final BatchMapper batches;
  private final BatchHistories histories;
  private final BatchPlaces places;
  private final TubShelf tubs;
  private final EntryWriter writer;
  private final List<BatchUse> uses;
  private final WayBack wayBack;
  private final IdempotencyStore writes;
  private final Clock clock;

  TakeBacks(
      BatchMapper batches,
      BatchHistories histories,
      BatchPlaces places,
      TubShelf tubs,
      EntryWriter writer,
      List<BatchUse> uses,
      WayBack wayBack,
      IdempotencyStore writes,
      Clock clock) {
    this.batches = batches;
    this.histories = histories;
    this.places = places;
    this.tubs = tubs;
    this.writer = writer;
    this.uses = uses;
    this.wayBack = wayBack;
    this.writes = writes;
    this.clock = clock;
  }

  /** Takes back the lighting or the end of a batch, once. */
  @Write
  public Recorded takeBack(UUID batchId, Writes.TakeBack write, Actor actor) {
    writes.once(write.id(), "batch/" + batchId, write, () -> takenBack(batchId, write, actor));
    return new Recorded(batchId, write.id(), 0, write.stamp().typedAt());
  }

  private void takenBack(UUID batchId, Writes.TakeBack write, Actor actor) {
    BatchRow row = batches.lock(batchId).orElseThrow(() -> new NotFoundException("batch", batchId));
    Instant received = clock.instant();
    wayBack.requireInTime(write, received, "Say that the batch is off the heat, or light it anew.");
    if (write.eventId().equals(batchId)) {
      unlit(row, received, actor);
    } else {
      backOnTheHeat(row, write, received, actor);
    }
  }

  /** As if nobody had lit it; only before anything else was written to it. */
  private void unlit(BatchRow row, Instant received, Actor actor) {
    if (row.nextSequence() > 1 || batches.hasNotes(row.id())) {
      throw writtenTo();
    }
    tubs.unlit(row.id(), received, actor);
    places.off(row.id());
    try {
      batches.remove(row.id());
    } catch (DataIntegrityViolationException elsewhere) {
      // It is held, in tubs, tasted, or the code of a can is noted of it.
      throw writtenTo();
    }
  }

  private static ConflictException writtenTo() {
    return new ConflictException(
        "Somebody has written to this batch since it was lit.",
        "Say that it is off the heat instead.");
  }

  private void backOnTheHeat(BatchRow row, Writes.TakeBack write, Instant received, Actor actor) {
    boolean ended =
        row.status() == Status.FINISHED
            && histories
                .of(row)
                .finished()
                .filter(end -> end.id().equals(write.eventId()))
                .isPresent();
    if (!ended) {
      throw new ConflictException(
          "That did not end this batch.", "Strike out what was wrong, one by one.");
    }
    if (uses.stream().anyMatch(use -> use.isUsed(row.id()))) {
      throw new ConflictException(
          "Sauce of this batch is held, cooling or in tubs already.",
          "Light another batch with the rest.");
    }
    writer.reopened(
        row,
        new BatchEvent.StruckOut(write.id(), received, write.eventId(), "taken back"),
        write,
        received,
        actor);
  }
}
