package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.reduction.Lid;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Law 3: a timed stage that loses water loses it. */
class BakeTest {
  private static Stage bake(double celsius, int minutes, Lid lid, double dried, StageRole role) {
    return new Stage(
        "Bake",
        role,
        Technique.BAKE,
        new StageHeat(StageHeat.Level.OVEN, Optional.of(Temperature.ofCelsius(celsius))),
        lid,
        Duration.ofMinutes(minutes),
        new MassFraction(dried),
        List.of(),
        List.of(),
        new Cues("", "", ""),
        List.of(),
        "",
        "",
        Optional.empty());
  }

  private static double made(Stage... more) {
    Formula own = Samples.formula("plain-marinara").formula();
    List<Stage> stages = new ArrayList<>(own.stages());
    stages.addAll(List.of(more));
    return Ribbon.of(ResolvedFormula.of(own.with(stages), ReferencePantry.load()), own.target())
        .end()
        .total()
        .kilograms();
  }

  /** Common practice: a dish that bakes open for three quarters of an hour loses about a tenth. */
  @Test
  void anOpenBakeLosesWaterAndACoveredOneDoesNot() {
    double plain = made();
    double open = made(bake(177, 40, Lid.OFF, 0, StageRole.FINISH));
    assertEquals(0.07, 1 - open / plain, 0.03);
    assertEquals(plain, made(bake(177, 40, Lid.ON, 0, StageRole.FINISH)), 1e-9);
    assertTrue(made(bake(200, 40, Lid.OFF, 0, StageRole.FINISH)) < open, "hotter");
    assertTrue(made(bake(177, 60, Lid.OFF, 0, StageRole.FINISH)) < open, "longer");
    double typed = made(bake(177, 40, Lid.OFF, 0.3, StageRole.FINISH));
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

  /** Sized up through the oven: for as much on the plate more goes in. */
  @ParameterizedTest
  @CsvSource({"PREPARE", "FINISH"})
  void whoBakesItAtTheEndStartsWithMore(StageRole role) {
    Formula own = Samples.formula("plain-marinara").formula();
    List<Stage> stages = new ArrayList<>(own.stages());
    stages.add(role == StageRole.PREPARE ? 1 : stages.size(), bake(177, 40, Lid.OFF, 0, role));
    ResolvedFormula baked = ResolvedFormula.of(own.with(stages), ReferencePantry.load());
    double before = Samples.formula("plain-marinara").intoThePot().total().kilograms();
    double after = baked.finished(baked.intoThePot()).total().kilograms();
    double without =
        Samples.formula("plain-marinara")
            .finished(Samples.formula("plain-marinara").intoThePot())
            .total()
            .kilograms();
    assertTrue(after < without && before > 0, role + " " + after);
  }
}
