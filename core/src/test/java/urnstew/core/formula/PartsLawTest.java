package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.lot.Carried;
import urnstew.core.lot.TubIngredient;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Purchase;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** What goes into a part goes into the whole: counted once, named once, through any tree. */
class PartsLawTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final Map<String, Formula> SHIPPED = shipped();

  private static Map<String, Formula> shipped() {
    Map<String, Formula> all = new HashMap<>();
    ReferenceFormulas.load().forEach(formula -> all.put(formula.id(), formula));
    return all;
  }

  /** A formula with lines by what they name, in grams. */
  private static Formula of(String id, Map<String, Double> grams) {
    Formula like =
        SHIPPED.values().stream()
            .filter(one -> one.id().equals("herb-butter"))
            .findFirst()
            .orElseThrow();
    List<Stage.Line> lines = new ArrayList<>();
    grams.forEach(
        (what, mass) ->
            lines.add(
                new Stage.Line(
                    what,
                    Mass.ofGrams(mass),
                    "",
                    Duration.ZERO,
                    "",
                    new MassFraction(1),
                    Optional.empty())));
    return new Formula(
        id,
        1,
        id,
        "",
        Family.PART,
        like.uses(),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        List.of(like.stages().get(0).with(lines)));
  }

  /** Trees of up to four storeys of shipped formulas and goods. */
  private static final class Tree {
    private final Random random;
    private final Map<String, Formula> shelf = new HashMap<>(SHIPPED);
    private final List<String> goods = PANTRY.all().stream().map(one -> one.id()).toList();

    Tree(long seed) {
      random = new Random(seed);
    }

    Formula grow(int storeys) {
      Map<String, Double> lines = new HashMap<>();
      for (int i = 0; i < 1 + random.nextInt(3); i++) {
        lines.put(goods.get(random.nextInt(goods.size())), 5 + 500 * random.nextDouble());
      }
      List<String> ids = SHIPPED.keySet().stream().sorted().toList();
      lines.put(Larder.key(ids.get(random.nextInt(ids.size()))), 20 + 900 * random.nextDouble());
      if (storeys > 1) {
        lines.put(Larder.key(grow(storeys - 1).id()), 20 + 900 * random.nextDouble());
      }
      Formula grown = of("storey-" + storeys + "-" + random.nextInt(1 << 20), lines);
      shelf.put(grown.id(), grown);
      return grown;
    }

    Larder larder() {
      return Larder.of(PANTRY, id -> Optional.ofNullable(shelf.get(id)));
    }
  }

  @RepeatedTest(100)
  void allGoodsAreInTheWholeOnce(RepetitionInfo which) {
    Tree tree = new Tree(which.getCurrentRepetition());
    Formula whole = tree.grow(1 + which.getCurrentRepetition() % 4);
    ResolvedFormula all = ResolvedFormula.of(whole, tree.larder()).times(2.5);
    for (Portion portion : all.portions()) {
      double in = portion.contents().total().kilograms();
      assertEquals(portion.mass().kilograms(), in, 1e-9 * in, portion.ingredient().name());
      portion.made().ifPresent(part -> closes(portion, part));
    }
    assertEquals(2.5, all.scaleFactor(), 1e-9);
    Set<String> named = new HashSet<>();
    for (Purchase purchase : Purchase.of(all.portions(), PackGoal.LEAST_COST)) {
      assertTrue(Larder.formulaId(purchase.ingredient().id()).isEmpty(), "goods are bought");
      double bought =
          all.goods().stream()
              .filter(one -> one.ingredient().id().equals(purchase.ingredient().id()))
              .mapToDouble(one -> one.bought().kilograms())
              .sum();
      assertEquals(bought, purchase.needed().kilograms(), 1e-9 * bought);
      named.add(purchase.ingredient().id());
    }
    assertEquals(named, all.goodsIds());
    isDeclared(all);
  }

  /** Only water and alcohol leave; salt stays, fat stays. */
  private static void closes(Portion portion, MadePart part) {
    double out = part.mass().kilograms();
    double solids = 0;
    double salt = 0;
    for (Portion one : part.formula().portions()) {
      var raw = one.contents().everything();
      solids += raw.total().kilograms() - raw.waterKilograms() - raw.ethanolKilograms();
      salt += one.ingredient().salt().value() * one.mass().kilograms();
    }
    var end = part.contents().everything();
    double left = end.total().kilograms() - end.waterKilograms() - end.ethanolKilograms();
    double thrownAway = part.formula().discarded().total().kilograms();
    assertEquals(solids, left, 1e-9 + thrownAway, part.formula().formula().name());
    assertEquals(salt, portion.ingredient().salt().value() * out, 1e-9);
  }

  private static void isDeclared(ResolvedFormula all) {
    Declaration declaration = Declaration.of(all, all.mass());
    Set<Allergen> told = new HashSet<>();
    declaration.allergens().forEach(carried -> told.add(carried.allergen()));
    for (Portion portion : all.portions()) {
      for (Portion good :
          portion.made().isEmpty() ? List.<Portion>of() : portion.goods().toList()) {
        for (Allergen allergen : good.ingredient().labelling().allergens()) {
          assertTrue(portion.ingredient().labelling().allergens().contains(allergen));
          assertTrue(allergen == Allergen.SULPHITES || told.contains(allergen), allergen.name());
        }
        Avoid avoided = new Avoid(Avoid.Kind.INGREDIENT, good.ingredient().id());
        assertTrue(avoided.hits(portion.ingredient()), good.ingredient().name());
        assertFalse(Declaration.hits(avoided, List.of(portion)).isEmpty());
      }
    }
  }

  @Test
  void nothingIsAPartOfItself() {
    Map<String, Formula> shelf = new HashMap<>(SHIPPED);
    shelf.put("one", of("one", Map.of(Larder.key("two"), 100.0)));
    shelf.put("two", of("two", Map.of(Larder.key("three"), 100.0, "butter", 10.0)));
    shelf.put("three", of("three", Map.of(Larder.key("one"), 100.0)));
    Larder larder = Larder.of(PANTRY, id -> Optional.ofNullable(shelf.get(id)));
    for (Formula one : shelf.values()) {
      if (!SHIPPED.containsKey(one.id())) {
        InvalidInput circle =
            assertThrows(InvalidInput.class, () -> ResolvedFormula.of(one, larder));
        assertEquals("circle", circle.code());
      }
    }
    assertEquals(
        "unknown",
        assertThrows(
                InvalidInput.class,
                () -> ResolvedFormula.of(of("x", Map.of(Larder.key("no"), 1.0)), larder))
            .code());
  }

  /** Balls stay balls in the sauce, white sauce thickens it. */
  @Test
  void aPartIsInThePotWhatItIsOutOfIt() {
    Larder larder = Larder.of(PANTRY, id -> Optional.ofNullable(SHIPPED.get(id)));
    Formula dish =
        of("dish", Map.of(Larder.key("meatballs"), 800.0, Larder.key("white-sauce"), 500.0));
    ResolvedFormula all = ResolvedFormula.of(dish, larder);
    for (Portion portion : all.portions()) {
      boolean balls = portion.ingredient().name().equals("Meatballs");
      double pieces = portion.contents().pieces().whole().total().kilograms();
      assertEquals(balls ? 0.8 : 0, pieces, 1e-9, portion.ingredient().name());
      assertEquals(balls, portion.ingredient().servedApartShare() > 0);
      assertTrue(balls || portion.contents().thickeningKilograms() > 0.01, "flour thickens");
    }
    assertEquals(2, all.parts().size());
  }

  /** A part that is kept is taken as it is: sauces end the same, and nothing is bought for it. */
  @Test
  void whatIsKeptIsTakenAndNotMade() {
    for (String id : List.of("balls-in-sauce", "tray-of-sheets", "cheese-sauce", "saffron-sea")) {
      ResolvedFormula whole = ResolvedFormula.of(formula(id), ReferenceFormulas.larder());
      for (MadePart part : whole.parts()) {
        String of = part.formula().formula().id();
        Ingredient kept =
            TubIngredient.of(
                "tub-x",
                part.formula(),
                Carried.by(part.formula()),
                part.contents().everything(),
                part.ingredient().labelling());
        ResolvedFormula taken = whole.taking(of, kept);
        if (taken.taken(of).kilograms() > 0) {
          assertEquals(part.mass().kilograms(), taken.taken(of).kilograms(), 1e-9, of);
          assertEquals(whole.mass().kilograms(), taken.mass().kilograms(), 1e-9, of);
          assertTrue(whole.parts().size() > taken.parts().size(), of);
          assertEquals(
              whole.beforeTheFinish().cooked().equivalentSolids().percent(),
              taken.beforeTheFinish().cooked().equivalentSolids().percent(),
              0.6,
              of);
          assertTrue(taken.toGet().size() < whole.toGet().size(), of);
        }
      }
    }
  }

  private static Formula formula(String id) {
    return ReferenceFormulas.load().stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
