package urnstew.app.batch;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchHistory;

/**
 * Histories of batches, read once: events are never changed, so only those that came since are read
 * again, by whichever instance of the application they were written.
 */
@Component
class BatchHistories {
  /** A scale may send thousands of readings; so many events of all pots stay in mind. */
  private static final int MOST_EVENTS = 200_000;

  private final BatchMapper batches;
  private final Cache<UUID, Known> known =
      Caffeine.newBuilder()
          .maximumWeight(MOST_EVENTS)
          .weigher((UUID id, Known one) -> 1 + one.history().events().size())
          .build();

  BatchHistories(BatchMapper batches) {
    this.batches = batches;
  }

  /** What was read, and up to which event. */
  private record Known(String snapshot, int nextSequence, BatchHistory history) {
    boolean isOf(BatchRow row) {
      return snapshot.equals(row.snapshot());
    }
  }

  /** All that happened to a batch until its row was read. */
  BatchHistory of(BatchRow row) {
    Known before = known.getIfPresent(row.id());
    Known now = before != null && before.isOf(row) ? upTo(before, row) : read(row);
    if (!isWithinAWrite()) {
      known.put(row.id(), now);
    }
    return now.history();
  }

  /** What a write has written is not so before it ends well. */
  private static boolean isWithinAWrite() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  /** The same without its readings: enough for how the pot stands and what is in it. */
  BatchHistory acts(BatchRow row) {
    Known read = known.getIfPresent(row.id());
    if (read == null || !read.isOf(row) || read.nextSequence() != row.nextSequence()) {
      return new BatchHistory(
          BatchDocuments.SNAPSHOT.read(row.snapshot()), events(batches.acts(row.id())));
    }
    return new BatchHistory(
        read.history().snapshot(),
        read.history().events().stream().filter(each -> !(each instanceof ReadingTaken)).toList());
  }

  private Known upTo(Known before, BatchRow row) {
    if (before.nextSequence() == row.nextSequence()) {
      return before;
    }
    if (before.nextSequence() > row.nextSequence()) {
      return read(row);
    }
    List<BatchEvent> since =
        events(batches.between(row.id(), before.nextSequence(), row.nextSequence()));
    List<BatchEvent> all =
        Stream.concat(before.history().events().stream(), since.stream()).toList();
    return known(row, new BatchHistory(before.history().snapshot(), all));
  }

  private Known read(BatchRow row) {
    return known(
        row,
        new BatchHistory(
            BatchDocuments.SNAPSHOT.read(row.snapshot()),
            events(batches.between(row.id(), 0, row.nextSequence()))));
  }

  private static Known known(BatchRow row, BatchHistory history) {
    return new Known(row.snapshot(), row.nextSequence(), history);
  }

  private static List<BatchEvent> events(List<EventRow> rows) {
    return rows.stream().map(stored -> BatchDocuments.EVENT.read(stored.payload())).toList();
  }
}
