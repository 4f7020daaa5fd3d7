package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Ribbon;
import urnstew.core.pantry.IngredientKind;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

class VariantTest {
  private static final ResolvedFormula BASE = Samples.formula("larder-base");

  private static Dish dish(String id, int covers) {
    ResolvedFormula own = Samples.formula(id);
    return Dish.of(own, new Need(covers, Mass.ofGrams(120)), own.formula().target());
  }

  private static BaseBatch base(ResolvedFormula of, Dish... dishes) {
    return base(of, Mass.ZERO, dishes);
  }

  private static BaseBatch base(ResolvedFormula of, Mass inTubs, Dish... dishes) {
    return BaseBatch.of(of, of.formula().target(), List.of(dishes), inTubs);
  }

  private static double made(BaseBatch base) {
    return base.made().map(made -> made.mass().kilograms()).orElse(0.0);
  }

  private static double shares(BaseBatch base) {
    return base.variants().stream().mapToDouble(variant -> variant.share().kilograms()).sum();
  }

  /** What tubs give is not cooked again, and never more is taken than the dishes want. */
  @ParameterizedTest
  @CsvSource({"0", "0.5", "2", "40"})
  void tubsAndThePotTogetherAreWhatTheDishesTake(double inTubs) {
    Dish first = dish("cellar-cheek", 12);
    Dish second = dish("plain-marinara", 20);
    BaseBatch base = base(BASE, new Mass(inTubs), first, second);
    double wanted = shares(base(BASE, first, second));
    assertEquals(wanted, shares(base), 1e-9 * wanted, "the shares stay as they are");
    assertEquals(Math.min(inTubs, wanted), base.fromTubs().kilograms(), 1e-9);
    assertEquals(wanted, made(base) + base.fromTubs().kilograms(), 1e-6 * wanted);
    assertEquals(inTubs > wanted, base.made().isEmpty(), "no pot where tubs give it all");
  }

  private static double tomatoSolids(List<Portion> portions) {
    return portions.stream()
        .filter(one -> one.ingredient().kind() == IngredientKind.TOMATO)
        .mapToDouble(
            one -> one.mass().kilograms() * one.ingredient().perKilogram().solids().kilograms())
        .sum();
  }

  @ParameterizedTest
  @CsvSource({"plain-marinara,12", "cellar-cheek,30", "harbour-garden,8", "ridge-ragu,50"})
  void theSharesStandForTheTomatoesOfAllDishes(String id, int covers) {
    Dish first = dish(id, covers);
    Dish second = dish("plain-marinara", 20);
    BaseBatch base = base(BASE, first, second);
    double wanted =
        tomatoSolids(first.batch().portions()) + tomatoSolids(second.batch().portions());
    assertEquals(wanted, tomatoSolids(base.made().orElseThrow().batch().portions()), 1e-9 * wanted);
    assertEquals(made(base), shares(base), 1e-9 * made(base), "all of the base is used");
  }

  /** Each ingredient: share and what is still added are what the dish takes, and what is over. */
  @Test
  void whatTheShareBringsIsNotAddedAgain() {
    Dish dish = dish("harbour-garden", 10);
    Variant variant = base(BASE, dish).variants().get(0);
    double oil = mass(dish.batch().portions(), "olive-oil");
    double inBase = variant.factor() * mass(BASE.portions(), "olive-oil");
    assertEquals(oil, inBase + mass(variant.still().portions(), "olive-oil"), 1e-9);
    assertEquals(0, tomatoSolids(variant.still().portions()), 1e-12);
    assertTrue(
        variant.brings().stream().anyMatch(more -> more.ingredient().id().equals("carrot")),
        "there is no carrot in the dish");
    assertTrue(variant.leavesBefore().isEmpty(), "the base is plain: all of it is safe");
  }

  private static double mass(List<Portion> portions, String id) {
    return portions.stream()
        .filter(one -> one.ingredient().id().equals(id))
        .mapToDouble(one -> one.mass().kilograms())
        .sum();
  }

  @Test
  void aStepThatBreaksAPromiseOfTheBaseIsToldWithItsCause() {
    Variant pork = base(BASE, dish("cellar-cheek", 10)).variants().get(0);
    assertEquals(0, pork.still().portionsOf(4).stream().filter(VariantTest::isTomato).count());
    assertTrue(
        pork.warnings().stream()
            .anyMatch(words -> words.startsWith("Guanciale") && words.contains("without pork")),
        pork.warnings().toString());
    Variant plain = base(BASE, dish("plain-marinara", 10)).variants().get(0);
    assertEquals(List.of(), plain.warnings());
  }

  private static boolean isTomato(Portion portion) {
    return portion.ingredient().kind() == IngredientKind.TOMATO;
  }

  @Test
  void aShareIsTakenOutBeforeTheBaseGetsWhatItsDishIsFreeOf() {
    List<Portion> own = Samples.marinara().portions();
    Portion basil = own.get(own.size() - 1);
    List<Portion> finished = new ArrayList<>(own);
    finished.add(basil.of(Samples.ingredient("butter")).of(Mass.ofGrams(30)));
    ResolvedFormula buttered = new ResolvedFormula(Samples.marinara().formula(), finished);
    BaseBatch base = base(buttered, dish("harbour-garden", 10), dish("ridge-ragu", 10));
    Variant free = base.variants().get(0);
    assertEquals(basil.stage(), free.leavesBefore().orElseThrow().stage());
    assertTrue(
        free.ingredients(buttered).stream()
            .noneMatch(one -> one.ingredient().id().equals("butter")));
    Ribbon ribbon = base.made().orElseThrow().ribbon();
    double simmered = ribbon.steps().get(basil.stage() - 1).atEnd().total().kilograms();
    double share = free.factor() / (free.factor() + base.variants().get(1).factor());
    assertEquals(share * simmered, free.share().kilograms(), 1e-9);
    assertTrue(base.variants().get(1).leavesBefore().isEmpty(), "the ragu has butter of its own");
    BaseBatch tubs =
        base(buttered, new Mass(50), dish("harbour-garden", 10), dish("ridge-ragu", 10));
    assertEquals(
        base.variants().get(1).share().kilograms(),
        tubs.fromTubs().kilograms(),
        1e-9,
        "butter is in the tubs: only the ragu takes of them");
    assertEquals(
        free.share().kilograms(),
        tubs.variants().get(0).share().kilograms(),
        1e-9,
        "and the other still has its pot");
    assertTrue(tubs.made().isPresent());
  }

  @Test
  void aDishThatTheBaseCannotServeIsMadeOnItsOwnAndSaysSo() {
    Variant vegan = base(Samples.formula("ridge-ragu"), dish("garden-ragu", 10)).variants().get(0);
    assertEquals(0, vegan.factor());
    assertTrue(vegan.warnings().get(0).contains("on its own"));
    assertEquals(dish("garden-ragu", 10).batch(), vegan.still());
    InvalidInput none =
        assertThrows(InvalidInput.class, () -> base(BASE, dish("plain-polenta", 4)));
    assertEquals("base", none.parameter());
  }
}
