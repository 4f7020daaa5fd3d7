package urnstew.core.correction;

import java.util.EnumMap;
import java.util.Map;
import urnstew.core.reduction.Unknowns;

/**
 * Values of all that is not known: factors as logarithms, warmth in kelvins.
 *
 * @param values by quantity, none missing
 */
public record ParameterEstimate(Map<Quantity, Double> values) {
  /** What may differ from what is assumed. */
  public enum Quantity {
    /** Rate below the boil. */
    EVAPORATION,
    /** Heat of burner or oven. */
    POWER,
    /** What was put in. */
    MASS,
    /** Solids in what was put in. */
    SOLIDS,
    /** Kelvins by which the simmer is kept warmer. */
    WARMTH,
    /** How thick this product is at its solids. */
    BODY,
    /** Rate and heat from the last reading on. */
    DRIFT
  }

  /** Everything as assumed. */
  public static final ParameterEstimate NOMINAL = new ParameterEstimate(Map.of());

  public ParameterEstimate {
    Map<Quantity, Double> all = new EnumMap<>(Quantity.class);
    for (Quantity quantity : Quantity.values()) {
      all.put(quantity, values.getOrDefault(quantity, 0.0));
    }
    values = Map.copyOf(all);
  }

  /** A value; all are there. */
  public double of(Quantity quantity) {
    return values.getOrDefault(quantity, 0.0);
  }

  /** A factor on what is assumed. */
  public double factor(Quantity quantity) {
    return Math.exp(of(quantity));
  }

  /** How thick this product is at its solids, against the assumed. */
  public double bodyFactor() {
    return factor(Quantity.BODY);
  }

  /** For the model of the pot. */
  public Unknowns unknowns(double driftFromSeconds) {
    return new Unknowns(
        factor(Quantity.EVAPORATION),
        factor(Quantity.POWER),
        factor(Quantity.MASS),
        factor(Quantity.SOLIDS),
        of(Quantity.WARMTH),
        factor(Quantity.DRIFT),
        driftFromSeconds);
  }
}
