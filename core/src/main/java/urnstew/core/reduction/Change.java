package urnstew.core.reduction;

import java.util.List;
import urnstew.core.sauce.Filling;
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
  record Added(double seconds, Filling what, Temperature temperature) implements Change {
    /** With no pieces that are told apart. */
    public Added(double seconds, PotContents what, Temperature temperature) {
      this(seconds, Filling.of(what), temperature);
    }
  }

  /**
   * Sauce is ladled out, evenly with its fat; pieces stay.
   *
   * @param seconds when
   * @param mass of sauce; all of it at most
   */
  record LadledOut(double seconds, Mass mass) implements Change {}

  /**
   * Pieces of a kind are taken out; what they have not given stays in them.
   *
   * @param seconds when
   * @param kind which
   * @param share of those that are in, 0 to 1
   */
  record PiecesOut(double seconds, String kind, double share) implements Change {}

  /**
   * Pieces of a kind that were taken out come back.
   *
   * @param seconds when
   * @param kind which
   * @param share of those that stand beside the pot, 0 to 1
   * @param temperature of them by then
   */
  record PiecesBack(double seconds, String kind, double share, Temperature temperature)
      implements Change {}

  /**
   * Knob, lid, oven, burner or pot are changed.
   *
   * @param seconds when
   * @param setting from now on
   */
  record SetOtherwise(double seconds, SimmerSetting setting) implements Change {}

  /**
   * Nothing is done; what is not known of the pot may differ from here.
   *
   * @param seconds when
   */
  record Divided(double seconds) implements Change {}

  /** Whether something goes in or out. */
  default boolean fills() {
    return !(this instanceof SetOtherwise || this instanceof Divided);
  }

  /** When the last of what goes in or out has gone, s; 0 where nothing does. */
  static double lastFillingSeconds(List<Change> changes) {
    return changes.stream().filter(Change::fills).mapToDouble(Change::seconds).max().orElse(0);
  }
}
