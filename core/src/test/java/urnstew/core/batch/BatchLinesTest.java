package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** As poured: what follows is rescaled only where its kind goes with the pot. */
class BatchLinesTest {
  private static final int TOMATOES = 2;
  private static final int LATE = 4;
  private static final Instant LATER = Samples.NOON.plus(Duration.ofHours(6));

  /** A marinara with two hundred grams of something after ten minutes. */
  private static BatchHistory with(String ingredient) {
    Formula marinara = Samples.marinara().formula();
    List<Stage> stages = new ArrayList<>(marinara.stages());
    List<Stage.Line> lines = new ArrayList<>(stages.get(1).lines());
    lines.add(
        new Stage.Line(
            ingredient,
            Mass.ofGrams(200),
            "",
            Duration.ofMinutes(10),
            "",
            new MassFraction(1),
            Optional.empty()));
    stages.set(1, stages.get(1).with(lines));
    BatchSnapshot lit = Samples.lit(1).snapshot();
    ResolvedFormula resolved =
        ResolvedFormula.of(marinara.with(stages), ReferenceFormulas.larder());
    return new BatchHistory(
        new BatchSnapshot(
            lit.inputs().with(resolved),
            lit.preparation(),
            lit.instruments(),
            lit.clock(),
            lit.modelVersion()),
        List.of());
  }

  private static BatchLine late(BatchHistory history) {
    ResolvedFormula own = history.snapshot().inputs().formula();
    return new BatchLines(history, own).all().get(LATE);
  }

  private static BatchHistory poured(BatchHistory history, int line, double times) {
    Mass mass = history.snapshot().inputs().formula().portions().get(line).mass().times(times);
    UUID id = new UUID(3, line);
    return history.with(new Poured(id, Samples.NOON.plusSeconds(300), line, mass), LATER);
  }

  @ParameterizedTest
  @CsvSource({
    "table-salt,true",
    "basil,true",
    "butter,true",
    "whole-milk,true",
    "white-wine,false",
    "chicken-stock,false",
    "cod,false"
  })
  void kindsThatSeasonGoWithThePotAndOthersAreOffered(String ingredient, boolean grows) {
    BatchHistory more = poured(with(ingredient), TOMATOES, 1.5);
    BatchLine line = late(more);
    double offered = line.offered().orElseThrow().grams();
    assertEquals(200, grows ? offered : line.due().grams(), 1e-9, "one of the two is the plan");
    assertEquals(200, Math.min(line.due().grams(), offered), 1e-9);
    assertTrue(Math.max(line.due().grams(), offered) > 270, "the other goes with the tomatoes");
    assertEquals(grows, line.due().grams() > 270);
  }

  @Test
  void nothingIsOfferedWhereThePotIsAsPlannedOrItIsIn() {
    BatchHistory wine = with("white-wine");
    assertTrue(late(wine).offered().isEmpty());
    assertTrue(late(poured(wine, TOMATOES, 1.01)).offered().isEmpty(), "a spoonful is nothing");
    BatchHistory in = poured(poured(wine, TOMATOES, 1.5), LATE, 1.2);
    assertTrue(late(in).offered().isEmpty());
    assertEquals(240, late(in).due().grams(), 1e-9);
  }

  @Test
  void theStepOffersBothAmounts() {
    Forecast forecast = Samples.forecast(poured(with("white-wine"), TOMATOES, 1.5));
    NextStep add =
        forecast.steps().stream()
            .filter(step -> step.kind() == NextStep.Kind.ADD)
            .findFirst()
            .orElseThrow();
    double other = add.offeredKilograms() / add.kilograms();
    assertTrue(other > 0 && Math.abs(other - 1) > 0.03, "otherwise, if the cook wants it");
  }
}
