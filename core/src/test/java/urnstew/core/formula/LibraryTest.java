package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.explain.Caution;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.sauce.PotContents;

/** The shipped formulas, each in all of its schools. */
class LibraryTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final Map<String, Formula> SHELF =
      ReferenceFormulas.load().stream().collect(Collectors.toMap(Formula::id, f -> f));

  static Stream<Formula> everyWay() {
    return SHELF.values().stream()
        .flatMap(
            formula ->
                Stream.concat(
                    Stream.of(formula.choosing(List.of())),
                    formula.choices().stream()
                        .flatMap(
                            choice ->
                                choice.options().stream()
                                    .map(o -> formula.choosing(List.of(choice.school(o)))))));
  }

  @ParameterizedTest
  @MethodSource("everyWay")
  void whatItComesToIsWhatItSays(Formula formula) {
    ResolvedFormula resolved = ResolvedFormula.of(formula, ReferenceFormulas.larder());
    FormulaAnalysis analysis = FormulaAnalysis.of(resolved);
    String name = formula.name() + " " + formula.choices();
    formula
        .target()
        .ifPresent(
            target -> {
              assertTrue(
                  analysis.startSolids().compareTo(target) < 0,
                  name + " starts at " + analysis.startSolids().percent());
              assertTrue(analysis.ribbon().gone().kilograms() > 0, name);
            });
    double in = resolved.mass().kilograms();
    double out = analysis.ribbon().end().total().kilograms() + analysis.ribbon().gone().kilograms();
    assertEquals(in, out, 1e-9 * in, "mass neither appears nor is lost: " + name);
    assertTrue(analysis.salt().percent() < 3.2, name + " salt " + analysis.salt().percent());
    assertTrue(analysis.cost().isPresent(), name);
    Set<String> remarked =
        analysis.warnings().stream().map(Caution::code).collect(Collectors.toSet());
    remarked.removeAll(Set.of("hidden-allergen", "raw-egg"));
    assertEquals(Set.of(), remarked, name + analysis.warnings());
  }

  @Test
  void everyFamilyIsOnTheShelf() {
    assertTrue(SHELF.size() >= 33, SHELF.size() + " formulas");
    assertEquals(
        EnumSet.allOf(Family.class),
        SHELF.values().stream().map(Formula::family).collect(Collectors.toSet()));
    assertEquals(
        EnumSet.allOf(Use.class),
        SHELF.values().stream().flatMap(f -> f.uses().stream()).collect(Collectors.toSet()));
  }

  /** P-04, common practice, on the tomato's mass. */
  @Test
  void aRaguKeepsToTheUsualShares() {
    ResolvedFormula ragu = ResolvedFormula.of(formula("ridge-ragu"), ReferenceFormulas.larder());
    double tomato = grams(ragu, "canned-whole-tomato");
    between(0.20, 0.35, grams(ragu, "onion", "carrot", "celery") / tomato);
    between(0.40, 0.60, grams(ragu, "beef-mince", "pork-mince") / tomato);
    between(0.10, 0.15, grams(ragu, "red-wine") / tomato);
    between(0.02, 0.04, grams(ragu, "olive-oil") / tomato);
  }

  /** P-10, common practice: a hundred grams of flour to the egg. */
  @Test
  void eggDoughTakesAHundredGramsOfFlourToTheEgg() {
    ResolvedFormula dough = ResolvedFormula.of(formula("egg-dough"), ReferenceFormulas.larder());
    between(90, 110, grams(dough, "wheat-flour") / (grams(dough, "egg") / 50));
  }

  /** P-11, common practice: flour on milk; fat equal to the flour or a little more. */
  @Test
  void whiteSauceIsThinMediumOrThickByItsFlour() {
    Map<String, double[]> bands =
        Map.of(
            "thin", new double[] {3, 4},
            "medium", new double[] {5, 6},
            "thick", new double[] {6.5, 9});
    bands.forEach(
        (equivalentSolids, band) -> {
          Formula way =
              formula("white-sauce").choosing(List.of(new School("Thickness", equivalentSolids)));
          ResolvedFormula sauce = ResolvedFormula.of(way, ReferenceFormulas.larder());
          double flour = grams(sauce, "wheat-flour");
          between(band[0], band[1], 100 * flour / grams(sauce, "whole-milk"));
          between(1, 1.2, grams(sauce, "butter") / flour);
        });
  }

  /** P-14, common practice: butter 2 to 4 % of the sauce at the finish, vinegar 1 to 2 %. */
  @Test
  void butterAndVinegarAtTheFinishAreWithinTheUsualShares() {
    ResolvedFormula ragu = ResolvedFormula.of(formula("ridge-ragu"), ReferenceFormulas.larder());
    between(0.015, 0.04, grams(ragu, "butter") / made(ragu).total().grams());
    ResolvedFormula pan = ResolvedFormula.of(formula("pan-wine"), ReferenceFormulas.larder());
    double vinegar =
        pan.portions().stream()
            .filter(portion -> portion.ingredient().id().contains("vinegar"))
            .mapToDouble(portion -> portion.mass().grams())
            .sum();
    between(0.01, 0.02, vinegar / made(pan).sauce().total().grams());
  }

  /** P-13, common practice: 30 to 40 g of cured pork a head; coral and butter in equal weights. */
  @Test
  void curedPorkAndCoralAreAsUsual() {
    ResolvedFormula cheek = ResolvedFormula.of(formula("cellar-cheek"), ReferenceFormulas.larder());
    double portions = FormulaAnalysis.of(cheek).ribbon().end().total().grams() / 130;
    between(25, 45, grams(cheek, "guanciale") / portions);
    ResolvedFormula shells =
        ResolvedFormula.of(formula("flamed-shells"), ReferenceFormulas.larder());
    assertEquals(grams(shells, "coral"), grams(shells, "butter"), 1e-9);
  }

  /** Whoever is asked which way is asked about something: every answer cooks another thing. */
  @Test
  void everyWayOfAChoiceCooksSomethingElse() {
    int asked = 0;
    for (Formula formula : SHELF.values()) {
      for (Choice choice : formula.choices()) {
        Set<List<Stage>> ways = new HashSet<>();
        for (Choice.Option option : choice.options()) {
          ways.add(
              formula.choosing(List.of(choice.school(option))).stages().stream()
                  .map(Stage::forEverybody)
                  .map(stage -> stage.with(stage.lines().stream().map(unasked()).toList()))
                  .toList());
          asked++;
        }
        assertEquals(
            choice.options().size(), ways.size(), formula.name() + ": " + choice.question());
      }
    }
    assertTrue(asked >= 23, asked + " ways");
  }

  /** A line without the school that it belongs to. */
  private static UnaryOperator<Stage.Line> unasked() {
    return line ->
        new Stage.Line(
            line.ingredientId(),
            line.mass(),
            line.entered(),
            line.after(),
            line.note(),
            line.firstDose(),
            Optional.empty());
  }

  private static PotContents made(ResolvedFormula formula) {
    return FormulaAnalysis.of(formula).ribbon().end();
  }

  private static Formula formula(String id) {
    Formula found = SHELF.get(id);
    assertTrue(found != null, id);
    return found;
  }

  private static double grams(ResolvedFormula formula, String... ids) {
    return formula.portions().stream()
        .filter(p -> Set.of(ids).contains(p.ingredient().id()))
        .mapToDouble(p -> p.mass().grams())
        .sum();
  }

  private static void between(double low, double high, double is) {
    assertTrue(is >= low && is <= high, is + " is not between " + low + " and " + high);
  }
}
