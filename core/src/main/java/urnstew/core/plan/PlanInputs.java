package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.reduction.Unknowns;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.core.sizing.Sizing;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;

/**
 * Everything that a plan is computed from.
 *
 * @param formula what is made
 * @param need who eats
 * @param buying how packs are bought
 * @param target when it is thick enough
 * @param setting in which pot it simmers, and how, in the phase that answers for the hour
 * @param stages where other phases of the simmer are heated or covered otherwise than the formula
 *     says
 * @param prior what is believed of that pot
 * @param now when the plan is made
 * @param readyBy when it must be on the table; after {@code now}, within a week
 */
public record PlanInputs(
    ResolvedFormula formula,
    Need need,
    PackRule buying,
    Target target,
    SimmerSetting setting,
    List<StageSetting> stages,
    Prior prior,
    Instant now,
    Instant readyBy) {
  private static final Duration FURTHEST = Duration.ofDays(7);

  public PlanInputs {
    stages = List.copyOf(stages);
    if (!readyBy.isAfter(now)) {
      throw new InvalidInput(
          "readyBy",
          "in-the-past",
          "That hour has passed.",
          "an hour still to come",
          "Choose a later hour, or leave the date out to mean the next one.");
    }
    if (readyBy.isAfter(now.plus(FURTHEST))) {
      throw new InvalidInput(
          "readyBy",
          "too-far",
          "That is more than a week from now.",
          "within a week",
          "Plan it nearer to the day.");
    }
  }

  /** The pot. */
  public Vessel vessel() {
    return setting.vessel();
  }

  /** Solids it is to thicken like, for a product of the body that is likely. */
  public MassFraction equivalentSolids() {
    return target.equivalentSolids(prior.likelyBodyFactor());
  }

  /**
   * The batch that this makes.
   *
   * @throws urnstew.units.InvalidInput if it cannot be made so thick
   */
  public BatchSize size() {
    return Sizing.size(formula, need, equivalentSolids(), buying);
  }

  /** Most likely values of all that is not known of this pot. */
  public Unknowns likely() {
    Prior here = prior.under(setting.heating());
    return Unknowns.of(here.likelyEvaporationFactor(), here.likelyPowerFactor(), 1);
  }

  public PlanInputs with(ResolvedFormula other) {
    return new PlanInputs(other, need, buying, target, setting, stages, prior, now, readyBy);
  }

  public PlanInputs with(Need other) {
    return new PlanInputs(formula, other, buying, target, setting, stages, prior, now, readyBy);
  }

  public PlanInputs with(Target other) {
    return new PlanInputs(formula, need, buying, other, setting, stages, prior, now, readyBy);
  }

  public PlanInputs with(SimmerSetting other) {
    return new PlanInputs(formula, need, buying, target, other, stages, prior, now, readyBy);
  }

  /** On the table at another hour. */
  public PlanInputs readyAt(Instant other) {
    return new PlanInputs(formula, need, buying, target, setting, stages, prior, now, other);
  }
}
