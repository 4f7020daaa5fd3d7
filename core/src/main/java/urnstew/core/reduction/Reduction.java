package urnstew.core.reduction;

import urnstew.units.MassFraction;

/** Runs the model of a pot with unknowns that are known for once. */
public final class Reduction {
  private Reduction() {}

  /**
   * Until it is thick enough, counted only after everything that is planned to go in or out.
   *
   * @param program what is done to the pot
   * @param target solids it is to thicken like
   * @param unknowns what a reading would show
   */
  public static ReductionCurve untilThick(Program program, MassFraction target, Unknowns unknowns) {
    return new PotDynamics(program, unknowns).untilThick(target);
  }

  /** For a time, from 1 s to 24 h, thick enough or not. */
  public static ReductionCurve during(Program program, double seconds, Unknowns unknowns) {
    return new PotDynamics(program, unknowns).during(seconds);
  }
}
