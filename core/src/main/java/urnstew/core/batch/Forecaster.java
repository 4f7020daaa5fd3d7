package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.Measurement.Dipped;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Prediction;
import urnstew.core.reduction.Reading;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionWorking;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Sizing;

/** Turns a batch's history into a forecast. */
public final class Forecaster {
  /** Share by which what went in must differ before it is said (assumption). */
  private static final double OTHER_AMOUNT = 0.04;

  private Forecaster() {}

  /** The forecast that follows from everything recorded so far. */
  public static Forecast forecast(BatchHistory history) {
    PlanInputs inputs = history.snapshot().inputs();
    BatchSize size =
        Sizing.size(inputs.formula(), inputs.need(), inputs.target(), inputs.wholePacks());
    List<Reading> readings =
        history.countingReadings().stream().map(reading -> reading(history, reading)).toList();
    Prediction prediction =
        Reduction.predict(inputs.setting(), size.start(), inputs.target(), readings);
    double rate = prediction.likely().kilogramsPerHourAt(moment(prediction, readings));
    return new Forecast(
        history.simmerStartedAt(),
        prediction,
        rate,
        readings.size(),
        otherAmount(prediction.unknowns().mass()),
        List.of(
            ReductionWorking.of(
                "thickAt", inputs.setting(), size.start(), inputs.target(), prediction),
            rateWorking(rate, prediction)));
  }

  /** Readings that agree with each other but not with the amounts: the cook should hear of it. */
  private static List<Caution> otherAmount(double massFactor) {
    if (Math.abs(massFactor - 1) < OTHER_AMOUNT) {
      return List.of();
    }
    String text =
        String.format(
            Locale.ROOT,
            "The readings go together if about %.0f %% %s went into the pot than planned. If you do"
                + " not know why, check the weight of the empty pot.",
            100 * Math.abs(massFactor - 1),
            massFactor < 1 ? "less" : "more");
    return List.of(new Caution("other-amount", text));
  }

  private static double moment(Prediction prediction, List<Reading> readings) {
    if (!readings.isEmpty()) {
      return readings.get(readings.size() - 1).seconds();
    }
    return prediction.likely().outcome() instanceof Reaches reaches
        ? reaches.after().toSeconds() / 2.0
        : Duration.ofHours(1).toSeconds();
  }

  private static Reading reading(BatchHistory history, ReadingTaken taken) {
    double seconds = seconds(history, taken.at());
    String key = taken.id().toString();
    if (taken.measurement() instanceof Weighed weighed) {
      return new Reading.Weighing(
          key, seconds, weighed.gross().minus(weighed.tare()), weighed.error());
    }
    Dipped dipped = (Dipped) taken.measurement();
    return new Reading.Dip(key, seconds, dipped.depth(), dipped.error());
  }

  private static double seconds(BatchHistory history, Instant at) {
    BatchClock clock = history.snapshot().clock();
    return clock.secondsAt(at) - clock.secondsAt(history.simmerStartedAt());
  }

  private static Working rateWorking(double rate, Prediction prediction) {
    return new Working(
        "rate",
        "Water leaving the pot around the last reading, from the corrected fall.",
        "ṁ = Δm / Δt",
        List.of(
            new Term("water leaving", "ṁ", rate, "kg/h"),
            new Term("this pot against the assumed", "f", prediction.unknowns().evaporation(), ""),
            new Term("burner against the assumed", "f_P", prediction.unknowns().power(), ""),
            new Term("put in against the plan", "f_m", prediction.unknowns().mass(), "")),
        List.of("The rate stays as it is: nobody touches knob or lid"),
        List.of("Conservation of mass"),
        Confidence.MEASURED);
  }
}
