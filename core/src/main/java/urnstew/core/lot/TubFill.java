package urnstew.core.lot;

import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * How full a tub may be, and how many are needed.
 *
 * <p>Water swells by 9 % when it freezes; a frozen tub leaves that of its water, and 2 % for the
 * lid, free. A chilled one is filled to 2 % under the rim. Worked number: a litre tub of sauce with
 * 88 % water by volume is filled to 0.91 l for the freezer.
 *
 * @param each volume in a full tub
 * @param full how many full tubs
 * @param last volume in one more; zero if none is needed
 */
public record TubFill(Volume each, int full, Volume last) {
  private static final double SWELLS = 0.09;
  private static final double UNDER_THE_LID = 0.02;
  private static final double HARDLY_ANY = 0.02;
  private static final Temperature FILLED_AT = Temperature.ofCelsius(20);

  /** How a sauce goes into tubs. */
  public static TubFill of(Composition sauce, Mass mass, TubShape tub, boolean toFreeze) {
    double water =
        sauce.waterKilograms()
            * ThermalProperties.waterCubicMetersPerKilogram(FILLED_AT.celsius())
            / ThermalProperties.volumeCubicMeters(sauce, FILLED_AT.celsius());
    double most = 1 - UNDER_THE_LID;
    double share = toFreeze ? most / (1 + SWELLS * water) : most;
    double each = tub.capacity().cubicMeters() * share;
    double all =
        mass.kilograms() / ThermalProperties.density(sauce, FILLED_AT).kilogramsPerCubicMeter();
    int full = (int) Math.floor(all / each);
    double rest = all - full * each;
    if (rest < HARDLY_ANY * each) {
      return new TubFill(new Volume(each), full, new Volume(0));
    }
    return rest > (1 - HARDLY_ANY) * each
        ? new TubFill(new Volume(each), full + 1, new Volume(0))
        : new TubFill(new Volume(each), full, new Volume(rest));
  }

  /** All tubs. */
  public int tubs() {
    return full + (last.cubicMeters() > 0 ? 1 : 0);
  }
}
