package urnstew.core.thermo;

import urnstew.units.Density;
import urnstew.units.Temperature;

/**
 * Density, specific heat and conductivity of food from its composition.
 *
 * <p>1/ρ = Σ xᵢ/ρᵢ and c = Σ xᵢcᵢ with polynomials of temperature for each component. Range −40 to
 * 150 °C. Source: Y. Choi, M. R. Okos (1986), as tabulated in the ASHRAE Handbook, Refrigeration,
 * 'Thermal properties of foods'. Worked number: raw tomato at 20 °C has 4.041 kJ/(kg K).
 */
public final class ThermalProperties {
  private ThermalProperties() {}

  /** Density of a mixture. */
  public static Density density(Composition of, Temperature at) {
    return new Density(of.total().kilograms() / volumeCubicMeters(of, at.celsius()));
  }

  /** Specific heat of a mixture, J/(kg K). */
  public static double joulesPerKilogramKelvin(Composition of, Temperature at) {
    return joulesPerKelvin(of, at.celsius()) / of.total().kilograms();
  }

  /** Heat that warms all of it by one kelvin, J/K. */
  public static double joulesPerKelvin(Composition of, double celsius) {
    return HeatContent.of(of).joulesPerKelvin(celsius);
  }

  /**
   * Thermal conductivity of a mixture, W/(m K): k = Σ xᵢᵛkᵢ by volume. Worked number: raw tomato at
   * 20 °C has 0.589.
   */
  public static double wattsPerMeterKelvin(Composition of, Temperature at) {
    double t = at.celsius();
    double t2 = t * t;
    double sum =
        of.waterKilograms()
                * waterCubicMetersPerKilogram(t)
                * (0.57109 + 1.7625e-3 * t - 6.7036e-6 * t2)
            + of.proteinKilograms()
                / (1329.9 - 0.5184 * t)
                * (0.17881 + 1.1958e-3 * t - 2.7178e-6 * t2)
            + of.fatKilograms()
                / (925.59 - 0.41757 * t)
                * (0.18071 - 2.7604e-4 * t - 1.7749e-7 * t2)
            + of.carbohydrateKilograms()
                / (1599.1 - 0.31046 * t)
                * (0.20141 + 1.3874e-3 * t - 4.3312e-6 * t2)
            + of.fibreKilograms()
                / (1311.5 - 0.36589 * t)
                * (0.18331 + 1.2497e-3 * t - 3.1683e-6 * t2)
            + of.ashKilograms()
                / (2423.8 - 0.28063 * t)
                * (0.32962 + 1.4011e-3 * t - 2.9069e-6 * t2);
    return sum / volumeCubicMeters(of.withLiquids(of.waterKilograms(), 0), t);
  }

  /** Volume of all of it, m³. */
  public static double volumeCubicMeters(Composition of, double celsius) {
    return of.waterKilograms() * waterCubicMetersPerKilogram(celsius)
        + of.ethanolKilograms() * ethanolCubicMetersPerKilogram(celsius)
        + of.proteinKilograms() / (1329.9 - 0.5184 * celsius)
        + of.fatKilograms() / (925.59 - 0.41757 * celsius)
        + of.carbohydrateKilograms() / (1599.1 - 0.31046 * celsius)
        + of.fibreKilograms() / (1311.5 - 0.36589 * celsius)
        + of.ashKilograms() / (2423.8 - 0.28063 * celsius);
  }

  /** Volume of a kilogram of water, m³. */
  public static double waterCubicMetersPerKilogram(double celsius) {
    return 1 / (997.18 + 0.0031439 * celsius - 0.0037574 * celsius * celsius);
  }

  /** Volume of a kilogram of alcohol, m³: 789 kg/m³ at 20 °C (CRC Handbook, from memory). */
  public static double ethanolCubicMetersPerKilogram(double celsius) {
    return 1 / (806.2 - 0.86 * celsius);
  }
}
