package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Planner;
import urnstew.core.reduction.Lid;
import urnstew.core.sizing.BatchSize;

/** Law 3: a timed stage that loses water loses it. */
class BakeTest {
  private static double made(Stage... more) {
    Formula own = Samples.formula("plain-marinara").formula();
    List<Stage> stages = new ArrayList<>(own.stages());
    stages.addAll(List.of(more));
    return Ribbon.of(ResolvedFormula.of(own.with(stages), ReferenceFormulas.larder()), own.target())
        .end()
        .total()
        .kilograms();
  }

  /** Common practice: a dish that bakes open for three quarters of an hour loses about a tenth. */
  @Test
  void anOpenBakeLosesWaterAndACoveredOneDoesNot() {
    double plain = made();
    double open = made(Samples.bake(177, 40, Lid.OFF, 0, StageRole.FINISH));
    assertEquals(0.07, 1 - open / plain, 0.03);
    assertEquals(plain, made(Samples.bake(177, 40, Lid.ON, 0, StageRole.FINISH)), 1e-9);
    assertTrue(made(Samples.bake(200, 40, Lid.OFF, 0, StageRole.FINISH)) < open, "hotter");
    assertTrue(made(Samples.bake(177, 60, Lid.OFF, 0, StageRole.FINISH)) < open, "longer");
    double typed = made(Samples.bake(177, 40, Lid.OFF, 0.3, StageRole.FINISH));
    assertTrue(typed < open, "what is typed counts");
  }

  /** USDA cooking yields, from memory: about four fifths of the raw mass are left. */
  @Test
  void ballsAreLighterWhenTheyAreBaked() {
    ResolvedFormula balls = Samples.formula("meatballs");
    double raw = balls.mass().kilograms();
    double baked = Ribbon.of(balls, Optional.empty()).end().total().kilograms();
    assertEquals(0.8, baked / raw, 0.05);
  }

  /** Sized through the oven: for as much on the plate more has to go in. */
  @Test
  void whoBakesItAtTheEndStartsWithMore() {
    Formula own = Samples.formula("plain-marinara").formula();
    BatchSize plain = sized(own);
    BatchSize baked = sized(Samples.bakedAtLast(own));
    assertEquals(plain.portions(), baked.portions(), 1e-6);
    assertEquals(plain.end().total().kilograms(), baked.end().total().kilograms(), 1e-3);
    double more = baked.batch().mass().kilograms() / plain.batch().mass().kilograms();
    assertTrue(more > 1.02 && more < 1.2, "times " + more);
  }

  private static BatchSize sized(Formula formula) {
    PlanInputs inputs = Samples.planInputs(34, Samples.pot(0.36, 0.20), Samples.GENTLE, Lid.OFF);
    return Planner.plan(inputs.with(ResolvedFormula.of(formula, ReferenceFormulas.larder())))
        .size();
  }
}
