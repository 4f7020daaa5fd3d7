package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchEntries.Recorded;
import urnstew.app.batch.BatchMapper.Learnt;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.Figures;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.core.batch.AsMade;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.correction.ParameterEstimate;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** Reads, reckons and writes one entry of a pot. */
@Component
class EntryWriter {
  private final BatchMapper batches;
  private final BatchHistories histories;
  private final EventMaker maker;
  private final BatchPlaces places;
  private final TubShelf tubs;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Figures figures;
  private final Clock clock;

  EntryWriter(
      BatchMapper batches,
      BatchHistories histories,
      EventMaker maker,
      BatchPlaces places,
      TubShelf tubs,
      KitchenService kitchens,
      IdempotencyStore writes,
      Figures figures,
      Clock clock) {
    this.batches = batches;
    this.histories = histories;
    this.maker = maker;
    this.places = places;
    this.tubs = tubs;
    this.kitchens = kitchens;
    this.writes = writes;
    this.figures = figures;
    this.clock = clock;
  }

  /** Somebody else wrote to the pot since its row was read. */
  static final class Overtaken extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  /**
   * All that goes in.
   *
   * @param row the pot as it was read
   * @param after its history with the new event
   */
  record Entry(
      BatchRow row,
      BatchHistory before,
      BatchHistory after,
      BatchEvent event,
      Instant received,
      Forecast forecast,
      String document) {}

  boolean isKnown(UUID batchId, Writes.Entry write) {
    return writes.knows(write.id(), scope(batchId), write);
  }

  Recorded recorded(UUID id) {
    return batches.recorded(id).orElseThrow(() -> new NotFoundException("entry", id));
  }

  /** Reckons what an entry comes to; holds nothing. */
  Entry prepare(UUID batchId, Writes.Entry write) {
    return entry(
        batches.find(batchId).orElseThrow(() -> new NotFoundException("batch", batchId)), write);
  }

  private Entry entry(BatchRow row, Writes.Entry write) {
    requireOnTheStove(row);
    Instant received = clock.instant();
    BatchHistory before = histories.of(row);
    Instant at = write.stamp().happened(received, kitchens.settings().zoneId());
    figures.arrived(write.stamp().typed(received), received);
    return entry(row, before, maker.event(write, at, before), received);
  }

  private Entry entry(BatchRow row, BatchHistory before, BatchEvent event, Instant received) {
    BatchHistory after = meant(before, event, received);
    Forecast forecast = figures.forecast(() -> Forecaster.forecast(after, received));
    return new Entry(row, before, after, event, received, forecast, document(forecast, after));
  }

  private String document(Forecast forecast, BatchHistory history) {
    return BatchDocuments.FORECAST.write(
        ForecastView.of(forecast, history.snapshot().clock(), kitchens.settings()));
  }

  /** Pots in which something is due that nobody said is done. */
  List<UUID> overtaken() {
    return batches.overtaken(clock.instant());
  }

  /** Reckons such a pot anew, unless somebody just wrote to it. */
  @Write
  public void reckonAgain(UUID batchId, Actor actor) {
    Instant now = clock.instant();
    BatchRow row = locked(batchId);
    Instant due = row.reckonAgainAt();
    if (row.status() == Status.SIMMERING && due != null && !due.isAfter(now)) {
      BatchHistory history = histories.of(row);
      Forecast forecast = figures.forecast(() -> Forecaster.forecast(history, now));
      batches.reckoned(batchId, document(forecast, history), forecast.reckonAgainAt().orElse(null));
    }
  }

  /** Writes that the end was not meant; the row is held already. */
  void reopened(BatchRow row, BatchEvent event, Writes.Timed write, Instant received, Actor actor) {
    Entry entry = entry(row, histories.of(row), event, received);
    places.back(row, entry.after().setting(), received);
    appended(entry, write, actor);
    batches.reopened(row.id());
  }

  private static void requireOnTheStove(BatchRow row) {
    if (row.status() == Status.FINISHED) {
      throw new ConflictException(
          "This batch is off the heat already.", "Look it up in the logbook.");
    }
  }

  /** Writes what was prepared, once. */
  @Write
  public Recorded append(Entry entry, Writes.Entry write, Actor actor) {
    UUID batchId = entry.row().id();
    writes.once(
        write.id(),
        scope(batchId),
        write,
        () -> {
          BatchRow now = locked(batchId);
          requireOnTheStove(now);
          if (now.nextSequence() != entry.row().nextSequence()) {
            throw new Overtaken();
          }
          written(entry, write, actor);
        });
    return recorded(write.id());
  }

  /** Prepares and writes while the row is held, once. */
  @Write
  public Recorded held(UUID batchId, Writes.Entry write, Actor actor) {
    writes.once(
        write.id(),
        scope(batchId),
        write,
        () -> written(entry(locked(batchId), write), write, actor));
    return recorded(write.id());
  }

  BatchRow locked(UUID batchId) {
    return batches.lock(batchId).orElseThrow(() -> new NotFoundException("batch", batchId));
  }

  private static String scope(UUID batchId) {
    return "batch/" + batchId;
  }

  private void written(Entry entry, Writes.Entry write, Actor actor) {
    UUID batchId = entry.row().id();
    tubsFollow(entry, actor);
    places.written(entry.row(), write, entry.before(), entry.after());
    appended(entry, write, actor);
    if (entry.event() instanceof Finished finished) {
      places.off(batchId);
      batches.finished(
          batchId,
          finished.at(),
          finished
              .finalMass()
              .or(() -> keptOf(finished, entry.forecast()))
              .map(Mass::kilograms)
              .orElse(null),
          entry.forecast().prediction().estimate().factor(Quantity.EVAPORATION),
          finished.note(),
          AsMade.reached(entry.after(), entry.forecast()).value());
    }
  }

  /** What was stopped is more than it would have been when done. */
  private static Optional<Mass> keptOf(Finished end, Forecast forecast) {
    return end.stopped() ? Optional.of(forecast.end().total()) : Optional.empty();
  }

  /** What went in and what is in tubs are counted once. */
  private void tubsFollow(Entry entry, Actor actor) {
    UUID batchId = entry.row().id();
    if (entry.event() instanceof BatchEvent.StruckOut out) {
      tubs.putBack(batchId, out.eventId(), entry.received(), actor);
    } else if (entry.event() instanceof BatchEvent.Restored again) {
      tubs.requireTaken(batchId, again.eventId());
    }
  }

  private void appended(Entry entry, Writes.Timed write, Actor actor) {
    batches.append(
        EventRow.of(
            entry.row().id(),
            entry.row().nextSequence(),
            entry.event(),
            BatchDocuments.EVENT.write(entry.event()),
            write,
            entry.received(),
            actor));
    batches.appended(
        entry.row().id(),
        entry.document(),
        learnt(entry.after(), entry.forecast()),
        entry.forecast().reckonAgainAt().orElse(null));
  }

  private static Learnt learnt(BatchHistory history, Forecast forecast) {
    ParameterEstimate estimate = forecast.prediction().estimate();
    Optional<ReadingTaken> plated =
        history.countingReadings().stream()
            .filter(taken -> taken.measurement() instanceof Plated)
            .reduce((earlier, later) -> later);
    return new Learnt(
        forecast.readings(),
        plated.map(taken -> ((Plated) taken.measurement()).spread().meters()).orElse(null),
        plated.map(ReadingTaken::at).orElse(null),
        estimate.factor(Quantity.POWER),
        estimate.bodyFactor());
  }

  /** Faults of the core under the names of the fields. */
  private static BatchHistory meant(BatchHistory history, BatchEvent event, Instant now) {
    try {
      return history.with(event, now);
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "at" -> "stamp.happenedLocalTime";
            case "gross" -> "grossKilograms";
            case "depth" -> "depthMeters";
            case "finalMass" -> "finalMassKilograms";
            case "mass" -> "massKilograms";
            case "temperature" -> "temperatureCelsius";
            case "brix" -> "solubleFraction";
            case "spread" -> "spreadMeters";
            case "cup" -> "cupKilograms";
            case "ovenTemperature" -> "heating.ovenCelsius";
            default -> fault.parameter();
          });
    }
  }
}
