package urnstew.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.plan.CurvePoint;
import urnstew.app.plan.PlanView;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.batch.Forecast;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.Trajectory;
import urnstew.units.Mass;

/** A batch as the screens see it. */
public record BatchView(
    UUID id,
    String name,
    Status status,
    Instant startedAt,
    int timeScale,
    Instant now,
    PotView pot,
    PlanView planned,
    ForecastView asPlanned,
    ForecastView forecast,
    List<EventView> events,
    @Nullable EndView end) {

  /** The pot as it was when the batch was started. */
  public record PotView(
      UUID vesselId,
      String name,
      double baseDiameterMeters,
      double topDiameterMeters,
      double depthMeters,
      double emptyMassKilograms,
      SimmerLevel level,
      Lid lid,
      String heatSourceName) {}

  /** What is expected. */
  public record ForecastView(
      Instant simmerStartedAt,
      @Nullable Instant thickAt,
      @Nullable Instant earliest,
      @Nullable Instant latest,
      @Nullable String neverReason,
      List<CurvePoint> likely,
      List<CurvePoint> early,
      List<CurvePoint> late,
      double kilogramsPerHour,
      int readings,
      double evaporationFactor,
      List<String> oddReadings,
      List<Caution> cautions,
      List<Working> workings) {

    static ForecastView of(Forecast forecast, BatchClock clock) {
      double origin = clock.secondsAt(forecast.simmerStartedAt());
      var prediction = forecast.prediction();
      return new ForecastView(
          forecast.simmerStartedAt(),
          end(prediction.likely(), clock, origin),
          end(prediction.early(), clock, origin),
          end(prediction.late(), clock, origin),
          prediction.likely().outcome() instanceof NeverReaches never ? never.why().reason() : null,
          CurvePoint.along(prediction.likely(), seconds -> clock.at(origin + seconds)),
          CurvePoint.along(prediction.early(), seconds -> clock.at(origin + seconds)),
          CurvePoint.along(prediction.late(), seconds -> clock.at(origin + seconds)),
          forecast.kilogramsPerHour(),
          forecast.readings(),
          prediction.unknowns().evaporation(),
          prediction.oddReadings(),
          forecast.cautions(),
          forecast.workings());
    }

    private static @Nullable Instant end(Trajectory fall, BatchClock clock, double origin) {
      return fall.outcome() instanceof Reaches reaches
          ? clock.at(origin + reaches.after().toMillis() / 1000.0)
          : null;
    }
  }

  /** Something that happened. */
  public record EventView(
      UUID id,
      int sequence,
      String kind,
      Instant happenedAt,
      String actor,
      String enteredText,
      @Nullable Double netKilograms,
      @Nullable Double depthMeters,
      boolean struckOut,
      boolean odd,
      String note) {}

  /** How it ended. */
  public record EndView(
      Instant endedAt,
      @Nullable Double finalMassKilograms,
      @Nullable Long lateSeconds,
      String note,
      List<Working> workings) {

    static EndView of(Instant endedAt, @Nullable String note, BatchOutcome outcome) {
      return new EndView(
          endedAt,
          outcome.finalMass().map(Mass::kilograms).orElse(null),
          outcome.late().map(Duration::toSeconds).orElse(null),
          note == null ? "" : note,
          outcome.workings());
    }
  }
}
