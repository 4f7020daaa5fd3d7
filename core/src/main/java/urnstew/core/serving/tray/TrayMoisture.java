package urnstew.core.serving.tray;

import java.util.List;
import urnstew.core.reduction.HeatBalance;
import urnstew.core.reduction.Lid;
import urnstew.core.thermo.SteamLine;
import urnstew.units.Area;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * The water of a tray: what its sheets drink and its top loses against what its fillings can give.
 *
 * <p>Surplus = Σ mᵢ(1 − sᵢ/bᵢ) − drink − loss, in kg of water. The open top loses h·(T_oven − 85
 * °C)/h_fg a second, covered a twentieth of it (assumptions). Worked number: 250 g of dry sheets
 * drink 225 to 300 g (check-values m14).
 *
 * @param drinksKilograms by the sheets, kg; negative where they give some back
 * @param drinksLeastKilograms at the dry end of what they reach, kg
 * @param drinksMostKilograms at the wet end, kg
 * @param losesKilograms by the top, kg
 * @param givesKilograms by the fillings down to their bands, kg
 * @param perOpenMinuteKilograms what one more minute open loses, kg
 * @param perCoveredMinuteKilograms what one more minute covered loses, kg
 */
public record TrayMoisture(
    double drinksKilograms,
    double drinksLeastKilograms,
    double drinksMostKilograms,
    double losesKilograms,
    double givesKilograms,
    double perOpenMinuteKilograms,
    double perCoveredMinuteKilograms) {
  private static final double WET_CELSIUS = 85;
  private static final double COVERED = 0.05;

  /** Sheets of one kind differ by so much of what they drink (m14: 0.9 to 1.2 of dry ones). */
  private static final double DRINKS_LESS = 0.9;

  private static final double DRINKS_MORE = 1.2;

  /**
   * The balance.
   *
   * @param sheets what is laid, and how much
   * @param fillings sauces, cheeses, vegetables
   * @param surface of the tray
   * @param oven its real temperature
   */
  public static TrayMoisture of(
      List<Laid> sheets,
      List<TrayLayer> fillings,
      Area surface,
      Temperature oven,
      boolean fan,
      double coveredMinutes,
      double openMinutes) {
    double drinks = sheets.stream().mapToDouble(Laid::drinks).sum();
    double kelvins = Math.max(0, oven.celsius() - WET_CELSIUS);
    double watts = HeatBalance.ovenWatts(0, surface.squareMeters(), Lid.OFF, fan, kelvins);
    double open = 60 * watts / SteamLine.latentJoulesPerKilogram(WET_CELSIUS);
    double covered = COVERED * open;
    return new TrayMoisture(
        drinks,
        Math.min(drinks, DRINKS_LESS * drinks),
        Math.max(drinks, DRINKS_MORE * drinks),
        open * openMinutes + covered * coveredMinutes,
        fillings.stream().mapToDouble(TrayLayer::freeKilograms).sum(),
        open,
        covered);
  }

  /**
   * Sheets in a tray.
   *
   * @param sheet which
   * @param mass all of them, as laid
   */
  public record Laid(Sheet sheet, Mass mass) {
    double drinks() {
      return sheet.drinksKilograms(mass);
    }
  }

  /** Water too much, or too little where negative, kg. */
  public double surplusKilograms() {
    return givesKilograms - drinksKilograms - losesKilograms;
  }

  /** The same where the sheets drink as much as they can, kg. */
  public double surplusAtWorstKilograms() {
    return givesKilograms - drinksMostKilograms - losesKilograms;
  }
}
