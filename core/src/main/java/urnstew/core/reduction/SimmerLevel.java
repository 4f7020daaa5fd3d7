package urnstew.core.reduction;

import urnstew.units.TemperatureDifference;

/**
 * How the pot is kept, as a cook sees it. Temperatures are below the local boiling point; rates are
 * from an open pot 28 cm wide and scale with the surface (assumption, times or divided by 1.5).
 */
public enum SimmerLevel {
  /** Quiet surface. */
  BARE(15, 0.2),
  /** A bubble here and there. */
  GENTLE(8, 0.55),
  /** Bubbles everywhere, stirring the pot. */
  LIVELY(3, 1.2);

  private final double belowBoilKelvins;
  private final double referenceKilogramsPerHour;

  SimmerLevel(double belowBoilKelvins, double referenceKilogramsPerHour) {
    this.belowBoilKelvins = belowBoilKelvins;
    this.referenceKilogramsPerHour = referenceKilogramsPerHour;
  }

  /** How far below the local boiling point the cook keeps it. */
  public TemperatureDifference belowBoil() {
    return new TemperatureDifference(belowBoilKelvins);
  }

  /** Loss from an open 28 cm pot, kg/h. */
  public double referenceKilogramsPerHour() {
    return referenceKilogramsPerHour;
  }
}
