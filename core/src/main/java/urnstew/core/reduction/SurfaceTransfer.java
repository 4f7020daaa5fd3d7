package urnstew.core.reduction;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Steam;
import urnstew.units.Area;
import urnstew.units.Pressure;
import urnstew.units.Temperature;

/**
 * Water that leaves a surface below the boil.
 *
 * <p>ṁ = k·A·x, with the driving share x = (p_sat(T) − φ·p_sat(T_room))/p of the air pressure; k is
 * set so that an open 28 cm pot at sea level loses the level's reference rate. Assumption: the same
 * share drives the same rate at any altitude, since vapour diffuses faster in thin air. Range 0 °C
 * to the local boiling point. Worked number: gentle at sea level in a 28 cm pot, 0.55 kg/h.
 */
public final class SurfaceTransfer {
  private static final double REFERENCE_DIAMETER_METERS = 0.28;
  private static final Surroundings SEA_LEVEL = Surroundings.at(new Altitude(0));

  private static final Map<SimmerLevel, Double> COEFFICIENTS =
      Arrays.stream(SimmerLevel.values())
          .collect(Collectors.toMap(level -> level, SurfaceTransfer::coefficient));

  private final double coefficient;
  private final double pressurePascals;
  private final double roomVaporPascals;

  /**
   * @param level decides how much the bubbles stir
   * @param surroundings air above the pot
   */
  public SurfaceTransfer(SimmerLevel level, Surroundings surroundings) {
    this.pressurePascals = surroundings.altitude().pressure().pascals();
    this.roomVaporPascals = vaporPascals(surroundings);
    this.coefficient = COEFFICIENTS.getOrDefault(level, 0.0);
  }

  /** Water leaving this surface, kg/s; never negative. */
  public double kilogramsPerSecond(Area surface, Temperature sauce) {
    double share = (Steam.saturationPressure(sauce).pascals() - roomVaporPascals) / pressurePascals;
    return Math.max(0, coefficient * surface.squareMeters() * share);
  }

  private static double coefficient(SimmerLevel level) {
    SimmerLevel stirred = level.heatLimited() ? SimmerLevel.LIVELY : level;
    Temperature kept = SEA_LEVEL.altitude().boilingPoint().minus(stirred.belowBoil());
    Pressure atSurface = Steam.saturationPressure(kept);
    double share =
        (atSurface.pascals() - vaporPascals(SEA_LEVEL)) / SEA_LEVEL.altitude().pressure().pascals();
    double area = Math.PI * REFERENCE_DIAMETER_METERS * REFERENCE_DIAMETER_METERS / 4;
    return stirred.referenceKilogramsPerHour() / 3600 / (area * share);
  }

  private static double vaporPascals(Surroundings air) {
    return air.relativeHumidity().value() * Steam.saturationPressure(air.room()).pascals();
  }
}
