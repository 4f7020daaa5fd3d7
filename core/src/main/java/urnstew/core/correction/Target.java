package urnstew.core.correction;

import urnstew.core.consistency.PlateSpread;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Volume;

/** When a sauce is thick enough. */
public sealed interface Target {
  /** Solids it must thicken like, for a product of this body. */
  MassFraction equivalentSolids(double bodyFactor);

  /**
   * By its solids.
   *
   * @param share of non-fat solids in the fat-free sauce, with what thickeners stand for
   */
  record Solids(MassFraction share) implements Target {
    @Override
    public MassFraction equivalentSolids(double bodyFactor) {
      return share;
    }
  }

  /**
   * By the plate test: as thick as it was when a spoonful spread so far.
   *
   * @param spread width on a cold plate
   * @param spoonful what was put on it
   */
  record Plate(Length spread, Volume spoonful) implements Target {
    @Override
    public MassFraction equivalentSolids(double bodyFactor) {
      return PlateSpread.solidsAt(spread, bodyFactor, spoonful);
    }
  }
}
