package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.Ribbon;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Law 3: a simmer by minutes takes these minutes, on every sauce of the shelf. */
class FixedTimeLawTest {
  private static final List<Formula> SAUCES =
      ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();

  @Test
  void aSimmerByMinutesTakesTheseMinutes() {
    Random random = new Random(11);
    int met = 0;
    List<String> wrong = new ArrayList<>();
    for (Formula formula : SAUCES) {
      for (int i = 0; i < 4; i++) {
        Heating[] ways = {
          Samples.GENTLE,
          Samples.LIVELY,
          Heating.BurnerSet.FULL,
          new Heating.InOven(Temperature.ofCelsius(150), false)
        };
        Lid lid = random.nextBoolean() ? Lid.OFF : Lid.AJAR;
        PlanInputs inputs = Samples.planInputs(formula, 10 + random.nextInt(30), ways[i], lid);
        Duration simmer = Duration.ofMinutes(20 + random.nextInt(100));
        MassFraction reached;
        try {
          reached = FixedTime.equivalentSolids(inputs, simmer);
        } catch (InvalidInput pastThickest) {
          continue;
        }
        Plan plan = Planner.plan(inputs.with(new Target.Solids(reached)));
        met++;
        double minutes =
            plan.prediction().likely().outcome() instanceof Reaches reaches
                ? reaches.after().toSeconds() / 60.0
                : Double.NaN;
        double wanted = simmer.toMinutes();
        if (!(Math.abs(minutes - wanted) <= 0.02 * wanted + 1)) {
          wrong.add(
              formula.id() + " " + ways[i] + " " + lid + ": " + wanted + " became " + minutes);
        }
      }
    }
    assertEquals(List.of(), wrong);
    assertTrue(met > 60, met + " plans");
  }

  /** Row of the audit: 34 covers of the meatless ragù, 32 minutes. */
  @Test
  void theMeatlessRaguIsNotDoneBeforeItIsWarm() {
    Formula garden =
        SAUCES.stream().filter(f -> f.id().equals("garden-ragu")).findFirst().orElseThrow();
    PlanInputs inputs = Samples.planInputs(garden, 34, Samples.GENTLE, Lid.AJAR);
    MassFraction reached = FixedTime.equivalentSolids(inputs, Duration.ofMinutes(32));
    Plan plan = Planner.plan(inputs.with(new Target.Solids(reached)));
    Reaches reaches = (Reaches) plan.prediction().likely().outcome();
    assertEquals(32, reaches.after().toSeconds() / 60.0, 1.5);
    double made =
        Ribbon.of(plan.size().batch(), java.util.Optional.of(reached)).end().total().kilograms();
    double fall =
        plan.prediction().likely().last().contents().total().kilograms()
            + plan.size().batch().atTheFinish().total().kilograms();
    assertEquals(made, fall, 0.01 * made, "what is foretold is what was sized");
  }
}
