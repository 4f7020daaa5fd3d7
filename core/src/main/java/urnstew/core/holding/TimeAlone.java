package urnstew.core.holding;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import urnstew.core.rules.Limit;
import urnstew.core.rules.Provision;
import urnstew.core.rules.RuleSet;
import urnstew.units.InvalidInput;

/**
 * Food that stands out to be served, such as a rest of a bake or pasta for the second plate: time
 * alone is its limit.
 *
 * <p>It starts hot, shown so by a thermometer with its error taken off, or cold, shown so with the
 * error added. From then on the clock runs whatever it is read at, and what is left is thrown away:
 * it is not heated, cooled or kept again. What started cold is thrown away at once where it was
 * warmer than the rule set allows. FDA Food Code 2022, 3-501.19.
 *
 * @param start when it left its temperature
 * @param fromCold whether it started cold
 * @param rules by which it is judged
 */
public record TimeAlone(Instant start, boolean fromCold, RuleSet rules) {
  /** How it stands. */
  public enum State {
    /** Within its time: may be served. */
    SERVE,
    /** Past its time, or too warm meanwhile: to be thrown away. */
    DISCARD
  }

  /**
   * What the rule says.
   *
   * @param state how it stands
   * @param discard moment from which it may not be served
   * @param tooWarmCelsius reading for which it may not be served before that, °C
   */
  public record Outlook(State state, Instant discard, OptionalDouble tooWarmCelsius) {}

  /**
   * Starts the clock.
   *
   * @param celsius read when it left its temperature
   * @param errorKelvins of the thermometer, K
   * @throws InvalidInput if that was neither hot nor cold enough
   */
  public static TimeAlone starting(
      Instant start, boolean fromCold, double celsius, double errorKelvins, RuleSet rules) {
    double limit = rules.of(fromCold ? Limit.COLD_HOLD : Limit.HOT_HOLD).value();
    boolean shown = fromCold ? celsius + errorKelvins <= limit : celsius - errorKelvins >= limit;
    if (!shown) {
      throw new InvalidInput(
          "celsius",
          fromCold ? "not-cold-enough" : "not-hot-enough",
          String.format(
              "%.0f °C, as far as the thermometer may be out, is not %s.",
              celsius, fromCold ? "cold enough to start" : "hot enough to start"),
          String.format("%.0f °C or %s", limit, fromCold ? "less" : "more"),
          fromCold ? "Chill it first." : "Heat it first, all through.");
    }
    return new TimeAlone(start, fromCold, rules);
  }

  /** How long it may stand. */
  public Duration allowed() {
    return rules.time(fromCold ? Limit.COLD_TIME : Limit.WARM_TIME);
  }

  /**
   * What it may never be warmer than meanwhile, °C; empty where it started hot, or by this code.
   */
  public Optional<Double> top() {
    return fromCold ? rules.find(Limit.COLD_TIME_TOP).map(Provision::value) : Optional.empty();
  }

  /** How it stands at a moment. */
  public Outlook at(Instant now, List<HoldReading> readings) {
    double top = top().orElse(Double.POSITIVE_INFINITY);
    Optional<HoldReading> first =
        readings.stream()
            .filter(reading -> reading.celsius() + reading.errorKelvins() > top)
            .min((a, b) -> a.at().compareTo(b.at()));
    Instant end = start.plus(allowed());
    Instant discard = first.map(HoldReading::at).filter(at -> at.isBefore(end)).orElse(end);
    return new Outlook(
        now.isBefore(discard) ? State.SERVE : State.DISCARD,
        discard,
        first.map(reading -> OptionalDouble.of(reading.celsius())).orElse(OptionalDouble.empty()));
  }
}
