package urnstew.core.serving.piece;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * What a probe in the middle tells of the hour, as a weighing tells of a pot's.
 *
 * <p>All that is not known is one factor on time, with the band of the reckoning as its prior; the
 * readings, each within 1.5 K, move it to its most probable value. A rule set's wait is never
 * shortened by that: it counts from the slow side, or from a reading that is there itself.
 *
 * @param cooking as reckoned
 * @param readings in order
 * @param factor how much longer it takes than likely
 * @param logSpread standard deviation of the factor's logarithm, with the readings
 */
public record Probed(Cooking cooking, List<Reading> readings, double factor, double logSpread) {
  private static final double READING_KELVINS = 1.5;

  /** The band holds two standard deviations to each side. */
  private static final double DEVIATIONS = 2;

  private static final double LEAST_SPREAD = 0.01;
  private static final double WIDEST = 1;
  private static final double STEP = 0.01;
  private static final int MOST_TRIES = 100;

  /**
   * A probe in the thickest place.
   *
   * @param at since the first spell began
   * @param core that it showed, −5 to 120 °C
   */
  public record Reading(Duration at, Temperature core) {
    public Reading {
      Require.within("core", core.celsius(), -5, 120, "°C");
      if (at.isNegative()) {
        throw new InvalidInput(
            "at",
            "negative",
            "A reading before the piece went in tells nothing.",
            "0 min or later",
            "Type the minutes since it went in.");
      }
    }

    double seconds() {
      return at.toMillis() / 1000.0;
    }
  }

  public Probed {
    readings = List.copyOf(readings);
  }

  /** The reckoning with these readings. */
  public static Probed of(Cooking cooking, List<Reading> readings) {
    Span at = cooking.reaches(cooking.taste().celsius()).orElseThrow();
    double likely = Math.max(1, at.likely().toMillis());
    double late = Math.max(LEAST_SPREAD, Math.log(at.most().toMillis() / likely) / DEVIATIONS);
    double early =
        Math.max(LEAST_SPREAD, Math.log(likely / Math.max(1, at.least().toMillis())) / DEVIATIONS);
    UnivariateFunction misfit = x -> misfit(cooking, readings, x, x > 0 ? late : early);
    double found =
        new BrentOptimizer(1e-6, 1e-6)
            .optimize(
                new UnivariateObjectiveFunction(misfit),
                GoalType.MINIMIZE,
                new SearchInterval(-WIDEST, WIDEST, 0),
                new MaxEval(MOST_TRIES))
            .getPoint();
    double curvature =
        (misfit.value(found + STEP) - 2 * misfit.value(found) + misfit.value(found - STEP))
            / (STEP * STEP);
    double prior = found > 0 ? late : early;
    double spread = curvature <= 0 ? prior : Math.min(prior, Math.sqrt(2 / curvature));
    return new Probed(cooking, readings, Math.exp(found), spread);
  }

  private static double misfit(Cooking cooking, List<Reading> readings, double log, double spread) {
    double sum = log * log / (spread * spread);
    for (Reading reading : readings) {
      double told = cooking.likely().celsiusAt(reading.seconds() * Math.exp(-log));
      double off = (reading.core().celsius() - told) / READING_KELVINS;
      sum += off * off;
    }
    return sum;
  }

  /** When the core wanted by taste is there now. */
  public Span at() {
    double likely = cooking.likely().secondsTo(cooking.taste().celsius()) * factor;
    double band = Math.exp(DEVIATIONS * logSpread);
    return new Span(Cooking.time(likely / band), Cooking.time(likely), Cooking.time(likely * band));
  }

  /** When to take it out now, where it would have been so by the reckoning. */
  public Duration out(Cooking.TasteCore tasted) {
    return Cooking.time(tasted.out().toMillis() / 1000.0 * factor);
  }

  /**
   * What the code asks for: its wait begins where the slow side has the core, later if the readings
   * say so, at once only where a reading has it.
   */
  public Optional<Cooking.RuleCore> rule(RuleSet rules) {
    return rules.cooking().stream()
        .filter(row -> row.food() == cooking.piece().cut().food())
        .flatMap(row -> from(row.core().celsius()).map(at -> Cooking.ruled(row, at)).stream())
        .min(Comparator.comparing(Cooking.RuleCore::enough));
  }

  private Optional<Duration> from(double core) {
    Optional<Duration> measured =
        readings.stream()
            .filter(reading -> reading.core().celsius() >= core)
            .map(Reading::at)
            .min(Comparator.naturalOrder());
    return measured.or(() -> cooking.reaches(core).map(span -> notBefore(span, core)));
  }

  private Duration notBefore(Span reckoned, double core) {
    double corrected = cooking.likely().secondsTo(core) * factor * Math.exp(DEVIATIONS * logSpread);
    Duration last =
        readings.stream().map(Reading::at).max(Comparator.naturalOrder()).orElse(Duration.ZERO);
    Duration slow = reckoned.most();
    Duration later = Cooking.time(corrected);
    Duration from = later.compareTo(slow) > 0 && !readings.isEmpty() ? later : slow;
    return from.compareTo(last) > 0 ? from : last;
  }
}
