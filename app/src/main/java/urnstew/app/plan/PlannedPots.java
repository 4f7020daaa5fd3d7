package urnstew.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.KitchenService;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Target;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.Stage;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.SizedBy;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.PackRule;
import urnstew.core.sizing.Rounding;
import urnstew.units.MassFraction;

/** Plans for pots that nobody has filled in a form for: cooked as their formula says. */
@Component
public class PlannedPots {
  /** Long enough for every simmer, so that the hour of a plan is never gone. */
  private static final Duration AHEAD = Duration.ofDays(2);

  private final PlanService plans;
  private final KitchenService kitchens;

  PlannedPots(PlanService plans, KitchenService kitchens) {
    this.plans = plans;
    this.kitchens = kitchens;
  }

  /**
   * What the plan of one pot is computed from.
   *
   * @param formula at any size
   * @param target how thick; nothing where its stages decide
   * @param ready when it is wanted
   */
  public PlanInputs inputs(
      ResolvedFormula formula,
      Need need,
      MassFraction target,
      Vessel vessel,
      HeatSource burner,
      Instant ready) {
    SimmerSetting setting = setting(formula.phases(), vessel, burner);
    PlanInputs unsized =
        new PlanInputs(
            formula,
            need,
            new PackRule(Rounding.EXACT, PackGoal.LEAST_COST),
            new Target.Solids(target),
            setting,
            List.of(),
            Prior.of(burner, plans.past(vessel.id(), burner.id(), formula.formula().id())),
            ready.minus(AHEAD),
            ready);
    boolean thickens = formula.phases().thickens();
    return new SizedBy.Covers()
        .size(unsized, thickens ? Optional.empty() : Optional.of(PlanService.BY_ITS_STAGES));
  }

  /** As the phase that answers for the hour says. */
  private SimmerSetting setting(SimmerPhases phases, Vessel vessel, HeatSource burner) {
    Optional<Stage> answers =
        phases.all().isEmpty()
            ? Optional.empty()
            : Optional.of(phases.all().get(phases.answering()).last());
    Heating heating =
        answers
            .map(stage -> stage.heat().heating())
            .orElseGet(() -> new SimmeredByEye(SimmerLevel.GENTLE));
    return new SimmerSetting(
        vessel,
        burner,
        heating,
        answers.map(Stage::lid).orElse(Lid.OFF),
        kitchens.settings().surroundings());
  }
}
