package urnstew.core.consistency;

import java.util.List;
import urnstew.core.explain.OutOfModelRange;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Flow of tomato concentrates: τ = K·γⁿ.
 *
 * <p>K and n between the published rows run straight in ln K and n against ln s. With warmth K
 * falls as exp(B(1/T − 1/T₀)) and n rises by 0.001 a kelvin, both from the published pair at 30 %
 * and 32.2 and 82.2 °C. Range 5 to 35 % total solids, 20 to 100 °C, 500 to 800 1/s. Source: J. C.
 * Harper, A. F. El Sahrigi, J. Food Sci. 30 (1965) 470, as tabulated by J. F. Steffe (1996). Lots
 * differ about twofold. Worked number: 30 % at 32.2 °C has K = 18.7 Pa·sⁿ and n = 0.40.
 *
 * @param consistencyIndex K, Pa·sⁿ
 * @param flowIndex n
 */
public record TomatoFlow(double consistencyIndex, double flowIndex) {
  private static final double REFERENCE_KELVINS = 305.35;

  /** ln(18.7/7.9) over 1/305.35 K − 1/355.35 K. */
  private static final double WARMTH_KELVINS = 1870;

  /** 9.5 kJ/mol over the gas constant. */
  private static final double SEEN_KELVINS = 9_500 / 8.314;

  /** (0.45 − 0.40) over 50 K. */
  private static final double POWER_PER_KELVIN = 0.001;

  private record Row(double solids, double index, double power) {}

  private static final List<Row> ROWS =
      List.of(
          new Row(0.058, 0.223, 0.59),
          new Row(0.128, 2.0, 0.43),
          new Row(0.16, 3.16, 0.45),
          new Row(0.25, 12.9, 0.41),
          new Row(0.30, 18.7, 0.40));

  /** Flow of a sauce that thickens like tomato of these solids. */
  public static TomatoFlow of(MassFraction solids, Temperature at) {
    double share = solids.value();
    if (share < 0.05 || share > 0.35) {
      throw new OutOfModelRange(
          "the flow of tomato concentrates", "solids", solids.percent() + " %", "5–35 %");
    }
    int upper = 1;
    while (upper < ROWS.size() - 1 && ROWS.get(upper).solids < share) {
      upper++;
    }
    Row a = ROWS.get(upper - 1);
    Row b = ROWS.get(upper);
    double along = Math.log(share / a.solids) / Math.log(b.solids / a.solids);
    double index = a.index * Math.pow(b.index / a.index, along);
    double warmth = Math.exp(WARMTH_KELVINS * (1 / at.kelvins() - 1 / REFERENCE_KELVINS));
    double power = a.power + along * (b.power - a.power);
    double warmer = at.kelvins() - REFERENCE_KELVINS;
    return new TomatoFlow(index * warmth, power + POWER_PER_KELVIN * warmer);
  }

  /** Apparent viscosity at a shear rate in 1/s, Pa·s. */
  public double pascalSecondsAt(double perSecond) {
    return consistencyIndex * Math.pow(perSecond, flowIndex - 1);
  }

  /**
   * How many times thicker it is at one temperature than at another: the hot and cold factor of
   * what is seen on a plate, exp(E/R (1/T − 1/T₀)) with E = 9.5 kJ/mol (Rao, Bourne, Cooley, J.
   * Texture Stud. 12 (1981) 521, from memory: 9.2 to 13 by product). Worked number: 20 °C against
   * 93 °C is 2.2.
   */
  public static double thickerFactor(Temperature at, Temperature than) {
    return Math.exp(SEEN_KELVINS * (1 / at.kelvins() - 1 / than.kelvins()));
  }
}
