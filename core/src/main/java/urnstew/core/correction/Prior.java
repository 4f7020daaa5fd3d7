package urnstew.core.correction;

import java.util.List;
import urnstew.core.correction.Belief.Quantity;
import urnstew.core.kitchen.HeatSource;

/**
 * What is believed about a pot before it is read.
 *
 * <p>The rate below the boil: nine pots in ten lie within times or divided by 1.5 (assumption), of
 * which one pot and one hand make 0.15 from batch to batch and the rest is the pot's own. With n
 * past batches in the same pot, θ̄ = Σθ/(n + ω²/τ²) and σ² = ω² + 1/(1/τ² + n/ω²). Worked number:
 * three batches that all ran at 0.8 leave ×0.84 with σ 0.17.
 *
 * @param evaporationMean logarithm of the likely rate factor
 * @param evaporationDeviation its standard deviation
 * @param powerDeviation standard deviation of the logarithm of the heat
 */
public record Prior(double evaporationMean, double evaporationDeviation, double powerDeviation) {
  private static final double NINE_TENTHS = 1.645;
  private static final double ALL_POTS = Math.log(1.5) / NINE_TENTHS;
  private static final double SAME_POT = 0.15;
  private static final double BETWEEN_POTS = Math.sqrt(ALL_POTS * ALL_POTS - SAME_POT * SAME_POT);

  /** Of what was put in: a scale and a little on the spoon (assumption). */
  private static final double MASS = 0.01;

  /** Cans of one kind differ in solids by about a tenth (assumption). */
  private static final double SOLIDS = 0.06;

  /** Kelvins by which cooks differ in what they call a gentle simmer (assumption). */
  private static final double WARMTH = 2.5;

  /** Equal solids differ about twofold in thickness, by product (assumption). */
  private static final double BODY = Math.log(2) / 2 / NINE_TENTHS;

  /** How far rate and flame wander after the last reading (assumption). */
  private static final double DRIFT = 0.05;

  /** A pot that was never read. */
  public static Prior of(HeatSource source) {
    return of(source, List.of());
  }

  /**
   * A pot with a history.
   *
   * @param source the burner
   * @param pastEvaporation rate factors that earlier batches in this pot ended with
   */
  public static Prior of(HeatSource source, List<Double> pastEvaporation) {
    double own = 1 / (BETWEEN_POTS * BETWEEN_POTS);
    double each = 1 / (SAME_POT * SAME_POT);
    double sum = pastEvaporation.stream().mapToDouble(Math::log).sum();
    double precision = own + pastEvaporation.size() * each;
    return new Prior(
        sum * each / precision, Math.sqrt(SAME_POT * SAME_POT + 1 / precision), source.logSpread());
  }

  /** The likely rate factor. */
  public double likelyEvaporation() {
    return Math.exp(evaporationMean);
  }

  double mean(Quantity quantity) {
    return quantity == Quantity.EVAPORATION ? evaporationMean : 0;
  }

  /** Standard deviation of a quantity. */
  double deviation(Quantity quantity) {
    return switch (quantity) {
      case EVAPORATION -> evaporationDeviation;
      case POWER -> powerDeviation;
      case MASS -> MASS;
      case SOLIDS -> SOLIDS;
      case WARMTH -> WARMTH;
      case BODY -> BODY;
      case DRIFT -> DRIFT;
    };
  }
}
