package urnstew.app.batch;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchView.AdviceView;
import urnstew.app.batch.BatchView.LineView;
import urnstew.app.batch.BatchView.StepView;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.plan.CurvePoint;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecast.ReadingMark;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Outcome;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;

/** What is expected of a batch, as it was shown. */
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
    long stirEverySeconds,
    List<LineView> lines,
    List<StepView> steps,
    List<ReadPoint> reads,
    double endMassKilograms,
    double equivalentSolidsFraction,
    String band,
    double saltFraction,
    double portions,
    @Nullable AdviceView advice,
    int readings,
    double evaporationFactor,
    @Nullable Double powerFactor,
    double bodyFactor,
    List<String> oddReadings,
    List<Caution> cautions,
    List<Working> workings) {

  private static final int MOST_DRAWN = 500;

  /** A reading where it lies on the fall line. */
  public record ReadPoint(Instant at, double kilograms, boolean ofMass, boolean odd) {}

  static ForecastView of(Forecast forecast, BatchClock clock, KitchenSettings kitchen) {
    Hours hours = new Hours(clock, clock.secondsAt(forecast.simmerStartedAt()));
    var prediction = forecast.prediction();
    var equivalentSolids = prediction.likely().last().equivalentSolids();
    return new ForecastView(
        forecast.simmerStartedAt(),
        hours.end(prediction.likely()),
        hours.end(prediction.early()),
        hours.end(prediction.late()),
        reason(prediction.likely().outcome()),
        CurvePoint.along(prediction.likely(), hours::at),
        CurvePoint.along(prediction.early(), hours::at),
        CurvePoint.along(prediction.late(), hours::at),
        forecast.kilogramsPerHour(),
        forecast.stirEvery().toSeconds(),
        IntStream.range(0, forecast.lines().size())
            .mapToObj(i -> LineView.of(i, forecast.lines().get(i)))
            .toList(),
        forecast.steps().stream().map(hours::step).toList(),
        forecast.drawn(MOST_DRAWN).stream()
            .map(mark -> hours.read(mark, prediction.oddReadings()))
            .toList(),
        forecast.end().total().kilograms(),
        equivalentSolids.value(),
        kitchen.band(equivalentSolids),
        forecast.saltShare(),
        forecast.portions(),
        forecast.advice().map(hours::advice).orElse(null),
        forecast.readings(),
        prediction.estimate().factor(Quantity.EVAPORATION),
        prediction.estimate().factor(Quantity.POWER),
        prediction.estimate().bodyFactor(),
        prediction.oddReadings(),
        forecast.cautions(),
        forecast.workings());
  }

  private static @Nullable String reason(Outcome outcome) {
    if (outcome instanceof NeverReaches never) {
      return never.why().reason();
    }
    return outcome instanceof OutOfRange beyond ? beyond.what().reason() : null;
  }

  /** Seconds of the simmer on the kitchen's clock. */
  private record Hours(BatchClock clock, double origin) {
    Instant at(double seconds) {
      return clock.at(origin + seconds);
    }

    @Nullable Instant end(ReductionCurve fall) {
      return fall.outcome() instanceof Reaches reaches
          ? at(reaches.after().toMillis() / 1000.0)
          : null;
    }

    StepView step(urnstew.core.batch.NextStep step) {
      return new StepView(
          step.key(),
          at(step.simmerSeconds()),
          step.kind(),
          step.what(),
          step.detail(),
          step.kilograms(),
          step.line(),
          step.done());
    }

    ReadPoint read(ReadingMark mark, List<String> odd) {
      return new ReadPoint(
          at(mark.seconds()), mark.kilograms(), mark.ofMass(), odd.contains(mark.key()));
    }

    AdviceView advice(urnstew.core.correction.Advisor.Advice advice) {
      return new AdviceView(
          advice.kind(), at(advice.seconds()), advice.halfWidthSeconds(), advice.narrowedSeconds());
    }
  }
}
