package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchView.EndView;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.ForecastView;
import urnstew.app.batch.BatchView.PotView;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.batch.BatchSnapshot;
import urnstew.units.Mass;

/** Puts a batch's row and events together for the screens. */
@Component
class BatchViews {
  private final BatchMapper batches;
  private final BatchJson json;
  private final Clock clock;

  BatchViews(BatchMapper batches, BatchJson json, Clock clock) {
    this.batches = batches;
    this.json = json;
    this.clock = clock;
  }

  BatchView view(BatchRow row) {
    BatchJson.Planned planned = json.planned(row);
    ForecastView forecast = json.forecast(row);
    BatchSnapshot snapshot = json.snapshot(row);
    return new BatchView(
        row.id(),
        row.name(),
        row.status(),
        row.startedAt(),
        row.timeScale(),
        clock.instant(),
        pot(snapshot),
        planned.plan(),
        planned.forecast(),
        forecast,
        events(snapshot, batches.events(row.id()), forecast),
        end(row, forecast));
  }

  private static PotView pot(BatchSnapshot snapshot) {
    var vessel = snapshot.inputs().vessel();
    var setting = snapshot.inputs().setting();
    return new PotView(
        vessel.id(),
        vessel.name(),
        vessel.shape().baseDiameter().meters(),
        vessel.shape().topDiameter().meters(),
        vessel.shape().depth().meters(),
        vessel.emptyMass().kilograms(),
        setting.level(),
        setting.lid(),
        setting.heatSource().name());
  }

  private static List<EventView> events(
      BatchSnapshot snapshot, List<EventRow> rows, ForecastView forecast) {
    Set<UUID> struck =
        new BatchHistory(snapshot, rows.stream().map(EventRow::event).toList()).struckOut();
    return rows.stream()
        .map(
            row ->
                new EventView(
                    row.id(),
                    row.sequence(),
                    row.kind().name(),
                    row.happenedAt(),
                    row.actor(),
                    text(row.enteredText()),
                    net(row),
                    row.depthMeters(),
                    struck.contains(row.id()),
                    forecast.oddReadings().contains(row.id().toString()),
                    text(row.note())))
        .toList();
  }

  private static @Nullable Double net(EventRow row) {
    Double gross = row.grossKilograms();
    Double tare = row.tareKilograms();
    return gross == null || tare == null ? row.finalMassKilograms() : Double.valueOf(gross - tare);
  }

  private static @Nullable EndView end(BatchRow row, ForecastView forecast) {
    Instant endedAt = row.endedAt();
    if (endedAt == null) {
      return null;
    }
    BatchOutcome outcome =
        new BatchOutcome(
            Optional.ofNullable(row.plannedEnd()),
            endedAt,
            new Mass(row.plannedMassKilograms()),
            Optional.ofNullable(row.finalMassKilograms()).map(Mass::new),
            forecast.evaporationFactor(),
            forecast.readings());
    return EndView.of(endedAt, row.note(), outcome);
  }

  private static String text(@Nullable String value) {
    return value == null ? "" : value;
  }
}
