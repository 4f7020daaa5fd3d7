package urnstew.app.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchView.AdviceView;
import urnstew.app.batch.BatchView.LineView;
import urnstew.app.batch.BatchView.StepView;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.plan.CurvePoint;
import urnstew.app.plan.HeatingChoice;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecast.Doubt;
import urnstew.core.batch.Forecast.ReadingMark;
import urnstew.core.batch.NextStep;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerSetting;

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
    List<HeatFrom> heats,
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

  /** Heat and lid from a moment on, as told or as the next stage says. */
  public record HeatFrom(
      Instant at,
      HeatingChoice.Way way,
      @Nullable Double burnerShare,
      @Nullable Double ovenCelsius,
      boolean fan,
      Lid lid) {}

  static ForecastView of(Forecast forecast, BatchClock clock, KitchenSettings kitchen) {
    Hours hours = new Hours(clock, clock.secondsAt(forecast.simmerStartedAt()));
    Map<String, Double> doubts =
        forecast.doubts().stream().collect(Collectors.toMap(Doubt::step, Doubt::doneShare));
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
        forecast.steps().stream().map(step -> hours.step(step, doubts.get(step.key()))).toList(),
        forecast.drawn(MOST_DRAWN).stream()
            .map(mark -> hours.read(mark, prediction.oddReadings()))
            .toList(),
        hours.heats(prediction.likely()),
        forecast.end().total().kilograms() + forecast.beside().kilograms(),
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

    StepView step(NextStep step, @Nullable Double doneShare) {
      return new StepView(
          step.key(),
          at(step.simmerSeconds()),
          step.kind(),
          step.what(),
          step.detail(),
          step.kilograms(),
          step.offeredKilograms() > 0 ? step.offeredKilograms() : null,
          step.line(),
          step.done(),
          doneShare);
    }

    List<HeatFrom> heats(ReductionCurve fall) {
      List<HeatFrom> heats = new ArrayList<>();
      @Nullable SimmerSetting before = null;
      for (PotState state : fall.states()) {
        SimmerSetting now = state.setting();
        if (before == null
            || !now.heating().equals(before.heating())
            || now.lid() != before.lid()) {
          HeatingChoice choice = HeatingChoice.of(now.heating());
          heats.add(
              new HeatFrom(
                  at(state.seconds()),
                  choice.way(),
                  choice.burnerShare(),
                  choice.ovenCelsius(),
                  choice.fan(),
                  now.lid()));
        }
        before = now;
      }
      return heats;
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
