package urnstew.core.thermo;

import org.hipparchus.analysis.solvers.BrentSolver;
import urnstew.core.explain.OutOfModelRange;
import urnstew.units.Density;
import urnstew.units.Pressure;
import urnstew.units.Temperature;

/**
 * The saturation line of water.
 *
 * <p>With ϑ = T/647.096 K and τ = 1 − ϑ: ln(p/22.064 MPa) = (a₁τ + a₂τ¹·⁵ + a₃τ³ + a₄τ³·⁵ + a₅τ⁴ +
 * a₆τ⁷·⁵)/ϑ; densities of liquid and vapour by like series; latent heat by Clapeyron, h = T·(1/ρ″ −
 * 1/ρ′)·dp/dT. Range 0.01–200 °C. Source: W. Wagner, A. Pruss, J. Phys. Chem. Ref. Data 22 (1993)
 * 783. Worked number: at 100 °C 101.42 kPa and 2256.5 kJ/kg.
 */
public final class Steam {
  private static final double CRITICAL_KELVINS = 647.096;
  private static final double CRITICAL_PASCALS = 22.064e6;
  private static final double CRITICAL_DENSITY = 322;
  private static final double LEAST_CELSIUS = 0.01;
  private static final double MOST_CELSIUS = 200;

  private static final double[][] PRESSURE = {
    {-7.85951783, 1},
    {1.84408259, 1.5},
    {-11.7866497, 3},
    {22.6807411, 3.5},
    {-15.9618719, 4},
    {1.80122502, 7.5}
  };
  private static final double[][] LIQUID = {
    {1.99274064, 1 / 3.0},
    {1.09965342, 2 / 3.0},
    {-0.510839303, 5 / 3.0},
    {-1.75493479, 16 / 3.0},
    {-45.5170352, 43 / 3.0},
    {-6.74694450e5, 110 / 3.0}
  };
  private static final double[][] VAPOR = {
    {-2.03150240, 2 / 6.0},
    {-2.68302940, 4 / 6.0},
    {-5.38626492, 8 / 6.0},
    {-17.2991605, 18 / 6.0},
    {-44.7586581, 37 / 6.0},
    {-63.9201063, 71 / 6.0}
  };

  private Steam() {}

  /** Pressure at which water at this temperature boils. */
  public static Pressure saturationPressure(Temperature temperature) {
    return new Pressure(saturationPascals(inRange(temperature)));
  }

  /** Temperature at which water boils under this pressure. */
  public static Temperature saturationTemperature(Pressure pressure) {
    double logPressure = Math.log(pressure.pascals());
    double least = Math.log(saturationPascals(LEAST_CELSIUS));
    double most = Math.log(saturationPascals(MOST_CELSIUS));
    if (logPressure < least || logPressure > most) {
      throw new OutOfModelRange(
          "the saturation line", "pressure", pressure.kilopascals() + " kPa", "0.61–1554 kPa");
    }
    double celsius =
        new BrentSolver(1e-9)
            .solve(
                100,
                t -> Math.log(saturationPascals(t)) - logPressure,
                LEAST_CELSIUS,
                MOST_CELSIUS);
    return new Temperature(celsius);
  }

  /** Heat that turns a kilogram of boiling water into steam, J/kg. */
  public static double latentHeatJoulesPerKilogram(Temperature temperature) {
    double celsius = inRange(temperature);
    double theta = theta(celsius);
    double kelvins = theta * CRITICAL_KELVINS;
    double slope = pressureSlope(theta) * saturationPascals(celsius) / kelvins;
    double vapor = CRITICAL_DENSITY * Math.exp(series(VAPOR, 1 - theta));
    double liquid = CRITICAL_DENSITY * (1 + series(LIQUID, 1 - theta));
    return kelvins * (1 / vapor - 1 / liquid) * slope;
  }

  /** Density of boiling water. */
  public static Density liquidDensity(Temperature temperature) {
    double tau = 1 - theta(inRange(temperature));
    return new Density(CRITICAL_DENSITY * (1 + series(LIQUID, tau)));
  }

  private static double saturationPascals(double celsius) {
    double theta = theta(celsius);
    return CRITICAL_PASCALS * Math.exp(series(PRESSURE, 1 - theta) / theta);
  }

  /** −d ln p/d ln T with the sign turned: T/p · dp/dT. */
  private static double pressureSlope(double theta) {
    double tau = 1 - theta;
    double value = 0;
    double derivative = 0;
    for (double[] term : PRESSURE) {
      value += term[0] * Math.pow(tau, term[1]);
      derivative += term[0] * term[1] * Math.pow(tau, term[1] - 1);
    }
    return -(derivative + value / theta);
  }

  private static double series(double[][] terms, double tau) {
    double sum = 0;
    for (double[] term : terms) {
      sum += term[0] * Math.pow(tau, term[1]);
    }
    return sum;
  }

  private static double theta(double celsius) {
    return (celsius - Temperature.ABSOLUTE_ZERO_CELSIUS) / CRITICAL_KELVINS;
  }

  private static double inRange(Temperature temperature) {
    double celsius = temperature.celsius();
    if (celsius < LEAST_CELSIUS || celsius > MOST_CELSIUS) {
      throw new OutOfModelRange(
          "the saturation line", "temperature", celsius + " °C", "0.01–200 °C");
    }
    return celsius;
  }
}
