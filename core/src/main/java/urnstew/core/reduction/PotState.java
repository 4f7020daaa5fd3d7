package urnstew.core.reduction;

import java.util.List;
import urnstew.core.sauce.PieceKind;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Volume;

/**
 * The pot at one moment.
 *
 * @param seconds since the start of the program
 * @param contents what is in it
 * @param aside pieces that were taken out and may come back
 * @param celsius its temperature
 * @param setting how it cooks from here
 * @param ledger what has come and gone since the start
 */
public record PotState(
    double seconds,
    PotContents contents,
    List<PieceKind> aside,
    double celsius,
    SimmerSetting setting,
    Ledger ledger) {
  public PotState {
    aside = List.copyOf(aside);
  }

  public Mass mass() {
    return contents.total();
  }

  /** Solids it thickens like. */
  public MassFraction equivalentSolids() {
    return contents.equivalentSolids();
  }

  /** Volume of sauce and pieces. */
  public Volume volume() {
    return new Volume(ThermalProperties.volumeCubicMeters(contents.everything(), celsius));
  }

  /** Depth in the pot; a pot filled over its rim is full. */
  public Length depth() {
    double full = setting.shape().capacity().cubicMeters();
    return setting.shape().depthAt(new Volume(Math.min(volume().cubicMeters(), full)));
  }
}
