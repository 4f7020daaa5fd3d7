package urnstew.app.plan;

import java.util.UUID;
import urnstew.core.formula.ResolvedFormula;

/** Tubs of batches that were stopped before they were done; who keeps them is nothing to a plan. */
public interface GoingOn {
  /**
   * What is still to be cooked of a lot, at the size of all that is left of it.
   *
   * @throws urnstew.units.InvalidInput if there is no such lot, or it is done
   */
  ResolvedFormula rest(UUID lotId);
}
