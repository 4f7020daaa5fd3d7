package urnstew.core.reduction;

import urnstew.core.kitchen.RoundShape;
import urnstew.core.thermo.Steam;
import urnstew.units.Length;
import urnstew.units.Temperature;

/**
 * Heat that is lost to the room, and water that the rest can turn into steam.
 *
 * <p>Q = (h_w·A_w + h_t·A_t)·(T − T_room) with h_w = 10 and h_t = 17 W/(m² K) (assumptions); ṁ = (P
 * − Q)/h_fg. Worked number: 1,500 W into an open 28 cm pot 8 cm deep boils off 2.17 kg/h.
 */
public final class HeatBalance {
  private static final double WALL_WATTS_PER_SQUARE_METER_KELVIN = 10;
  private static final double TOP_WATTS_PER_SQUARE_METER_KELVIN = 17;

  private HeatBalance() {}

  /** Heat lost through wall and top, W. */
  public static double lossWatts(
      RoundShape shape, Length filled, Lid lid, double celsius, double roomCelsius) {
    double wall = WALL_WATTS_PER_SQUARE_METER_KELVIN * shape.wallAt(filled).squareMeters();
    double top =
        TOP_WATTS_PER_SQUARE_METER_KELVIN
            * lid.topLossShare()
            * shape.surfaceAt(filled).squareMeters();
    return (wall + top) * (celsius - roomCelsius);
  }

  /** The most water that this much net heat can evaporate, kg/s; 0 where none is left. */
  public static double ceilingKilogramsPerSecond(double netWatts, Temperature at) {
    return Math.max(0, netWatts) / Steam.latentHeatJoulesPerKilogram(at);
  }
}
