package urnstew.app.sizing;

import java.util.List;
import urnstew.app.platform.Actor;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/** Finished sauce in tubs, for meals; who keeps it is nothing to a meal. */
public interface TubStock {
  /**
   * What one lot gives.
   *
   * @param code on its label
   * @param mass of it
   * @param frozen whether it must be thawed first
   * @param sauce what is in it, with all that is known of it
   */
  record Share(String code, Mass mass, boolean frozen, Ingredient sauce) {}

  /** What there is of a formula within its date, in the order of use, as far as it is wanted. */
  List<Share> shares(String formulaId, Mass wanted);

  /**
   * Takes so much of it, in the order of use.
   *
   * @param dish what for
   */
  void take(String formulaId, Mass mass, String dish, Actor actor);
}
