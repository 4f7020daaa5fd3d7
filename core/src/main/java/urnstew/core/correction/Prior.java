package urnstew.core.correction;

import java.util.List;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.reduction.Heating;

/**
 * What is believed about a pot before it is read.
 *
 * <p>The rate below the boil: nine pots in ten lie within times or divided by 1.5 (assumption), of
 * which one pot and one hand make 0.15 from batch to batch and the rest is the pot's own. With n
 * past batches in the same pot, θ̄ = Σθ/(n + ω²/τ²) and σ² = ω² + 1/(1/τ² + n/ω²). Worked number:
 * three batches that all ran at 0.8 leave ×0.84 with σ 0.17. The body of a product likewise, from
 * plate tests of earlier batches of the same formula: equal solids differ about twofold between
 * products, and by 0.12 from batch to batch of one (assumptions). A burner likewise, from batches
 * cooked on it set and left: half of its spread is its own.
 *
 * @param evaporationLogMean logarithm of the likely rate factor
 * @param evaporationLogDeviation its standard deviation
 * @param powerLogMean logarithm of the likely factor on the burner's heat
 * @param powerLogDeviation standard deviation of the logarithm of the heat
 * @param bodyLogMean logarithm of the likely body
 * @param bodyLogDeviation its standard deviation
 */
public record Prior(
    double evaporationLogMean,
    double evaporationLogDeviation,
    double powerLogMean,
    double powerLogDeviation,
    double bodyLogMean,
    double bodyLogDeviation) {
  private static final double NINE_TENTHS = 1.645;
  private static final double ALL_POTS = Math.log(1.5) / NINE_TENTHS;
  private static final double SAME_POT = 0.15;

  /** Of a burner's spread, what is left from batch to batch on the same one (assumption). */
  private static final double SAME_BURNER_SHARE = 0.5;

  /** Ovens pass heat by times or divided by 1.5, nine in ten (assumption): air, rack, true heat. */
  private static final double ALL_OVENS = Math.log(1.5) / NINE_TENTHS;

  /** Of what was put in: a scale and a little on the spoon (assumption). */
  private static final double MASS = 0.01;

  /** Cans of one kind differ in solids by about a tenth (assumption). */
  private static final double SOLIDS = 0.06;

  /** Kelvins by which cooks differ in what they call a gentle simmer (assumption). */
  private static final double WARMTH = 2.5;

  private static final double ALL_BODIES = Math.log(2) / 2 / NINE_TENTHS;
  private static final double SAME_BODY = 0.12;

  /** How far rate and flame wander after the last reading (assumption). */
  private static final double DRIFT = 0.05;

  /**
   * What earlier batches ended with.
   *
   * @param evaporation rate factors in this pot
   * @param power heat factors on this burner, where it was set and left
   * @param body bodies of this sauce that plate tests found
   */
  public record Past(List<Double> evaporation, List<Double> power, List<Double> body) {
    /** Nothing was cooked yet. */
    public static final Past NONE = new Past(List.of(), List.of(), List.of());

    public Past {
      evaporation = List.copyOf(evaporation);
      power = List.copyOf(power);
      body = List.copyOf(body);
    }
  }

  /** A pot that was never read. */
  public static Prior of(HeatSource source) {
    return of(source, Past.NONE);
  }

  /** A pot, a burner and a sauce with a history. */
  public static Prior of(HeatSource source, Past past) {
    Learnt evaporation = Learnt.from(past.evaporation(), ALL_POTS, SAME_POT);
    Learnt power =
        Learnt.from(past.power(), source.logSpread(), SAME_BURNER_SHARE * source.logSpread());
    Learnt body = Learnt.from(past.body(), ALL_BODIES, SAME_BODY);
    return new Prior(
        evaporation.mean(),
        evaporation.deviation(),
        power.mean(),
        power.deviation(),
        body.mean(),
        body.deviation());
  }

  /**
   * The same where it is heated so: what a burner's batches say tells nothing of an oven, whose
   * heat differs more than any burner's.
   */
  public Prior under(Heating heating) {
    return heating instanceof Heating.InOven
        ? new Prior(
            evaporationLogMean,
            evaporationLogDeviation,
            0,
            ALL_OVENS,
            bodyLogMean,
            bodyLogDeviation)
        : this;
  }

  /** What past factors say of the next one, in logarithms. */
  private record Learnt(double mean, double deviation) {
    static Learnt from(List<Double> past, double all, double same) {
      double each = 1 / (same * same);
      double precision = 1 / (all * all - same * same) + past.size() * each;
      double sum = past.stream().mapToDouble(Math::log).sum();
      return new Learnt(sum * each / precision, Math.sqrt(same * same + 1 / precision));
    }
  }

  /** The likely rate factor. */
  public double likelyEvaporationFactor() {
    return Math.exp(evaporationLogMean);
  }

  /** The likely factor on the burner's heat. */
  public double likelyPowerFactor() {
    return Math.exp(powerLogMean);
  }

  /** The likely body of the product, 1 for an ordinary one. */
  public double likelyBodyFactor() {
    return Math.exp(bodyLogMean);
  }

  double mean(Quantity quantity) {
    return switch (quantity) {
      case EVAPORATION -> evaporationLogMean;
      case POWER -> powerLogMean;
      case BODY -> bodyLogMean;
      default -> 0;
    };
  }

  /** Standard deviation of a quantity. */
  double deviation(Quantity quantity) {
    return switch (quantity) {
      case EVAPORATION -> evaporationLogDeviation;
      case POWER -> powerLogDeviation;
      case MASS -> MASS;
      case SOLIDS -> SOLIDS;
      case WARMTH -> WARMTH;
      case BODY -> bodyLogDeviation;
      case DRIFT -> DRIFT;
    };
  }
}
