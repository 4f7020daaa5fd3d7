package urnstew.core.cooling;

import java.util.Optional;
import urnstew.core.conduction.Cooling;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * What is to be cooled.
 *
 * @param contents all of it with pieces, by its composition
 * @param thickestPiece through the thickest of its whole pieces; empty where there are none. Heat
 *     has to leave through that, however shallow the sauce lies on the average
 */
public record CoolingSauce(Composition contents, Optional<Length> thickestPiece) {
  /** Flesh, kg/m³ (from memory). */
  private static final double FLESH = 1050;

  /** Middle of the way from the stove to the refrigerator, where properties are taken. */
  private static final Temperature ON_THE_WAY = Temperature.ofCelsius(45);

  private static final double ICE_MELTS_JOULES_PER_KILOGRAM = 334_000;

  /** So much of it, of the same kind. */
  public static CoolingSauce of(Composition kind, Mass mass) {
    return new CoolingSauce(
        kind.times(mass.kilograms() / kind.total().kilograms()), Optional.empty());
  }

  /** How thick a piece is at most that nobody measured: a ball of its mass, d = (6 m / π ρ)^⅓. */
  public static Length asABall(Mass piece) {
    return new Length(Math.cbrt(6 * piece.kilograms() / (Math.PI * FLESH)));
  }

  /** How it takes and passes heat; a thick sauce that nobody stirs does not flow by itself. */
  Cooling matter() {
    return new Cooling(
        ThermalProperties.wattsPerMeterKelvin(contents, ON_THE_WAY),
        ThermalProperties.density(contents, ON_THE_WAY).kilogramsPerCubicMeter(),
        ThermalProperties.joulesPerKilogramKelvin(contents, ON_THE_WAY));
  }

  double cubicMeters() {
    return ThermalProperties.volumeCubicMeters(contents, ON_THE_WAY.celsius());
  }

  public Mass mass() {
    return contents.total();
  }

  /**
   * Ice that takes up its heat between two temperatures: m·c·ΔT over the heat of melting, 334
   * kJ/kg. Half as much again is wanted, since ice also melts to the room (assumption; not in the
   * figure).
   */
  public Mass iceBetween(Temperature from, Temperature to) {
    double joules =
        ThermalProperties.joulesPerKelvin(contents, ON_THE_WAY.celsius())
            * (from.celsius() - to.celsius());
    return new Mass(Math.max(0, joules) / ICE_MELTS_JOULES_PER_KILOGRAM);
  }
}
