package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.IngredientKind;
import urnstew.units.Mass;

class WholePiecesTest {

  /** Common practice: about a hundred grams of flour to the egg, and no part of an egg. */
  @ParameterizedTest
  @CsvSource({"1", "2", "3", "5", "7", "11", "34"})
  void aDoughIsRaisedToTheNextWholeEgg(int covers) {
    ResolvedFormula own = Samples.formula("egg-dough");
    Need need = new Need(covers, Mass.ofGrams(83));
    ResolvedFormula dough = Dish.of(own, need, Optional.empty()).batch();
    double eggs = eggs(dough);
    assertEquals(Math.rint(eggs), eggs, 1e-9);
    double flour = massOf(dough, "wheat-flour");
    assertEquals(100, flour * 1000 / eggs, 1e-6, "flour to the egg");
    assertTrue(dough.mass().kilograms() >= need.mass().kilograms() - 1e-9, "nobody gets less");
    assertTrue(eggs - need.mass().kilograms() / own.mass().kilograms() * eggs(own) < 1);
  }

  /** What was found by halving is an exact number of eggs, and the least dough takes one. */
  @ParameterizedTest
  @CsvSource({"3.000001,3", "3.5,4", "0.001,1"})
  void aHairMoreThanAnEggIsNoFurtherEgg(double wanted, double count) {
    ResolvedFormula own = Samples.formula("egg-dough");
    double scale = WholeEggs.scale(own, wanted / eggs(own));
    assertEquals(count, eggs(own.times(scale)), 1e-9);
  }

  @Test
  void eggsThatBindAreRoundedAndTheRestKeepsItsSize() {
    ResolvedFormula own = Samples.formula("meatballs");
    ResolvedFormula balls = Dish.of(own, new Need(13, Mass.ofGrams(90)), Optional.empty()).batch();
    double eggs = eggs(balls);
    assertEquals(Math.rint(eggs), eggs, 1e-9);
    assertTrue(eggs >= 1);
  }

  @ParameterizedTest
  @CsvSource({"garlic,7,2", "onion,370,3.25", "lobster,590,3.25", "mussels,280,55", "garlic,0.5,1"})
  void piecesAreCutNoFinerThanACookDoes(String id, double grams, double count) {
    Portion any = Samples.marinara().portions().get(0);
    Portion portion = any.of(Samples.ingredient(id)).of(Mass.ofGrams(grams));
    PieceCount pieces = PieceCount.of(portion).orElseThrow();
    double each = pieces.each().grams();
    double finest = each < 25 ? 1 : each < 90 ? 0.5 : 0.25;
    assertEquals(0, pieces.count() % finest, 1e-9);
    assertTrue(Math.abs(pieces.count() - Math.max(finest, grams / each)) <= finest / 2 + 1e-9);
    assertEquals(count, pieces.count(), 0.5);
  }

  private static double eggs(ResolvedFormula of) {
    return of.portions().stream()
        .filter(portion -> portion.ingredient().kind() == IngredientKind.EGG)
        .mapToDouble(
            portion ->
                portion.mass().grams()
                    / portion.ingredient().measuring().piece().orElseThrow().mass().grams())
        .sum();
  }

  private static double massOf(ResolvedFormula of, String id) {
    return of.portions().stream()
        .filter(portion -> portion.ingredient().id().equals(id))
        .mapToDouble(portion -> portion.mass().kilograms())
        .sum();
  }
}
