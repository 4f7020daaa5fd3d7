package urnstew.app.batch;

import java.time.Instant;
import urnstew.app.batch.Writes.Finish;
import urnstew.app.batch.Writes.Restore;
import urnstew.app.batch.Writes.SimmerStart;
import urnstew.app.batch.Writes.StartBatch;
import urnstew.app.batch.Writes.StrikeOut;
import urnstew.app.batch.Writes.TakeReading;

/**
 * The part of a write that stays the same when a device sends it again: all but the sending time.
 */
final class Resent {
  private static final Instant ANY = Instant.EPOCH;

  private Resent() {}

  static Object body(Writes.Timed write) {
    if (write instanceof StartBatch w) {
      return new StartBatch(
          w.id(), w.plan(), w.timeScale(), w.typedAt(), ANY, w.happenedLocalTime());
    }
    if (write instanceof SimmerStart w) {
      return new SimmerStart(w.id(), w.typedAt(), ANY, w.happenedLocalTime());
    }
    if (write instanceof TakeReading w) {
      return new TakeReading(
          w.id(),
          w.grossKilograms(),
          w.tareVesselId(),
          w.depthMeters(),
          w.enteredText(),
          w.source(),
          w.typedAt(),
          ANY,
          w.happenedLocalTime());
    }
    if (write instanceof StrikeOut w) {
      return new StrikeOut(
          w.id(), w.readingId(), w.reason(), w.typedAt(), ANY, w.happenedLocalTime());
    }
    if (write instanceof Restore w) {
      return new Restore(w.id(), w.readingId(), w.typedAt(), ANY, w.happenedLocalTime());
    }
    Finish w = (Finish) write;
    return new Finish(
        w.id(),
        w.finalMassKilograms(),
        w.enteredText(),
        w.note(),
        w.typedAt(),
        ANY,
        w.happenedLocalTime());
  }
}
