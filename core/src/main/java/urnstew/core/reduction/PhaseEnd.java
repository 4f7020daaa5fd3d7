package urnstew.core.reduction;

import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * When a phase of a program is over. All but a time count only after what goes in or out in the
 * phase has done so. Mass, volume and depth are those of all that is in the pot, as a scale or a
 * ruler shows them.
 */
public sealed interface PhaseEnd {
  /** As thick as the sauce is to be in the end: it answers for the hour. */
  record Thick() implements PhaseEnd {}

  /**
   * After a time, or when the last of its changes is done where that is later. Cooks count from the
   * first boil: in a pot that has not simmered yet the time begins when it does, but with the heat
   * off, and in the oven, at once.
   *
   * @param seconds of the phase, at least 0
   */
  record After(double seconds) implements PhaseEnd {}

  /**
   * It is over, since somebody said so; what it had still to do is done at that moment.
   *
   * @param seconds from the start of the program
   */
  record At(double seconds) implements PhaseEnd {}

  /**
   * As thick as this.
   *
   * @param solids it thickens like, when its pieces have given their juice
   */
  record ThickAs(MassFraction solids) implements PhaseEnd {}

  /**
   * Boiled down to a mass.
   *
   * @param mass of all that is in the pot
   */
  record DownToMass(Mass mass) implements PhaseEnd {}

  /**
   * Boiled down to a volume.
   *
   * @param volume of all that is in the pot
   */
  record DownToVolume(Volume volume) implements PhaseEnd {}

  /**
   * Boiled down to a depth.
   *
   * @param depth in the pot that it is in then
   */
  record DownToDepth(Length depth) implements PhaseEnd {}

  /**
   * As warm as this.
   *
   * @param temperature of the sauce
   */
  record Warm(Temperature temperature) implements PhaseEnd {}
}
