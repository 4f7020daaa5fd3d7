package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.correction.Target;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Formula;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Ingredient;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Planner;
import urnstew.core.plan.PotProgram;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** What is stopped and gone on with is what it would have been, in one pot or in two halves. */
class UnfinishedTest {
  private static final long SEED = 20_261_130;

  static Stream<Formula> simmered() {
    return ReferenceFormulas.load().stream().filter(formula -> formula.target().isPresent());
  }

  static BatchHistory lit(Formula formula) {
    BatchSnapshot lit = Samples.lit(1).snapshot();
    PlanInputs inputs =
        lit.inputs()
            .with(ResolvedFormula.of(formula, ReferenceFormulas.larder()))
            .with(new Target.Solids(formula.target().orElseThrow()));
    return new BatchHistory(
        new BatchSnapshot(
            inputs, lit.preparation(), lit.instruments(), lit.clock(), lit.modelVersion()),
        List.of());
  }

  private static BatchHistory stopped(BatchHistory lit, double share) {
    double all = Samples.forecast(lit).prediction().likely().last().seconds();
    Instant at = lit.at(1 + share * (all - 2));
    return lit.with(
        new Finished(new UUID(9, 1), at, Optional.empty(), "", true), at.plusSeconds(60));
  }

  private static Ingredient kept(BatchHistory stopped, Unfinished unfinished) {
    Composition all = unfinished.contents().everything();
    Declaration told = BatchDeclaration.of(stopped, unfinished.mass());
    return TubIngredient.of("tub-x", unfinished, all, told.labelling());
  }

  @ParameterizedTest
  @MethodSource("simmered")
  void nothingIsLostAndNothingIsIn(Formula formula) {
    Random random = new Random(SEED + formula.id().hashCode());
    BatchHistory lit = lit(formula);
    Forecast meant = Samples.forecast(lit);
    BatchHistory stopped = stopped(lit, random.nextDouble());
    Unfinished unfinished = Unfinished.of(stopped).orElseThrow();
    assertEquals(
        Samples.forecast(stopped).end().total().kilograms(),
        unfinished.mass().kilograms(),
        1e-9,
        "what the pot's page says is kept");
    Ingredient kept = kept(stopped, unfinished);
    ResolvedFormula rest = unfinished.rest(kept, "warm it");
    double toCome = unfinished.toCome().stream().mapToDouble(one -> one.mass().kilograms()).sum();
    assertEquals(
        unfinished.mass().kilograms() + toCome, rest.mass().kilograms(), 1e-9, "counted once");
    assertEquals(1, rest.scaleFactor(), 1e-9);
    assertEquals(rest.mass().kilograms(), rest.times(0.3).mass().kilograms() / 0.3, 1e-9);
    assertTrue(rest.formula().stages().get(0).caution().startsWith("warm it"));
    isSaltedOnce(stopped, unfinished, rest, kept);
    goesOnToTheSameEnd(stopped.snapshot().inputs(), rest, meant);
    isToldOnce(stopped, unfinished, rest, kept);
  }

  /** Lit in the same pot it ends as thick, as salty, and as much as it would have. */
  private static void goesOnToTheSameEnd(PlanInputs inputs, ResolvedFormula rest, Forecast meant) {
    Plan plan;
    try {
      plan = Planner.plan(inputs.with(rest));
    } catch (InvalidInput done) {
      assertEquals("thinner-than-start", done.code(), "it was as good as thick");
      return;
    }
    assertEquals(1, plan.size().scaleFactor(), 0.03, "all of it feeds as many as it would have");
    assertEquals(
        meant.prediction().likely().last().equivalentSolids().percent(),
        plan.prediction().likely().last().equivalentSolids().percent(),
        0.3,
        "as thick");
    assertEquals(
        100 * meant.saltShare(), 100 * plan.size().salt().value(), 0.05, "as salty, % of it");
  }

  /** Juice that pieces gave is salted as they are: what fat they gave is not (common practice). */
  private static void isSaltedOnce(
      BatchHistory stopped, Unfinished unfinished, ResolvedFormula rest, Ingredient kept) {
    double in = FormulaAnalysis.saltKilograms(unfinished.whole().portions());
    assertEquals(in, FormulaAnalysis.saltKilograms(rest.portions()), 0.005 * in, "salt once");
    assertEquals(
        in - FormulaAnalysis.saltKilograms(unfinished.toCome()),
        kept.salt().value() * unfinished.mass().kilograms(),
        0.005 * in,
        "salt of the tubs");
  }

  /** What is in is told of what is kept; what is to come, of the rest. */
  private static void isToldOnce(
      BatchHistory stopped, Unfinished unfinished, ResolvedFormula rest, Ingredient kept) {
    Set<Allergen> in = new HashSet<>();
    for (Portion portion : unfinished.whole().portions()) {
      if (!unfinished.toCome().contains(portion)) {
        in.addAll(portion.ingredient().labelling().allergens());
      }
    }
    in.remove(Allergen.SULPHITES);
    Set<Allergen> told = new HashSet<>(kept.labelling().allergens());
    told.remove(Allergen.SULPHITES);
    assertEquals(in, told);
    Set<Allergen> after = new HashSet<>();
    Declaration.of(rest, rest.mass()).allergens().forEach(one -> after.add(one.allergen()));
    Set<Allergen> whole = new HashSet<>();
    Declaration.of(unfinished.whole(), rest.mass())
        .allergens()
        .forEach(one -> whole.add(one.allergen()));
    whole.remove(Allergen.SULPHITES);
    assertTrue(after.containsAll(whole), after + " of " + whole);
  }

  /** Milk goes in after an hour: before that the tubs are free of it, and the rest is not. */
  @Test
  void theMilkThatIsToComeIsNotInTheTubs() {
    Formula ragu =
        ReferenceFormulas.load().stream()
            .filter(formula -> formula.id().equals("pale-ragu"))
            .findFirst()
            .orElseThrow();
    BatchHistory lit = lit(ragu);
    Instant at = lit.at(1800);
    BatchHistory stopped =
        lit.with(
            new Finished(new UUID(9, 1), at, Optional.of(Mass.ofKilograms(4)), "", true),
            at.plusSeconds(60));
    Unfinished unfinished = Unfinished.of(stopped).orElseThrow();
    assertEquals("Simmer", unfinished.from());
    assertEquals(4, unfinished.mass().kilograms(), 1e-9, "as it was weighed");
    Portion milk =
        unfinished.toCome().stream()
            .filter(one -> one.ingredient().id().equals("whole-milk"))
            .findFirst()
            .orElseThrow();
    assertTrue(milk.mass().kilograms() > 0);
    ResolvedFormula rest = unfinished.rest(kept(stopped, unfinished), "");
    Portion then =
        rest.portions().stream()
            .filter(one -> one.ingredient().id().equals("whole-milk"))
            .findFirst()
            .orElseThrow();
    assertEquals(1800, then.after().toSeconds(), 2, "half an hour is left");
    double celsius = PotProgram.of(lit.snapshot().inputs(), rest).temperature().celsius();
    assertEquals(5, celsius, 0.1, "it comes out of the cold (assumption)");
    assertFalse(Unfinished.of(lit).isPresent());
  }

  /** A scale that speaks against it is not enough to call the tubs free of it. */
  @Test
  void milkThatMayBeInIsToldOfTheTubs() {
    BatchHistory lit =
        lit(
            ReferenceFormulas.load().stream()
                .filter(formula -> formula.id().equals("pale-ragu"))
                .findFirst()
                .orElseThrow());
    Instant at = lit.at(3600 + 1200);
    double dry = fallAt(lit.with(pour(lit, at), at.plusSeconds(60)), at.minusSeconds(30));
    Mass tare = lit.setting().vessel().emptyMass();
    BatchHistory read =
        lit.with(
            new BatchEvent.ReadingTaken(
                new UUID(9, 3),
                at.minusSeconds(30),
                new Measurement.Weighed(new Mass(dry).plus(tare), tare, Mass.ofGrams(20))),
            at.plusSeconds(60));
    BatchHistory stopped =
        read.with(new Finished(new UUID(9, 1), at, Optional.empty(), "", true), at.plusSeconds(60));
    Unfinished unfinished = Unfinished.of(stopped).orElseThrow();
    assertTrue(
        unfinished.toCome().stream().anyMatch(one -> one.ingredient().id().equals("whole-milk")),
        "the scale says that it is not in");
    List<String> milky =
        BatchDeclaration.of(stopped, unfinished.mass()).allergens().stream()
            .filter(one -> one.allergen() == Allergen.MILK)
            .flatMap(one -> one.causes().stream())
            .toList();
    assertTrue(milky.contains("Whole milk"), milky.toString());
  }

  private static BatchEvent pour(BatchHistory lit, Instant at) {
    ResolvedFormula ragu = lit.snapshot().inputs().formula();
    for (int line = 0; line < ragu.portions().size(); line++) {
      if (ragu.portions().get(line).ingredient().id().equals("whole-milk")) {
        Mass much = Samples.forecast(lit).lines().get(line).due();
        return new BatchEvent.Poured(new UUID(9, 2), at, line, much);
      }
    }
    throw new AssertionError("no milk");
  }

  private static double fallAt(BatchHistory history, Instant at) {
    return Samples.forecast(history)
        .prediction()
        .likely()
        .massAt(history.simmerSeconds(at))
        .kilograms();
  }
}
