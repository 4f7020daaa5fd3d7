package urnstew.core.reduction;

/**
 * Heat that enters a pot, heat that is lost to the room, and water that the rest can turn into
 * steam.
 *
 * <p>On a burner Q = (h_w·A_w + h_t·A_t)·(T − T_room) with h_w = 10 and h_t = 17 W/(m² K); ṁ = (P −
 * Q)/h_fg. What a floor can pass before it sticks is q = h·ΔT with about 20 K at the wall and h
 * falling steeply with consistency: 50 kW/m² at 5 % solids, 27 at 10 and 8 at 20, straight in ln q
 * (assumption, ×/÷ 1.5). A cook who keeps a simmer by eye turns it down to that; a burner that is
 * set and left gives what it gives, and the limit only warns. In the oven floor, wall and surface
 * take up h·A·(T_oven − T), h = 35 W/(m² K) in still air (convection, radiation from walls hotter
 * than the air, and a surface that dries cooler than the sauce) and 50 with a fan, so that an open
 * pot at 130 °C takes the two to four hours of common practice. All these coefficients are
 * assumptions. Worked number: 1,500 W into an open 28 cm pot 8 cm deep boils off 2.17 kg/h.
 */
public final class HeatBalance {
  private static final double WALL = 10;
  private static final double TOP = 17;
  private static final double STILL_OVEN = 35;
  private static final double FAN_OVEN = 50;
  private static final double WATER_SOLIDS = 0.005;
  private static final double[] FLOOR_SOLIDS = {0.05, 0.10, 0.20};
  private static final double[] FLOOR_FLUX = {50_000, 27_000, 8_000};

  private HeatBalance() {}

  /** Heat lost through wall and top, W; areas in m², the difference to the room in K. */
  public static double lossWatts(
      double wallSquareMeters, double surfaceSquareMeters, Lid lid, double kelvins) {
    return (WALL * wallSquareMeters + TOP * lid.topLossShare() * surfaceSquareMeters) * kelvins;
  }

  /** Heat taken up in an oven, W; areas in m². */
  public static double ovenWatts(
      double floorAndWallSquareMeters,
      double surfaceSquareMeters,
      Lid lid,
      boolean fan,
      double kelvins) {
    double coefficient = fan ? FAN_OVEN : STILL_OVEN;
    return coefficient
        * (floorAndWallSquareMeters + lid.topLossShare() * surfaceSquareMeters)
        * kelvins;
  }

  /**
   * Heat through the floor of a pot of this thickness from which on it sticks, W/m²; water bears
   * all.
   */
  public static double mostFloorWattsPerSquareMeter(double equivalentSolidsShare) {
    if (equivalentSolidsShare < WATER_SOLIDS) {
      return Double.POSITIVE_INFINITY;
    }
    int row = equivalentSolidsShare < FLOOR_SOLIDS[1] ? 0 : 1;
    double along =
        (equivalentSolidsShare - FLOOR_SOLIDS[row]) / (FLOOR_SOLIDS[row + 1] - FLOOR_SOLIDS[row]);
    return FLOOR_FLUX[row] * Math.pow(FLOOR_FLUX[row + 1] / FLOOR_FLUX[row], along);
  }
}
