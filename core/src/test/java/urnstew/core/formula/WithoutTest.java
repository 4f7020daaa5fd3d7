package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Avoid.Kind;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.pantry.Substitute;
import urnstew.core.pantry.Swap;
import urnstew.units.Mass;

class WithoutTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final Avoid MILK = new Avoid(Kind.ALLERGEN, "MILK");
  private static final Avoid GARLIC = new Avoid(Kind.TRAIT, "GARLIC");

  static Stream<Arguments> everyFormulaWithoutEverything() {
    return ReferenceFormulas.load().stream()
        .flatMap(
            formula ->
                Stream.of(
                        MILK,
                        GARLIC,
                        new Avoid(Kind.TRAIT, "PORK"),
                        new Avoid(Kind.TRAIT, "ALCOHOL"),
                        new Avoid(Kind.ALLERGEN, "WHEAT"),
                        new Avoid(Kind.ALLERGEN, "CELERY"))
                    .map(avoid -> arguments(formula, avoid)));
  }

  @ParameterizedTest
  @MethodSource("everyFormulaWithoutEverything")
  void nothingOfItIsLeft(Formula formula, Avoid avoid) {
    Without without =
        Without.of(formula, List.of(avoid), ReferenceFormulas.larder().pantryOf(formula));
    ResolvedFormula resolved = ResolvedFormula.of(without.formula(), ReferenceFormulas.larder());
    assertEquals(List.of(), Declaration.hits(avoid, resolved.portions()));
  }

  @Test
  void aRaguWithoutMilkAndGarlicSaysWhatItChanges() {
    Formula ragu =
        ReferenceFormulas.load().stream()
            .filter(f -> f.id().equals("ridge-ragu"))
            .findFirst()
            .orElseThrow();
    Without without =
        Without.of(ragu, List.of(MILK, GARLIC), ReferenceFormulas.larder().pantryOf(ragu));
    assertEquals(
        List.of("Whole milk", "Butter"),
        without.swaps().stream().map(swap -> swap.was().name()).toList());
    Swap milk = without.swaps().get(0);
    assertEquals(Set.of(Allergen.MILK), milk.takesAway());
    assertTrue(milk.solidsKilograms() < 0, "stock has less in it than milk");
    assertFalse(milk.tells().isEmpty());
  }

  /** By hand from the table: 120 g milk, 11.87 − 3.25 g solids in 100 g. */
  @Test
  void whatASwapChangesIsTheDifferenceOfTheTable() {
    Swap swap =
        Swap.of(
            PANTRY.ingredient("butter"), Mass.ofGrams(100), Substitute.of("butter").get(0), PANTRY);
    assertEquals("olive-oil", swap.instead().get(0).ingredient().id());
    assertEquals(80, swap.instead().get(0).mass().grams(), 1e-9);
    double butterFat = PANTRY.ingredient("butter").perKilogram().fatKilograms() * 0.1;
    assertEquals(0.080 - butterFat, swap.fatKilograms(), 1e-9);
  }

  @Test
  void whatHasNoSubstituteIsLeftOutAndSaidSo() {
    Swap swap = Swap.leftOut(PANTRY.ingredient("saffron"), Mass.ofGrams(1));
    assertEquals(List.of(), swap.instead());
    assertTrue(swap.tells().startsWith("left out"));
  }
}
