package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.ReadingTaken;
import urnstew.core.batch.Measurement.Weighed;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.Instruments;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.ReductionCurve;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Twenty pots are predicted as they are on record for this version of the model. Whoever changes
 * what is predicted raises the version and puts the pots of the new one on record beside the old.
 */
class ModelVersionTest {
  private static final List<String> FORMULAS =
      List.of("plain-marinara", "ridge-ragu", "plain-marinara", "ridge-ragu", "plain-marinara");
  private static final List<Heating> HEATINGS =
      List.of(
          Samples.GENTLE,
          Samples.LIVELY,
          new Heating.BurnerSet(new MassFraction(0.5)),
          new Heating.InOven(Temperature.ofCelsius(160), true));

  @Test
  void thePotsOfThisVersionArePredictedAsTheyAreOnRecord() throws IOException {
    List<String> predicted =
        IntStream.range(0, FORMULAS.size() * HEATINGS.size())
            .mapToObj(ModelVersionTest::predicted)
            .toList();
    String record = "/model/pots-" + BatchSnapshot.MODEL_VERSION + ".csv";
    try (InputStream kept = getClass().getResourceAsStream(record)) {
      List<String> lines =
          new String(Objects.requireNonNull(kept).readAllBytes(), StandardCharsets.UTF_8)
              .lines()
              .filter(line -> !line.startsWith("#"))
              .toList();
      assertEquals(lines, predicted, "Raise BatchSnapshot.MODEL_VERSION.");
    }
  }

  /** Seconds and mass at the end, as planned and after two readings; what is believed then. */
  private static String predicted(int pot) {
    ResolvedFormula formula = Samples.formula(FORMULAS.get(pot % FORMULAS.size()));
    Heating heating = HEATINGS.get(pot / FORMULAS.size());
    BatchHistory lit =
        new BatchHistory(
            new BatchSnapshot(
                Samples.planInputs(
                        20 + 2 * pot,
                        Samples.pot(0.28 + 0.01 * (pot % 9), 0.25),
                        heating,
                        pot % 3 == 0 ? Lid.AJAR : Lid.OFF)
                    .with(formula)
                    .with(new Target.Solids(new MassFraction(0.12 + 0.005 * (pot % 5)))),
                Duration.ofMinutes(10),
                Instruments.ASSUMED,
                new BatchClock(Samples.NOON, 1),
                BatchSnapshot.MODEL_VERSION),
            List.of());
    Forecast first = Samples.forecast(lit);
    List<BatchEvent> readings = new ArrayList<>();
    for (int i = 1; i <= 2; i++) {
      Instant at = first.simmerStartedAt().plus(Duration.ofMinutes(20L * i));
      double kilograms = first.prediction().likely().massAt(1200 * i).kilograms();
      readings.add(
          new ReadingTaken(
              new UUID(1, i),
              at,
              new Weighed(new Mass((1 + 0.01 * i) * kilograms), new Mass(0), Mass.ofGrams(20))));
    }
    Forecast then = Samples.forecast(new BatchHistory(lit.snapshot(), readings));
    return String.format(
        Locale.ROOT,
        "%d,%s,%s,%.4f",
        pot,
        figures(first),
        figures(then),
        then.prediction().estimate().factor(Quantity.EVAPORATION));
  }

  /** The late edge to a thousandth: it is a root that is found to the second. */
  private static String figures(Forecast forecast) {
    ReductionCurve likely = forecast.prediction().likely();
    return String.format(
        Locale.ROOT,
        "%.0f,%.4f,%.3f",
        likely.last().seconds(),
        forecast.end().total().kilograms(),
        forecast.prediction().late().last().seconds() / likely.last().seconds());
  }
}
