package urnstew.core.pan;

import urnstew.core.thermo.SteamLine;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.TemperatureDifference;

/**
 * How much may go into hot oil at once without cooling it more than it may.
 *
 * <p>What the oil gives up and what the burner adds in the first minute must warm the food and boil
 * off the water it loses in that minute: m = (M·c_oil·ΔT + P·60 s)/(c·ΔT_food + w·h_fg). Oil 2.2
 * kJ/(kg K) (handbook, from memory); 8 % of water lost in the first minute is an assumption. Worked
 * number: a litre of oil (0.91 kg) that may fall 15 K on 1.5 kW takes 290 g of sliced aubergine.
 *
 * @param load that may go in at once
 */
public record Frying(Mass load) {
  private static final double OIL_SPECIFIC_HEAT = 2200;
  private static final double FOOD_SPECIFIC_HEAT = 3900;
  private static final double FOOD_WARMS_KELVINS = 60;
  private static final double WATER_LOST = 0.08;
  private static final double SECONDS = 60;

  /** How many loads so much food is. */
  public int loads(Mass food) {
    return (int) Math.ceil(food.kilograms() / load.kilograms() - 1e-9);
  }

  /**
   * @param oil in the pan, 50 g to 50 kg
   * @param power that enters it
   * @param mayFall by how much the oil may cool, 1 to 60 K
   */
  public static Frying of(Mass oil, Power power, TemperatureDifference mayFall) {
    Require.within("oil", oil.kilograms(), 0.05, 50, "kg");
    Require.within("mayFall", mayFall.kelvins(), 1, 60, "K");
    double given =
        oil.kilograms() * OIL_SPECIFIC_HEAT * mayFall.kelvins() + power.watts() * SECONDS;
    double needed =
        FOOD_SPECIFIC_HEAT * FOOD_WARMS_KELVINS
            + WATER_LOST * SteamLine.latentJoulesPerKilogram(100);
    return new Frying(new Mass(given / needed));
  }
}
