package urnstew.core.serving.pasta;

import java.time.Duration;
import urnstew.core.task.Span;
import urnstew.units.Temperature;

/**
 * How long pasta takes where water boils at another temperature.
 *
 * <p>t = t₁₀₀·exp(E/R·(1/T_b − 1/373.15)) with E = 33 kJ/mol, 20 to 45 as its band (assumption).
 * Worked number: at 92.1 °C × 1.26, 1.15 to 1.37 (check-values m09).
 *
 * @param alDente from the drop, with its band
 * @param out when to lift it, before that by what the pan finishes
 * @param tasteFrom first taste
 * @param early by how much it is lifted early
 * @param slowerFactor than at 100 °C, times
 */
public record PastaMinutes(
    Span alDente, Span out, Duration tasteFrom, Duration early, double slowerFactor) {
  private static final double GAS = 8.314;
  private static final double LEAST_JOULES = 20_000;
  private static final double LIKELY_JOULES = 33_000;
  private static final double MOST_JOULES = 45_000;
  private static final double BOILING_KELVIN = 373.15;
  private static final double KELVIN = 273.15;
  private static final Duration EARLY = Duration.ofSeconds(40);
  private static final Duration TASTE_BEFORE = Duration.ofSeconds(90);
  private static final double FROZEN_SLOWER = 1.3;

  /**
   * Minutes of a batch.
   *
   * @param water temperature of the boil
   * @param fall what dropping it in does to that
   * @param inThePan whether the pan finishes it
   */
  public static PastaMinutes of(
      PastaBatch pasta, Temperature water, WaterPot.Fall fall, boolean inThePan) {
    Span sea = pasta.shape().atSeaLevel();
    double frozen = pasta.isFrozen() ? FROZEN_SLOWER : 1;
    Span alDente =
        new Span(
            time(
                sea.least(), frozen * slowerFactor(water, LEAST_JOULES), fall, water, LEAST_JOULES),
            time(
                sea.least(),
                frozen * slowerFactor(water, LIKELY_JOULES),
                fall,
                water,
                LIKELY_JOULES),
            time(
                sea.likely(), frozen * slowerFactor(water, MOST_JOULES), fall, water, MOST_JOULES));
    Duration early = inThePan && !pasta.shape().isFresh() ? EARLY : Duration.ZERO;
    Span out =
        new Span(
            less(alDente.least(), early),
            less(alDente.likely(), early),
            less(alDente.most(), early));
    return new PastaMinutes(
        alDente, out, less(out.least(), TASTE_BEFORE), early, slowerFactor(water, LIKELY_JOULES));
  }

  /** How many times longer than at 100 °C. */
  public static double slowerFactor(Temperature water, double joulesPerMole) {
    double kelvin = water.celsius() + KELVIN;
    return Math.exp(joulesPerMole / GAS * (1 / kelvin - 1 / BOILING_KELVIN));
  }

  /** While the water is below its boil it cooks more slowly too. */
  private static Duration time(
      Duration sea, double factor, WaterPot.Fall fall, Temperature boil, double joules) {
    Temperature dip = Temperature.ofCelsius(boil.celsius() - fall.kelvins() / 2);
    double lost = 1 - slowerFactor(boil, joules) / slowerFactor(dip, joules);
    double below = Math.min(fall.back().toMillis(), sea.toMillis() * factor);
    return Duration.ofMillis(Math.round(sea.toMillis() * factor + lost * below));
  }

  private static Duration less(Duration from, Duration by) {
    Duration left = from.minus(by);
    return left.isNegative() ? Duration.ZERO : left;
  }

  /** Share of the time to al dente at which it is lifted. */
  public double outShare() {
    return out.likely().toMillis() / (double) alDente.likely().toMillis();
  }
}
