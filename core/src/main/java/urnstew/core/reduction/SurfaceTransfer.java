package urnstew.core.reduction;

import urnstew.core.kitchen.Surroundings;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Steam;
import urnstew.units.Area;
import urnstew.units.Temperature;

/**
 * Water that leaves a surface below the boil.
 *
 * <p>ṁ = k·A·x, with the driving share x = (a_w·p_sat(T) − p_v)/p of the air pressure, a_w the
 * water activity and p_v the vapour in the air above. k follows from how near the pot is to its
 * boil, which decides how much bubbles stir: it is set so that an open 28 cm pot at sea level loses
 * the reference rate of each {@link SimmerLevel}, and runs straight in ln k between them.
 * Assumption: the same share drives the same rate at any altitude, since vapour diffuses faster in
 * thin air. Range 0 °C to the local boiling point. Worked number: 8 K below the boil at sea level,
 * 28 cm, 0.55 kg/h.
 */
public final class SurfaceTransfer {
  private static final double REFERENCE_SQUARE_METERS = Math.PI * 0.28 * 0.28 / 4;
  private static final SimmerLevel[] LEVELS = SimmerLevel.values();
  private static final double[] LOG_COEFFICIENTS = logCoefficients();

  private final double boilingCelsius;
  private final double pressurePascals;
  private final double airVaporPascals;

  private SurfaceTransfer(double boilingCelsius, double pressurePascals, double airVaporPascals) {
    this.boilingCelsius = boilingCelsius;
    this.pressurePascals = pressurePascals;
    this.airVaporPascals = airVaporPascals;
  }

  /** Under the air of the room. */
  public static SurfaceTransfer inRoom(Surroundings surroundings) {
    double saturated = Steam.saturationPressure(surroundings.room()).pascals();
    return above(surroundings.altitude(), surroundings.relativeHumidity().value() * saturated);
  }

  /** Under air that holds so much vapour, as in an oven. */
  static SurfaceTransfer above(Altitude altitude, double vaporPascals) {
    return new SurfaceTransfer(
        altitude.boilingPoint().celsius(), altitude.pressure().pascals(), vaporPascals);
  }

  /** Water leaving this surface, kg/s; never negative. */
  public double kilogramsPerSecond(Area surface, Temperature sauce, double waterActivity) {
    double saturated = Steam.saturationPressure(sauce).pascals();
    return kilogramsPerSecond(surface.squareMeters(), sauce.celsius(), waterActivity * saturated);
  }

  /** The same on bare numbers, with the vapour pressure of the sauce in Pa. */
  double kilogramsPerSecond(double squareMeters, double celsius, double vaporPascals) {
    double share = (vaporPascals - airVaporPascals) / pressurePascals;
    return Math.max(0, coefficient(boilingCelsius - celsius) * squareMeters * share);
  }

  /** k at so many kelvins below the boil, kg/(s m²). */
  private static double coefficient(double belowBoil) {
    int last = LEVELS.length - 1;
    if (belowBoil >= kelvins(0)) {
      return Math.exp(LOG_COEFFICIENTS[0]);
    }
    if (belowBoil <= kelvins(last)) {
      return Math.exp(LOG_COEFFICIENTS[last]);
    }
    int upper = 1;
    while (belowBoil < kelvins(upper)) {
      upper++;
    }
    double along = (kelvins(upper - 1) - belowBoil) / (kelvins(upper - 1) - kelvins(upper));
    return Math.exp(
        LOG_COEFFICIENTS[upper - 1]
            + along * (LOG_COEFFICIENTS[upper] - LOG_COEFFICIENTS[upper - 1]));
  }

  private static double kelvins(int level) {
    return LEVELS[level].belowBoil().kelvins();
  }

  private static double[] logCoefficients() {
    Surroundings seaLevel = Surroundings.at(new Altitude(0));
    double pressure = seaLevel.altitude().pressure().pascals();
    double air =
        seaLevel.relativeHumidity().value() * Steam.saturationPressure(seaLevel.room()).pascals();
    double[] logs = new double[LEVELS.length];
    for (int i = 0; i < logs.length; i++) {
      Temperature held = seaLevel.altitude().boilingPoint().minus(LEVELS[i].belowBoil());
      double share = (Steam.saturationPressure(held).pascals() - air) / pressure;
      double rate = LEVELS[i].referenceKilogramsPerHour() / 3600;
      logs[i] = Math.log(rate / (REFERENCE_SQUARE_METERS * share));
    }
    return logs;
  }
}
