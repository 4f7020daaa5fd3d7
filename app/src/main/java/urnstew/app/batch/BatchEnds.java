package urnstew.app.batch;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchMapper.Listed;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.NotFoundException;
import urnstew.core.balance.InPot;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecaster;
import urnstew.core.batch.Unfinished;
import urnstew.core.lot.Carried;
import urnstew.units.Mass;

/** What came of batches, for whoever keeps it; reckoned once an entry. */
@Component
public class BatchEnds {
  /** Batches of which something is kept or in tubs. */
  private static final int MOST_KNOWN = 500;

  private final BatchMapper batches;
  private final BatchHistories histories;
  private final Clock clock;
  private final Cache<Listed, End> known = Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

  BatchEnds(BatchMapper batches, BatchHistories histories, Clock clock) {
    this.batches = batches;
    this.histories = histories;
    this.clock = clock;
  }

  /**
   * How a batch ended.
   *
   * @param unfinished where it was stopped before it was done
   * @param carried by a kilogram of it, where it is done
   */
  private record End(Optional<Unfinished> unfinished, Optional<Carried> carried) {
    static final End NOT_YET = new End(Optional.empty(), Optional.empty());
  }

  /** What is kept of a batch that was stopped before it was done, and what is still to come. */
  public Optional<Unfinished> unfinished(UUID id) {
    return end(id).unfinished();
  }

  /** Whether one was stopped before it was done. */
  public boolean isStopped(UUID id) {
    return end(id).unfinished().isPresent();
  }

  /** What a kilogram of one that is done carries; empty where its history is of an old model. */
  public Optional<Carried> carried(UUID id) {
    return end(id).carried();
  }

  /**
   * What would be still to come of a pot that were stopped now.
   *
   * @throws ConflictException if it is off the heat
   */
  StoppingView stopping(UUID id) {
    BatchRow row = batches.find(id).orElseThrow(() -> new NotFoundException("batch", id));
    BatchHistory acts = histories.acts(row);
    if (acts.finished().isPresent()) {
      throw new ConflictException(
          "It is off the heat already.", "Look at its tubs for what is still to come.");
    }
    Instant now = clock.instant();
    Finished stop = new Finished(UUID.randomUUID(), now, Optional.empty(), "", true);
    return StoppingView.of(Unfinished.of(acts.with(stop, now)).orElseThrow());
  }

  private End end(UUID id) {
    Listed one = batches.listed(id).orElseThrow(() -> new NotFoundException("batch", id));
    return Objects.requireNonNull(known.get(one, this::reckoned), "a batch has some end");
  }

  private End reckoned(Listed one) {
    if (!BatchSnapshot.reads(one.modelVersion())) {
      return End.NOT_YET;
    }
    BatchRow row =
        batches.find(one.id()).orElseThrow(() -> new NotFoundException("batch", one.id()));
    BatchHistory acts = histories.acts(row);
    Optional<Finished> end = acts.finished();
    if (end.isEmpty()) {
      return End.NOT_YET;
    }
    if (end.get().stopped()) {
      return new End(Unfinished.of(acts), Optional.empty());
    }
    InPot made = Forecaster.made(acts);
    Mass out = end.flatMap(Finished::finalMass).orElse(made.mass());
    return new End(Optional.empty(), Optional.of(Carried.of(made, out)));
  }
}
