package urnstew.app.lots;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchEnds;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.plan.GoingOn;
import urnstew.app.platform.NotFoundException;
import urnstew.app.rules.RuleService;
import urnstew.core.batch.Unfinished;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Ingredient;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/**
 * Tubs of batches that were stopped: what is still to come, and the plan that goes on with them.
 */
@Component
class UnfinishedLots implements GoingOn {
  private final LotMapper mapper;
  private final LotDeclarations declarations;
  private final BatchEnds batches;
  private final RuleService rules;
  private final ObjectProvider<Tubs> tubs;

  UnfinishedLots(
      LotMapper mapper,
      LotDeclarations declarations,
      BatchEnds batches,
      RuleService rules,
      ObjectProvider<Tubs> tubs) {
    this.mapper = mapper;
    this.declarations = declarations;
    this.batches = batches;
    this.rules = rules;
    this.tubs = tubs;
  }

  /** The batch that was stopped, of which a lot is; empty where the lot is done. */
  Optional<Unfinished> of(LotRow lot) {
    UUID batch = lot.batchId();
    return lot.unfinished() && batch != null ? batches.unfinished(batch) : Optional.empty();
  }

  /** What is in it, by the kilogram. */
  Ingredient ingredient(String id, LotRow lot, Unfinished unfinished) {
    Composition kind = IngredientDocuments.COMPOSITION.read(lot.kind());
    return TubIngredient.of(id, unfinished, kind, declarations.of(lot).labelling());
  }

  @Override
  public ResolvedFormula rest(UUID lotId) {
    LotRow lot = mapper.find(lotId).orElseThrow(() -> new NotFoundException("lot", lotId));
    if (lot.closedAt() != null) {
      throw fault("gone", "Nothing is left of " + lot.code() + ".");
    }
    Unfinished unfinished =
        of(lot).orElseThrow(() -> fault("done", lot.code() + " is done: nothing is to come."));
    return unfinished
        .rest(ingredient(Tubs.key(lot), lot, unfinished), warmedUp(rules.inForce()))
        .times(lot.massKilograms() / unfinished.mass().kilograms());
  }

  @Override
  public Kept kept(UUID lotId, String formulaId) {
    LotRow lot = mapper.find(lotId).orElseThrow(() -> new NotFoundException("lot", lotId));
    if (lot.closedAt() != null || !lot.formulaId().equals(formulaId)) {
      throw unfit("gone", "There is none of it in " + lot.code() + ".");
    }
    if (lot.unfinished()) {
      throw unfit("not-done", lot.code() + " is not done: go on with it first.");
    }
    if (LotViews.dates(lot).isFrozen()) {
      throw unfit("frozen", lot.code() + " is frozen: thaw it first.");
    }
    return new Kept(lot.code(), tubs.getObject().of(lot), new Mass(lot.massKilograms()));
  }

  private static InvalidInput unfit(String code, String message) {
    return new InvalidInput(
        "lotId", code, message, "thawed tubs of that formula", "Choose others, or make the part.");
  }

  private static InvalidInput fault(String code, String message) {
    return new InvalidInput(
        "lotId", code, message, "tubs that are not done", "Choose others, or begin it anew.");
  }

  private static String warmedUp(RuleSet by) {
    return String.format(
        Locale.ROOT,
        "out of the cold: all of it to %.0f °C within %d min, by %s",
        by.temperature(Limit.REHEAT).celsius(),
        by.time(Limit.REHEAT_WITHIN).toMinutes(),
        by.name());
  }
}
