package urnstew.core.reduction;

/**
 * Heat that enters a pot, heat that is lost to the room, and water that the rest can turn into
 * steam.
 *
 * <p>On a burner Q = (h_w·A_w + h_t·A_t)·(T − T_room) with h_w = 10 and h_t = 17 W/(m² K); ṁ = (P −
 * Q)/h_fg. A cook turns a pot down as it thickens, so that the heat through its floor stays below
 * 20 kW/m² while thin and 8 kW/m² at 20 % solids. In the oven floor, wall and surface take up
 * h·A·(T_oven − T), h = 20 W/(m² K) in still air (half convection, half radiation) and 30 with a
 * fan. All these coefficients are assumptions. Worked number: 1,500 W into an open 28 cm pot 8 cm
 * deep boils off 2.17 kg/h.
 */
public final class HeatBalance {
  private static final double WALL = 10;
  private static final double TOP = 17;
  private static final double STILL_OVEN = 20;
  private static final double FAN_OVEN = 30;
  private static final double WATER_SOLIDS = 0.005;
  private static final double THIN_SOLIDS = 0.06;
  private static final double THICK_SOLIDS = 0.20;
  private static final double THIN_FLUX = 20_000;
  private static final double THICK_FLUX = 8_000;
  private static final double LEAST_FLUX = 3_000;

  private HeatBalance() {}

  /** Heat lost through wall and top, W; areas in m², the difference to the room in K. */
  static double lossWatts(double wall, double surface, Lid lid, double kelvins) {
    return (WALL * wall + TOP * lid.topLossShare() * surface) * kelvins;
  }

  /** Heat taken up in an oven, W; areas in m². */
  static double ovenWatts(
      double floorAndWall, double surface, Lid lid, boolean fan, double kelvins) {
    double coefficient = fan ? FAN_OVEN : STILL_OVEN;
    return coefficient * (floorAndWall + lid.topLossShare() * surface) * kelvins;
  }

  /**
   * The most heat a cook sends through the floor of a pot of this thickness, W/m²; water bears all.
   */
  public static double mostFloorFlux(double thickness) {
    if (thickness < WATER_SOLIDS) {
      return Double.POSITIVE_INFINITY;
    }
    double along = (thickness - THIN_SOLIDS) / (THICK_SOLIDS - THIN_SOLIDS);
    double flux = THIN_FLUX + Math.max(0, along) * (THICK_FLUX - THIN_FLUX);
    return Math.max(LEAST_FLUX, flux);
  }
}
