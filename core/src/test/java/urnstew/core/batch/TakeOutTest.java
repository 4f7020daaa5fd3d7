package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageRole;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;

/** What goes in to be taken out is counted in by the batch, and out with advice by what it is. */
class TakeOutTest {
  @ParameterizedTest
  @CsvSource({
    "stuffed-squid,1,8 toothpicks,pick wounds",
    "stuffed-squid,3,24 toothpicks,pick wounds",
    "roof-ragu,1,3 × bay leaf,fork",
    "slow-passata,2,3 × onion,slotted spoon",
    "drover-ragu,1,1 × rosemary stalk,sieve"
  })
  void isCountedByTheBatch(String formula, double times, String what, String missing) {
    List<TakeOut> all = TakeOut.of(Samples.formula(formula).times(times));
    assertEquals(1, all.size(), all.toString());
    assertTrue(all.get(0).what().endsWith(what), all.toString());
    assertTrue(all.get(0).missing().contains(missing), all.toString());
  }

  /** T-09, common practice: spoon by spoon until warm, never boiled; heat given is heat taken. */
  @Test
  void coralAndYolkBindBySpoonfulsWithinTheirWindow() {
    ResolvedFormula shells = Samples.formula("flamed-shells").times(4);
    Binding coral = Binding.of(shells, shells.beforeTheFinish().everything()).get(0);
    assertEquals(16, coral.spoonfuls(), "240 g of coral and butter, 15 g each");
    assertEquals(67.5, coral.end().celsius(), 1e-6, "the middle of 60 to 75 °C");
    assertTrue(coral.pot().celsius() > 68 && coral.pot().celsius() < 75, coral.toString());
    ResolvedFormula sea = Samples.formula("saffron-sea");
    Binding yolk = Binding.of(sea, sea.beforeTheFinish().everything()).get(0);
    assertEquals(74, yolk.end().celsius(), 1e-6, "yolk in the thickener: 70 to 78 °C");
    assertEquals(List.of(), Binding.of(Samples.formula("cream-shell"), yolkless()));
  }

  private static Composition yolkless() {
    return Samples.formula("cream-shell").beforeTheFinish().everything();
  }

  /** Garlic that is sliced thin stays in: only the way that leaves it whole takes it out. */
  @Test
  void whatIsCutSmallIsNotLookedFor() {
    Formula marinara =
        ReferenceFormulas.load().stream()
            .filter(formula -> formula.id().equals("plain-marinara"))
            .findFirst()
            .orElseThrow();
    assertEquals(List.of(), TakeOut.of(inTheSimmer(marinara)));
    Formula whole = marinara.choosing(List.of(new School("Garlic", "whole, taken out")));
    List<TakeOut> cloves = TakeOut.of(inTheSimmer(whole));
    assertEquals("4 × garlic cloves", cloves.get(0).what());
  }

  /** The same with its take-outs said in the simmer: those of the finish come out on the plate. */
  private static ResolvedFormula inTheSimmer(Formula formula) {
    List<Stage> stages =
        formula.stages().stream()
            .map(
                stage ->
                    stage.role() == StageRole.REDUCE
                        ? new Stage(
                            stage.title(),
                            stage.role(),
                            stage.technique(),
                            stage.heat(),
                            stage.lid(),
                            StageCourse.PLAIN,
                            stage.time(),
                            stage.driedShare(),
                            stage.lines(),
                            stage.unread(),
                            stage.cues(),
                            List.of("garlic cloves"),
                            "",
                            "",
                            stage.school())
                        : stage)
            .toList();
    return ResolvedFormula.of(formula.with(stages), ReferenceFormulas.larder());
  }

  /** Each is asked for at the end, until somebody says that all of it is out. */
  @Test
  void thePotAsksForThemBeforeItIsEmptied() {
    BatchSnapshot lit = Samples.lit(1).snapshot();
    BatchHistory squid =
        new BatchHistory(
            new BatchSnapshot(
                lit.inputs()
                    .with(Samples.formula("stuffed-squid"))
                    .with(new Target.Solids(MassFraction.ofPercent(6.1))),
                lit.preparation(),
                lit.instruments(),
                lit.clock(),
                lit.modelVersion()),
            List.of());
    Forecast forecast = Samples.forecast(squid);
    NextStep picks = picks(forecast);
    assertTrue(picks.what().matches("Take out: \\d+ toothpicks"), picks.what());
    assertEquals(forecast.prediction().likely().last().seconds(), picks.simmerSeconds(), 1e-6);
    assertFalse(picks.done());
    Instant at = Samples.NOON.plusSeconds(3600);
    BatchHistory told =
        squid.with(new StepDone(new UUID(1, 1), at, picks.key()), at.plusSeconds(60));
    assertTrue(picks(Samples.forecast(told)).done());
  }

  private static NextStep picks(Forecast forecast) {
    return forecast.steps().stream()
        .filter(step -> step.kind() == NextStep.Kind.TAKE_OUT)
        .findFirst()
        .orElseThrow();
  }
}
