package urnstew.core.pan;

import java.time.Duration;
import urnstew.core.kitchen.Vessel;
import urnstew.core.thermo.SteamLine;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Meat browned in loads: it browns only once the water it gives has boiled off.
 *
 * <p>A load is bounded by the floor, 6 kg/m² in a loose layer, and by the heat: in the first four
 * minutes the burner must warm it and boil off what it gives, m ≤ P·t/(c·(T_b − T₀) + w·h_fg). Then
 * it browns for three minutes. Room, minutes and the 15 % of water given early are assumptions
 * (common practice: a crowded pan browns nothing). Worked number: 1.5 kg of mince in a 36 cm pot on
 * 3 kW is three loads of half a kilogram, 14 minutes.
 *
 * @param loads how many
 * @param each mass of one
 * @param time all of them
 * @param boundByHeat whether the burner, and not the floor, bounds a load
 */
public record Browning(int loads, Mass each, Duration time, boolean boundByHeat) {
  private static final double KILOGRAMS_PER_SQUARE_METER = 6;
  private static final double WATER_GIVEN = 0.15;
  private static final double SPECIFIC_HEAT = 3400;
  private static final double DRYING_SECONDS = 240;
  private static final double BROWNING_SECONDS = 180;

  /**
   * @param meat raw, all of it; up to 200 kg
   * @param pan in which
   * @param power that enters it
   * @param start temperature of the meat
   * @param boiling where it stands
   */
  public static Browning of(
      Mass meat, Vessel pan, Power power, Temperature start, Temperature boiling) {
    Require.positive("meat", meat.kilograms(), "kg");
    Require.within("meat", meat.kilograms(), 0, 200, "kg");
    Require.positive("power", power.watts(), "W");
    double warming = SPECIFIC_HEAT * (boiling.celsius() - start.celsius());
    double drying = WATER_GIVEN * SteamLine.latentJoulesPerKilogram(boiling.celsius());
    double byHeat = power.watts() * DRYING_SECONDS / (warming + drying);
    double byFloor = KILOGRAMS_PER_SQUARE_METER * pan.shape().floor().squareMeters();
    int loads = (int) Math.ceil(meat.kilograms() / Math.min(byHeat, byFloor) - 1e-9);
    double each = meat.kilograms() / loads;
    double seconds = DRYING_SECONDS * each / byHeat + BROWNING_SECONDS;
    return new Browning(
        loads, new Mass(each), Duration.ofSeconds(Math.round(loads * seconds)), byHeat < byFloor);
  }
}
