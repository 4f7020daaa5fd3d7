package urnstew.app.batch;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.Writes.Finish;
import urnstew.app.batch.Writes.Restore;
import urnstew.app.batch.Writes.SimmerStart;
import urnstew.app.batch.Writes.StrikeOut;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.plan.KitchenTime;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.Receipts;
import urnstew.app.platform.StoveTime;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingRestored;
import urnstew.core.batch.BatchEvent.ReadingStruckOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.kitchen.Vessel;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;

/** Batches on the stove: appends what happens and keeps the forecast with it. */
@Service
public class BatchService {
  private final BatchMapper batches;
  private final BatchViews views;
  private final BatchJson json;
  private final Measurements measurements;
  private final KitchenService kitchens;
  private final Receipts receipts;
  private final Clock clock;

  BatchService(
      BatchMapper batches,
      BatchViews views,
      BatchJson json,
      Measurements measurements,
      KitchenService kitchens,
      Receipts receipts,
      Clock clock) {
    this.batches = batches;
    this.views = views;
    this.json = json;
    this.measurements = measurements;
    this.kitchens = kitchens;
    this.receipts = receipts;
    this.clock = clock;
  }

  /** What was written, for the one who wrote it. */
  public record Recorded(UUID batchId, UUID id, int sequence, Instant happenedAt) {}

  /** All batches on the stove, the newest first. */
  @Transactional(readOnly = true)
  public List<BatchView> simmering() {
    return batches.byStatus(Status.SIMMERING).stream().map(views::view).toList();
  }

  /** One batch with its history. */
  @Transactional(readOnly = true)
  public BatchView view(UUID id) {
    return views.view(batches.find(id).orElseThrow(() -> new NotThere("batch", id)));
  }

  /** The tomatoes are in. */
  @Transactional
  public Recorded startSimmer(UUID batchId, SimmerStart write, Actor actor) {
    return append(batchId, write, actor, (moment, own) -> new SimmerStarted(write.id(), moment));
  }

  /** A weighing or a dip. */
  @Transactional
  public Recorded read(UUID batchId, TakeReading write, Actor actor) {
    return append(
        batchId,
        write,
        actor,
        (moment, own) -> new ReadingTaken(write.id(), moment, measurements.of(write, own)));
  }

  /** A reading was wrong. */
  @Transactional
  public Recorded strikeOut(UUID batchId, StrikeOut write, Actor actor) {
    return append(
        batchId,
        write,
        actor,
        (moment, own) ->
            new ReadingStruckOut(write.id(), moment, write.readingId(), write.reason()));
  }

  /** A struck-out reading was right after all. */
  @Transactional
  public Recorded restore(UUID batchId, Restore write, Actor actor) {
    return append(
        batchId,
        write,
        actor,
        (moment, own) -> new ReadingRestored(write.id(), moment, write.readingId()));
  }

  /** Off the heat. */
  @Transactional
  public Recorded finish(UUID batchId, Finish write, Actor actor) {
    Optional<Mass> finalMass =
        Optional.ofNullable(write.finalMassKilograms())
            .map(kilograms -> at("finalMassKilograms", () -> positive(kilograms)));
    finalMass.ifPresent(
        mass ->
            Measurements.agreeMass("finalMassKilograms", write.enteredText(), mass.kilograms()));
    return append(
        batchId,
        write,
        actor,
        (moment, own) -> new Finished(write.id(), moment, finalMass, write.note()));
  }

  private Recorded append(
      UUID batchId,
      Writes.Timed write,
      Actor actor,
      BiFunction<Instant, Vessel, BatchEvent> event) {
    return receipts.once(
        write.id(),
        "batch/" + batchId,
        Resent.body(write),
        Recorded.class,
        () -> appended(batchId, write, actor, event));
  }

  private Recorded appended(
      UUID batchId, Writes.Timed write, Actor actor, BiFunction<Instant, Vessel, BatchEvent> make) {
    BatchRow row = batches.lock(batchId).orElseThrow(() -> new NotThere("batch", batchId));
    if (row.status() == Status.FINISHED) {
      throw new Clash("This batch is off the heat already.", "Look it up in the logbook.");
    }
    Instant received = clock.instant();
    BatchSnapshot snapshot = json.snapshot(row);
    BatchEvent event = make.apply(moment(write, received), snapshot.inputs().vessel());
    List<BatchEvent> before = batches.events(batchId).stream().map(EventRow::event).toList();
    BatchHistory history = meant(new BatchHistory(snapshot, before), event, received);
    EventRow stored = EventRow.of(batchId, row.nextSequence(), event, write, received, actor);
    batches.append(stored);
    Forecast forecast = Forecaster.forecast(history);
    batches.appended(batchId, json.write(BatchView.ForecastView.of(forecast, snapshot.clock())));
    if (event instanceof Finished finished) {
      batches.finished(
          batchId,
          finished.at(),
          finished.finalMass().map(Mass::kilograms).orElse(null),
          forecast.prediction().unknowns().evaporation(),
          finished.note());
    }
    return new Recorded(batchId, event.id(), stored.sequence(), event.at());
  }

  /** Faults of the core under the names of the fields. */
  private static BatchHistory meant(BatchHistory history, BatchEvent event, Instant now) {
    try {
      return history.with(event, now);
    } catch (InvalidInput fault) {
      throw fault.named(
          switch (fault.parameter()) {
            case "at" -> "happenedLocalTime";
            case "gross" -> "grossKilograms";
            case "depth" -> "depthMeters";
            case "finalMass" -> "finalMassKilograms";
            default -> fault.parameter();
          });
    }
  }

  private Instant moment(Writes.Timed write, Instant received) {
    java.time.LocalTime hour = write.happenedLocalTime();
    Instant typed = new StoveTime(write.typedAt(), write.sentAt()).typedByServerClock(received);
    return hour == null ? typed : KitchenTime.gone(hour, kitchens.settings().zoneId(), typed);
  }

  private static Mass positive(double kilograms) {
    return new Mass(Require.positive("finalMassKilograms", kilograms, "kg"));
  }
}
