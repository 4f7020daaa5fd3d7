package urnstew.app.batch;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.Writes.Finish;
import urnstew.app.batch.Writes.SimmerStart;
import urnstew.app.batch.Writes.StrikeOut;
import urnstew.app.batch.Writes.TakeReading;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.plan.KitchenTime;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Clash;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.Receipts;
import urnstew.app.platform.StoveTime;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.ReadingStruckOut;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.batch.Measurement;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.text.QuantityKind;

/** Batches on the stove: appends what happens and keeps the forecast with it. */
@Service
public class BatchService {
  private final BatchMapper batches;
  private final BatchViews views;
  private final BatchJson json;
  private final KitchenService kitchens;
  private final Receipts receipts;
  private final Clock clock;

  BatchService(
      BatchMapper batches,
      BatchViews views,
      BatchJson json,
      KitchenService kitchens,
      Receipts receipts,
      Clock clock) {
    this.batches = batches;
    this.views = views;
    this.json = json;
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
    return append(
        batchId, write.id(), write, actor, "", moment -> new SimmerStarted(write.id(), moment));
  }

  /** A weighing or a dip. */
  @Transactional
  public Recorded read(UUID batchId, TakeReading write, Actor actor) {
    Measurement measurement = measurement(write);
    return append(
        batchId,
        write.id(),
        write,
        actor,
        write.enteredText(),
        moment -> new ReadingTaken(write.id(), moment, measurement));
  }

  /** A reading was wrong. */
  @Transactional
  public Recorded strikeOut(UUID batchId, StrikeOut write, Actor actor) {
    return append(
        batchId,
        write.id(),
        write,
        actor,
        "",
        moment -> new ReadingStruckOut(write.id(), moment, write.readingId(), write.reason()));
  }

  /** Off the heat. */
  @Transactional
  public Recorded finish(UUID batchId, Finish write, Actor actor) {
    Optional<Mass> finalMass =
        Optional.ofNullable(write.finalMassKilograms())
            .map(kilograms -> at("finalMassKilograms", () -> positive(kilograms)));
    finalMass.ifPresent(
        mass -> agreeMass("finalMassKilograms", write.enteredText(), mass.kilograms()));
    return append(
        batchId,
        write.id(),
        write,
        actor,
        write.enteredText(),
        moment -> new Finished(write.id(), moment, finalMass, write.note()));
  }

  private Recorded append(
      UUID batchId,
      UUID id,
      Writes.Timed write,
      Actor actor,
      String enteredText,
      Function<Instant, BatchEvent> event) {
    Object sameWhenSentAgain = Resent.body(write);
    return receipts.once(
        id,
        "batch/" + batchId,
        sameWhenSentAgain,
        Recorded.class,
        () -> appended(batchId, write, actor, enteredText, event));
  }

  private Recorded appended(
      UUID batchId,
      Writes.Timed write,
      Actor actor,
      String enteredText,
      Function<Instant, BatchEvent> make) {
    BatchRow row = batches.lock(batchId).orElseThrow(() -> new NotThere("batch", batchId));
    if (row.status() == Status.FINISHED) {
      throw new Clash("This batch is off the heat already.", "Look it up in the logbook.");
    }
    Instant received = clock.instant();
    BatchSnapshot snapshot = json.snapshot(row);
    BatchEvent event = make.apply(moment(write, received));
    List<BatchEvent> before = batches.events(batchId).stream().map(EventRow::event).toList();
    BatchHistory history = meant(new BatchHistory(snapshot, before), event, received);
    EventRow stored =
        EventRow.of(batchId, row.nextSequence(), event, write, received, actor, enteredText);
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

  private Measurement measurement(TakeReading write) {
    Double gross = write.grossKilograms();
    Double depth = write.depthMeters();
    if ((gross == null) == (depth == null)) {
      throw new InvalidInput(
          "grossKilograms",
          "one-of-two",
          "A reading is either a weighing or a depth.",
          "exactly one of grossKilograms and depthMeters",
          "Send one of the two.");
    }
    if (depth != null) {
      Length dipped = at("depthMeters", () -> new Length(depth));
      agree(
          "depthMeters",
          write.enteredText(),
          QuantityKind.LENGTH,
          "mm",
          settings().pint(),
          dipped.meters());
      return new Dipped(dipped);
    }
    double kilograms = java.util.Objects.requireNonNull(gross);
    agreeMass("grossKilograms", write.enteredText(), kilograms);
    Double tare = write.tareKilograms();
    return new Weighed(
        at("grossKilograms", () -> new Mass(kilograms)),
        at("tareKilograms", () -> new Mass(tare == null ? 0 : tare)));
  }

  private void agreeMass(String field, String text, double kilograms) {
    agree(field, text, QuantityKind.MASS, "kg", settings().pint(), kilograms);
  }

  private KitchenSettings settings() {
    return kitchens.settings();
  }

  private static Mass positive(double kilograms) {
    return new Mass(urnstew.units.Require.positive("finalMassKilograms", kilograms, "kg"));
  }
}
