package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.units.Mass;

/**
 * The library's formulas in household pots take about as long as cooks say (T-06, common practice).
 * The bands are theirs; beside each stands by what factor our pot may lie outside of it, a third at
 * most, since the level is kept by eye. What is predicted always reaches into the band.
 */
class UsualTimesTest {
  private static final Map<String, Formula> SHELF =
      ReferenceFormulas.load().stream().collect(Collectors.toMap(Formula::id, Function.identity()));

  @ParameterizedTest(name = "{0}: {2} to {3} min")
  @CsvSource({
    "cellar-cheek,30,8,10,1.15",
    "tight-for-layers,28,10,10,1.32",
    "meadow-pomodoro,28,15,15,1.33",
    "plain-marinara,26,25,25,1.22",
    "larder-base,26,25,35,1.32",
    "roof-ragu,28,60,90,1",
    "pale-ragu,28,90,180,1",
    "slow-passata,26,180,180,1.25"
  })
  void aSimmerTakesWhatCooksSay(
      String id, int widthCentimeters, double least, double most, double outside) {
    Plan plan = plan(id, widthCentimeters);
    double minutes = minutes(plan, plan.prediction().likely());
    assertTrue(
        minutes >= least / outside && minutes <= most * outside, id + " takes " + minutes + " min");
    double early = minutes(plan, plan.prediction().early());
    double late = minutes(plan, plan.prediction().late());
    assertTrue(early <= most && late >= least, id + " takes " + early + " to " + late + " min");
  }

  private static double minutes(Plan plan, ReductionCurve fall) {
    Reaches reaches = (Reaches) fall.outcome();
    return reaches.after().minus(boiling(plan)).toSeconds() / 60.0;
  }

  private static Plan plan(String id, int widthCentimeters) {
    Formula found = SHELF.get(id);
    assertTrue(found != null, id);
    ResolvedFormula formula = ResolvedFormula.of(found, ReferenceFormulas.larder());
    Vessel pot = Samples.pot(widthCentimeters / 100.0, 0.2);
    Stage simmer =
        found.stages().stream()
            .filter(stage -> stage.role() == StageRole.REDUCE)
            .findFirst()
            .orElseThrow();
    Heating level = new SimmeredByEye(SimmerLevel.valueOf(simmer.heat().level().name()));
    SimmerSetting setting = Samples.setting(pot, 3500, level, simmer.lid(), 0);
    Mass made = Ribbon.of(formula, found.target()).end().total();
    return Planner.plan(
        new PlanInputs(
            formula,
            new Need(10, made.times(0.1 / (1 + Need.CLING_SHARE))),
            PackRule.AS_NEEDED,
            new Target.Solids(found.target().orElseThrow()),
            setting,
            List.of(),
            Prior.of(setting.heatSource()),
            Samples.NOON,
            Samples.NOON.plus(Duration.ofHours(20))));
  }

  /** Cooks count from the first boil: time until the pot is hot. */
  private static Duration boiling(Plan plan) {
    return Duration.ofSeconds(
        (long)
            plan.prediction().likely().states().stream()
                .filter(state -> state.celsius() >= 84)
                .findFirst()
                .orElseThrow()
                .seconds());
  }
}
