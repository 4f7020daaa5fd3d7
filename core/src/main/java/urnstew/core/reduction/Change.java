package urnstew.core.reduction;

import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Something a cook does to a pot while it cooks. */
public sealed interface Change {
  /** Time since the start of the program, s. */
  double seconds();

  /**
   * Something goes in.
   *
   * @param seconds when
   * @param what goes in
   * @param temperature of what goes in
   */
  record Added(double seconds, PotContents what, Temperature temperature) implements Change {}

  /**
   * Sauce is ladled out, evenly with its fat; pieces stay.
   *
   * @param seconds when
   * @param mass of sauce; all of it at most
   */
  record LadledOut(double seconds, Mass mass) implements Change {}

  /**
   * Pieces are taken out; what they have not given stays in them.
   *
   * @param seconds when
   * @param stay what of them is left in, raw
   * @param of all that were in, raw: each has given the same share by then
   */
  record PiecesTakenOut(double seconds, Pieces stay, Pieces of) implements Change {}

  /**
   * Knob, lid, oven, burner or pot are changed.
   *
   * @param seconds when
   * @param setting from now on
   */
  record SetOtherwise(double seconds, SimmerSetting setting) implements Change {}
}
