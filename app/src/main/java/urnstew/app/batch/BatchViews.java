package urnstew.app.batch;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchView.EndView;
import urnstew.app.batch.BatchView.PotView;
import urnstew.app.batch.BatchView.VesselView;
import urnstew.app.plan.HeatingChoice;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;
import urnstew.core.reduction.SimmerSetting;
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
    List<EventRow> rows = batches.events(row.id());
    List<BatchEvent> events = rows.stream().map(stored -> json.event(stored.payload())).toList();
    BatchHistory history = new BatchHistory(json.snapshot(row), events);
    Formula formula = history.snapshot().inputs().formula().formula();
    return new BatchView(
        row.id(),
        row.name(),
        formula.id(),
        schools(formula),
        row.status(),
        row.startedAt(),
        row.timeScale(),
        clock.instant(),
        pot(history),
        planned.plan(),
        planned.forecast(),
        forecast,
        EventViews.of(rows, history, forecast),
        end(row, forecast));
  }

  /** The ways that it was made in: what of a formula belongs to a school, once ways are chosen. */
  private static List<School> schools(Formula formula) {
    return formula.stages().stream()
        .flatMap(
            stage ->
                Stream.concat(
                    stage.school().stream(),
                    stage.lines().stream().flatMap(line -> line.school().stream())))
        .distinct()
        .toList();
  }

  private static PotView pot(BatchHistory history) {
    SimmerSetting setting = history.setting();
    Target target = history.target();
    return new PotView(
        VesselView.of(setting.vessel()),
        HeatingChoice.of(setting.heating()),
        setting.lid(),
        setting.heatSource().id(),
        setting.heatSource().name(),
        target instanceof Target.Solids solids ? solids.share().value() : null,
        target instanceof Target.Plate plate ? plate.spread().meters() : null);
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
}
