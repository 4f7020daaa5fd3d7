package urnstew.core.lot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.lot.UseUp.Due;
import urnstew.core.lot.UseUp.Idea;
import urnstew.core.lot.UseUp.Pack;
import urnstew.core.lot.UseUp.Takes;
import urnstew.core.lot.UseUp.Tub;
import urnstew.units.Mass;

class UseUpTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
  private static final List<ResolvedFormula> SHELF =
      Stream.of(
              "plain-marinara",
              "ridge-ragu",
              "larder-base",
              "cellar-cheek",
              "harbour-garden",
              "garden-ragu",
              "fried-slices")
          .map(Samples::formula)
          .toList();

  private static Pack pack(String ingredient, double grams, int days) {
    return new Pack(ingredient, Mass.ofGrams(grams), TODAY.plusDays(days));
  }

  private static List<Idea> ideas(Due... due) {
    return UseUp.from(SHELF, List.of(due), 6);
  }

  private static double inFormula(ResolvedFormula formula, String ingredient) {
    return formula.portions().stream()
        .filter(portion -> portion.ingredient().id().equals(ingredient))
        .mapToDouble(portion -> portion.bought().kilograms())
        .sum();
  }

  @ParameterizedTest
  @ValueSource(strings = {"butter", "onion", "whole-milk", "carrot"})
  void anIdeaTakesWhatItsFormulaTakesAndNoMoreThanThereIs(String ingredient) {
    List<Idea> ideas = ideas(pack(ingredient, 200, 1));
    for (ResolvedFormula formula : SHELF) {
      boolean cooks = formula.formula().target().isPresent() && inFormula(formula, ingredient) > 0;
      List<Idea> its = ideas.stream().filter(idea -> idea.formula().equals(formula)).toList();
      assertTrue(its.isEmpty() || cooks, formula.formula().name() + " has none of it");
      for (Idea idea : its) {
        double takes = idea.takes().get(0).takes().grams();
        assertTrue(takes > 0 && takes <= 200 + 1e-9, takes + " g");
        assertTrue(idea.covers() >= 1 && idea.covers() <= 60);
      }
    }
    assertFalse(ideas.isEmpty());
  }

  @Test
  void itIsCookedForAsManyAsUseUpWhatMustGoFirst() {
    Idea one = ragu(ideas(pack("whole-milk", 150, 1)));
    Idea two = ragu(ideas(pack("whole-milk", 300, 1)));
    assertEquals(2.0, (double) two.covers() / one.covers(), 0.15);
    assertEquals(150, one.takes().get(0).takes().grams(), 150.0 / one.covers(), "to a plate");
    Idea sack = ragu(ideas(pack("whole-milk", 3_000, 1)));
    assertEquals(60, sack.covers(), "nobody is asked to cook for hundreds");
  }

  private static Idea ragu(List<Idea> ideas) {
    return ideas.stream()
        .filter(idea -> idea.formula().formula().id().equals("ridge-ragu"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatUsesMoreThingsComesFirstThenWhatMustGoFirst() {
    List<Idea> ideas = ideas(pack("whole-milk", 150, 3), pack("carrot", 200, 1));
    assertEquals(2, ideas.get(0).takes().size());
    List<LocalDate> first = ideas.get(0).takes().stream().map(Takes::due).map(Due::by).toList();
    assertEquals(List.of(TODAY.plusDays(1), TODAY.plusDays(3)), first);
    List<Integer> counts = ideas.stream().map(idea -> idea.takes().size()).toList();
    assertEquals(counts.stream().sorted((a, b) -> b - a).toList(), counts);
  }

  @Test
  void aTubIsABaseOfDishesThatTakeAllThatItBrings() {
    Tub base = new Tub(Samples.formula("larder-base"), new Mass(2), TODAY.plusDays(1));
    List<String> from = ideas(base).stream().map(idea -> idea.formula().formula().id()).toList();
    assertFalse(from.contains("larder-base"), "it is eaten as it is");
    assertFalse(from.isEmpty(), "something is made of a base");
    Tub ragu = new Tub(Samples.formula("ridge-ragu"), new Mass(2), TODAY.plusDays(1));
    assertTrue(
        ideas(ragu).stream().noneMatch(idea -> idea.formula().formula().id().equals("garden-ragu")),
        "no meat in what goes without");
  }

  @Test
  void whatCanBeUsedAtAllIsInOneOfTheIdeas() {
    List<Idea> two = UseUp.from(SHELF, List.of(pack("onion", 400, 1), pack("capers", 50, 2)), 2);
    assertTrue(
        two.stream()
            .flatMap(idea -> idea.takes().stream())
            .anyMatch(takes -> takes.due().equals(pack("capers", 50, 2))),
        two.toString());
  }

  @Test
  void nothingIsAnIdeaWhereNothingIsDue() {
    assertEquals(List.of(), ideas());
    assertEquals(List.of(), ideas(pack("no-such-thing", 100, 1)));
  }
}
