package urnstew.core.thermo;

import urnstew.units.Density;
import urnstew.units.Temperature;

/**
 * Density and specific heat of food from its composition.
 *
 * <p>1/ρ = Σ xᵢ/ρᵢ and c = Σ xᵢcᵢ with polynomials of temperature for each component. Range −40 to
 * 150 °C. Source: Y. Choi, M. R. Okos (1986), as tabulated in the ASHRAE Handbook, Refrigeration,
 * 'Thermal properties of foods'. Worked number: raw tomato at 20 °C has 4.041 kJ/(kg K).
 */
public final class FoodProperties {
  private FoodProperties() {}

  /** Density of a mixture. */
  public static Density density(Composition of, Temperature at) {
    return new Density(of.total().kilograms() / volumeCubicMeters(of, at.celsius()));
  }

  /** Specific heat of a mixture, J/(kg K). */
  public static double specificHeat(Composition of, Temperature at) {
    return heatCapacity(of, at.celsius()) / of.total().kilograms();
  }

  /** Heat that warms all of it by one kelvin, J/K. */
  public static double heatCapacity(Composition of, double t) {
    return 1000
        * (of.waterKilograms() * (4.1762 - 9.0864e-5 * t + 5.4731e-6 * t * t)
            + of.proteinKilograms() * (2.0082 + 1.2089e-3 * t - 1.3129e-6 * t * t)
            + of.fatKilograms() * (1.9842 + 1.4733e-3 * t - 4.8008e-6 * t * t)
            + of.carbohydrateKilograms() * (1.5488 + 1.9625e-3 * t - 5.9399e-6 * t * t)
            + of.fibreKilograms() * (1.8459 + 1.8306e-3 * t - 4.6509e-6 * t * t)
            + of.ashKilograms() * (1.0926 + 1.8896e-3 * t - 3.6817e-6 * t * t));
  }

  /** Volume of all of it, m³. */
  public static double volumeCubicMeters(Composition of, double t) {
    return of.waterKilograms() / (997.18 + 0.0031439 * t - 0.0037574 * t * t)
        + of.proteinKilograms() / (1329.9 - 0.5184 * t)
        + of.fatKilograms() / (925.59 - 0.41757 * t)
        + of.carbohydrateKilograms() / (1599.1 - 0.31046 * t)
        + of.fibreKilograms() / (1311.5 - 0.36589 * t)
        + of.ashKilograms() / (2423.8 - 0.28063 * t);
  }
}
