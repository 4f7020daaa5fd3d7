package urnstew.app.plan;

import java.util.UUID;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/** Tubs of batches that were stopped before they were done; who keeps them is nothing to a plan. */
public interface GoingOn {
  /**
   * What is still to be cooked of a lot, at the size of all that is left of it.
   *
   * @throws urnstew.units.InvalidInput if there is no such lot, or it is done
   */
  ResolvedFormula rest(UUID lotId);

  /**
   * Tubs that are done, to be taken as a part.
   *
   * @throws urnstew.units.InvalidInput if there are no such tubs of that formula, thawed and in
   *     date
   */
  Kept kept(UUID lotId, String formulaId);

  /**
   * What there is in tubs.
   *
   * @param code on their labels
   * @param ingredient a kilogram of it
   * @param mass all of it
   */
  record Kept(String code, Ingredient ingredient, Mass mass) {}
}
