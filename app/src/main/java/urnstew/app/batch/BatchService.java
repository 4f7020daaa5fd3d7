package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchMapper.Learnt;
import urnstew.app.batch.BatchView.BrokenPot;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.OnStove;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.kitchen.Units;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.OneByOne;
import urnstew.app.platform.Write;
import urnstew.app.print.Printed;
import urnstew.core.batch.AsMade;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.batch.Measurement.Plated;
import urnstew.core.correction.Belief;
import urnstew.core.correction.Belief.Quantity;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** Batches on the stove: appends what happens and keeps the forecast with it. */
@Service
public class BatchService {
  private final BatchMapper batches;
  private final BatchViews views;
  private final EventMaker maker;
  private final BatchPlaces places;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  BatchService(
      BatchMapper batches,
      BatchViews views,
      EventMaker maker,
      BatchPlaces places,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.batches = batches;
    this.views = views;
    this.maker = maker;
    this.places = places;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /** What was written, for the one who wrote it. */
  public record Recorded(UUID batchId, UUID id, int sequence, Instant happenedAt) {}

  /** All batches on the stove that can be shown, the newest first. */
  public List<OnStove> onStove() {
    return shown().stream().flatMap(one -> one.pot().stream()).toList();
  }

  /** Those that cannot, and why. */
  public List<BrokenPot> broken() {
    return shown().stream().flatMap(one -> one.broken().stream()).toList();
  }

  /** A pot as it is shown, or what is wrong with it. */
  private record Shown(Optional<OnStove> pot, Optional<BrokenPot> broken) {}

  private List<Shown> shown() {
    return OneByOne.of(
        batches.byStatus(Status.SIMMERING),
        one -> new Shown(Optional.of(views.onStove(one, this::present)), Optional.empty()),
        (one, fault) -> new Shown(Optional.empty(), Optional.of(BatchViews.broken(one, fault))));
  }

  /** One batch with its history. */
  @Transactional(readOnly = true)
  public BatchView view(UUID id) {
    return views.view(present(id));
  }

  /** What happened to one before a sequence number, a page of it. */
  @Transactional(readOnly = true)
  public List<EventView> eventsBefore(UUID id, int sequence) {
    return views.before(present(id), sequence);
  }

  /** The readings of one as a table. */
  @Transactional(readOnly = true)
  public String readings(UUID id) {
    return ReadingsCsv.write(views.events(present(id)));
  }

  /** What one was started with. */
  @Transactional(readOnly = true)
  public BatchSnapshot snapshot(UUID id) {
    return BatchDocuments.SNAPSHOT.read(present(id).snapshot());
  }

  /** How many it serves, as its page tells. */
  @Transactional(readOnly = true)
  public double portions(UUID id) {
    return BatchDocuments.FORECAST.read(present(id).forecast()).portions();
  }

  /** One batch as the core knows it. */
  @Transactional(readOnly = true)
  public BatchHistory history(UUID id) {
    return history(present(id));
  }

  /** The same without its readings, of which there can be thousands. */
  @Transactional(readOnly = true)
  public BatchHistory acts(UUID id) {
    return views.acts(present(id));
  }

  private BatchRow present(UUID id) {
    BatchRow row = batches.find(id).orElseThrow(() -> new NotThere("batch", id));
    if (!BatchSnapshot.reads(row.modelVersion())) {
      throw new Clash(
          "This batch was cooked with an earlier model of the pot.", "Look it up in the logbook.");
    }
    return row;
  }

  private BatchHistory history(BatchRow row) {
    List<BatchEvent> happened =
        batches.events(row.id()).stream()
            .map(stored -> BatchDocuments.EVENT.read(stored.payload()))
            .toList();
    return new BatchHistory(BatchDocuments.SNAPSHOT.read(row.snapshot()), happened);
  }

  /** Everything about one pot as a page to print. */
  @Transactional(readOnly = true)
  public byte[] handOver(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = new Printed(kitchen.units() == Units.US, kitchen.zoneId());
    return new HandOverSheet(view(id), printed).pdf();
  }

  /** Appends what happened, once, and keeps the forecast with it. */
  @Write
  public Recorded record(UUID batchId, Writes.Timed write, Actor actor) {
    return writes.once(
        write.id(),
        "batch/" + batchId,
        write,
        Recorded.class,
        () -> recorded(batchId, write, actor));
  }

  private Recorded recorded(UUID batchId, Writes.Timed write, Actor actor) {
    BatchRow row = batches.lock(batchId).orElseThrow(() -> new NotThere("batch", batchId));
    if (row.status() == Status.FINISHED) {
      throw new Clash("This batch is off the heat already.", "Look it up in the logbook.");
    }
    Instant received = clock.instant();
    BatchHistory before = history(row);
    BatchEvent event =
        maker.event(write, write.stamp().happened(received, kitchens.settings().zoneId()), before);
    BatchHistory history = meant(before, event, received);
    places.written(row, write, before, history);
    batches.append(
        EventRow.of(
            batchId,
            row.nextSequence(),
            event,
            BatchDocuments.EVENT.write(event),
            write,
            received,
            actor));
    Forecast forecast = Forecaster.forecast(history);
    batches.appended(
        batchId,
        BatchDocuments.FORECAST.write(
            ForecastView.of(forecast, before.snapshot().clock(), kitchens.settings())),
        learnt(history, forecast));
    if (event instanceof Finished finished) {
      places.off(batchId);
      batches.finished(
          batchId,
          finished.at(),
          finished.finalMass().map(Mass::kilograms).orElse(null),
          forecast.prediction().belief().factor(Quantity.EVAPORATION),
          finished.note(),
          AsMade.reached(history, forecast).value());
    }
    return new Recorded(batchId, event.id(), row.nextSequence(), event.at());
  }

  private static Learnt learnt(BatchHistory history, Forecast forecast) {
    Belief belief = forecast.prediction().belief();
    Optional<ReadingTaken> plated =
        history.countingReadings().stream()
            .filter(taken -> taken.measurement() instanceof Plated)
            .reduce((earlier, later) -> later);
    return new Learnt(
        forecast.readings(),
        plated.map(taken -> ((Plated) taken.measurement()).spread().meters()).orElse(null),
        plated.map(ReadingTaken::at).orElse(null),
        belief.factor(Quantity.POWER),
        belief.body());
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
