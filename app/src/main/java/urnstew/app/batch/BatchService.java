package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.kitchen.Units;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.Receipts;
import urnstew.app.print.Printed;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.correction.Belief.Quantity;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** Batches on the stove: appends what happens and keeps the forecast with it. */
@Service
public class BatchService {
  private final BatchMapper batches;
  private final BatchViews views;
  private final BatchJson json;
  private final EventMaker maker;
  private final KitchenService kitchens;
  private final Receipts receipts;
  private final Clock clock;

  BatchService(
      BatchMapper batches,
      BatchViews views,
      BatchJson json,
      EventMaker maker,
      KitchenService kitchens,
      Receipts receipts,
      Clock clock) {
    this.batches = batches;
    this.views = views;
    this.json = json;
    this.maker = maker;
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
    BatchRow row = batches.find(id).orElseThrow(() -> new NotThere("batch", id));
    requirePresentModel(row);
    return views.view(row);
  }

  /** One batch as the core knows it. */
  @Transactional(readOnly = true)
  public BatchHistory history(UUID id) {
    BatchRow row = batches.find(id).orElseThrow(() -> new NotThere("batch", id));
    requirePresentModel(row);
    return history(row);
  }

  private BatchHistory history(BatchRow row) {
    List<BatchEvent> happened =
        batches.events(row.id()).stream().map(stored -> json.event(stored.payload())).toList();
    return new BatchHistory(json.snapshot(row), happened);
  }

  private static void requirePresentModel(BatchRow row) {
    if (!row.modelVersion().equals(BatchSnapshot.MODEL_VERSION)) {
      throw new Clash(
          "This batch was cooked with an earlier model of the pot.", "Look it up in the logbook.");
    }
  }

  /** Everything about one pot as a page to print. */
  @Transactional(readOnly = true)
  public byte[] handOver(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = new Printed(kitchen.units() == Units.US, kitchen.zoneId());
    return new HandOverSheet(view(id), printed).pdf();
  }

  /** Appends what happened, once, and keeps the forecast with it. */
  @Transactional
  public Recorded record(UUID batchId, Writes.Timed write, Actor actor) {
    return receipts.once(
        write.id(),
        "batch/" + batchId,
        json.withoutSending(write),
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
    batches.append(
        EventRow.of(batchId, row.nextSequence(), event, json.write(event), write, received, actor));
    Forecast forecast = Forecaster.forecast(history);
    batches.appended(
        batchId,
        json.write(ForecastView.of(forecast, before.snapshot().clock(), kitchens.settings())));
    if (event instanceof Finished finished) {
      batches.finished(
          batchId,
          finished.at(),
          finished.finalMass().map(Mass::kilograms).orElse(null),
          forecast.prediction().belief().factor(Quantity.EVAPORATION),
          finished.note());
    }
    return new Recorded(batchId, event.id(), row.nextSequence(), event.at());
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
