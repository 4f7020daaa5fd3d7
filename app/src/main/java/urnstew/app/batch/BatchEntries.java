package urnstew.app.batch;

import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.EntryWriter.Overtaken;
import urnstew.app.platform.Actor;

/**
 * What is written to pots on the stove. The forecast that follows is computed before the pot's row
 * is locked, so that nobody waits for it; it holds if nobody else wrote meanwhile, and is computed
 * anew otherwise. Entry and forecast go in together or not at all.
 */
@Service
public class BatchEntries {
  /** How often somebody else may be faster before the row is held. */
  private static final int TRIES = 3;

  private final EntryWriter writer;

  BatchEntries(EntryWriter writer) {
    this.writer = writer;
  }

  /** What was written, for the one who wrote it. */
  public record Recorded(UUID batchId, UUID id, int sequence, Instant happenedAt) {}

  /** Appends what happened, once, with the forecast that follows. */
  public Recorded record(UUID batchId, Writes.Entry write, Actor actor) {
    for (int tries = 0; tries < TRIES; tries++) {
      if (writer.isKnown(batchId, write)) {
        return writer.recorded(write.id());
      }
      try {
        return writer.append(writer.prepare(batchId, write), write, actor);
      } catch (Overtaken meanwhile) {
        continue;
      }
    }
    return writer.held(batchId, write, actor);
  }

  /** Holds the pot's row until somebody's write ends: pots are locked before tubs. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID batchId) {
    writer.locked(batchId);
  }

  /** The same as a part of somebody's write, which holds the row until it ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void recordWithin(UUID batchId, Writes.Entry write, Actor actor) {
    writer.held(batchId, write, actor);
  }
}
