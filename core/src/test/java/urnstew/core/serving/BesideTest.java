package urnstew.core.serving;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split.Group;
import urnstew.core.formula.Stage;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.tray.Sheet;
import urnstew.core.serving.tray.TrayFilling;
import urnstew.core.serving.tray.TrayLayer;
import urnstew.core.sizing.PackGoal;
import urnstew.core.sizing.Purchase;
import urnstew.core.sizing.Serving;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** What goes with a dish is declared and bought, whatever it is, and counted once. */
class BesideTest {
  private static final List<Ingredient> ALL =
      Stream.of(
              PastaShape.shipped().stream().map(PastaShape::ingredientId),
              Cut.shipped().stream().map(Cut::ingredientId),
              Sheet.shipped().stream().map(Sheet::ingredientId),
              TrayFilling.shipped().stream().flatMap(one -> one.ingredientId().stream()))
          .flatMap(ids -> ids)
          .distinct()
          .map(Samples::ingredient)
          .toList();

  /** 400 random plates: every allergen of what goes with them is told, every gram is bought. */
  @Test
  void nothingBesideIsForgottenAndNothingCountedTwice() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(400);
    for (int i = 0; i < 400; i++) {
      Map<String, Double> masses = new HashMap<>();
      List<Portion> portions = new ArrayList<>();
      for (int n = random.nextInt(1, 4); n > 0; n--) {
        List<Goods> goods = new ArrayList<>();
        for (int g = random.nextInt(1, 3); g > 0; g--) {
          Ingredient one = ALL.get(random.nextInt(ALL.size()));
          double mass = random.nextDouble(0.05, 4);
          goods.add(new Goods(one, new Mass(mass)));
          masses.merge(one.id(), mass / one.buying().edibleShare(), Double::sum);
        }
        Beside beside = Beside.of("it", goods, random.nextInt(1, 40));
        portions.addAll(beside.batch().portions());
        assertEquals(beside.raw().kilograms(), beside.each().kilograms() * beside.covers(), 1e-9);
      }
      Declaration told = Declaration.of(Declaration.intakes(portions), new Mass(5), List.of());
      for (Portion portion : portions) {
        for (Allergen allergen : portion.ingredient().labelling().allergens()) {
          assertTrue(
              allergen == Allergen.SULPHITES
                  || told.allergens().stream().anyMatch(one -> one.allergen() == allergen),
              portion.ingredient().id() + " brings " + allergen);
        }
      }
      for (Purchase item : Purchase.of(portions, PackGoal.LEAST_COST)) {
        assertEquals(
            masses.getOrDefault(item.ingredient().id(), -1.0), item.needed().kilograms(), 1e-9);
      }
    }
  }

  @Test
  void whatAFormulaMakesBringsItsGoods() {
    ResolvedFormula balls = Samples.formula("meatballs");
    Beside beside = Beside.ofFormula(balls, Mass.ofGrams(680), 4);
    assertEquals(0.68, beside.batch().mass().kilograms(), 1e-9);
    Avoid milk = new Avoid(Avoid.Kind.ALLERGEN, "MILK");
    assertTrue(beside.isHit(List.of(milk)), "milk in the crumb");
    Beside tray =
        Beside.of(
                "sheets",
                List.of(new Goods(Samples.ingredient("pasta-sheets-dry"), new Mass(0.3))),
                8)
            .with(Samples.formula("white-sauce"), new Mass(0.7));
    assertTrue(tray.isHit(List.of(milk)));
    assertEquals(1.0, tray.raw().kilograms(), 1e-9);
  }

  /** A white sauce of the kitchen's own with a line that nobody has read is not 'none'. */
  @Test
  void whatIsUnreadInAPartStaysUnread() {
    ResolvedFormula own = Samples.formula("white-sauce");
    Stage first = own.formula().stages().get(0);
    List<Stage> stages = new ArrayList<>(own.formula().stages());
    stages.set(0, unread(first, "a handful of what"));
    ResolvedFormula unread = new ResolvedFormula(own.formula().with(stages), own.portions());
    Beside tray =
        Beside.of(
                "sheets",
                List.of(new Goods(Samples.ingredient("pasta-sheets-dry"), new Mass(0.3))),
                8)
            .with(unread, new Mass(0.7));
    assertEquals(List.of("'a handful of what' is not read"), Declaration.unread(tray.batch()));
    for (Portion portion : tray.batch().portions()) {
      assertEquals(
          portion.stageTitle(), tray.batch().formula().stages().get(portion.stage()).title());
    }
  }

  private static Stage unread(Stage of, String line) {
    return new Stage(
        of.title(),
        of.role(),
        of.technique(),
        of.heat(),
        of.lid(),
        of.course(),
        of.time(),
        of.driedShare(),
        of.lines(),
        List.of(line),
        of.cues(),
        of.takeOuts(),
        of.caution(),
        of.pause(),
        of.school());
  }

  @Test
  void whoLeavesItOutIsToldOf() {
    Beside fish =
        Beside.of("Fish", List.of(new Goods(Samples.ingredient("cod"), new Mass(0.7))), 4);
    Group one = new Group("without fish", 1, List.of(new Avoid(Avoid.Kind.ALLERGEN, "FISH")));
    Group other = new Group("without milk", 1, List.of(new Avoid(Avoid.Kind.ALLERGEN, "MILK")));
    assertTrue(fish.warnings(List.of(other), 4).isEmpty());
    assertTrue(fish.warnings(List.of(one), 5).isEmpty(), "enough others");
    String told = fish.warnings(List.of(one, other), 4).get(0);
    assertTrue(told.contains("count it for 3"), told);
    assertThrows(InvalidInput.class, () -> Beside.of("x", List.of(), 0));
  }

  @Test
  void theSauceBeforeLandsWhereItIsWanted() {
    MassFraction wanted = new MassFraction(0.1);
    SauceBefore before = SauceBefore.juice(wanted, new Mass(2), 0.3);
    assertEquals(0.1, before.solids().value() * 2 / 2.3, 1e-12);
    TrayLayer sauce =
        new TrayLayer("sauce", new Mass(1.5), new MassFraction(0.105), new MassFraction(0.12));
    SauceBefore thinner = SauceBefore.tray(sauce, -0.25);
    TrayLayer made = new TrayLayer("sauce", new Mass(1.5), thinner.solids(), sauce.atLeast());
    assertEquals(sauce.freeKilograms() + 0.25, made.freeKilograms(), 1e-9);
    assertTrue(!before.differsFrom(before.solids()));
  }

  @Test
  void aPlateCostsMoreWithMoreSauce() {
    ResolvedFormula sauce = Samples.marinara();
    Beside pasta =
        Beside.of("Pasta", List.of(new Goods(Samples.ingredient("pasta-dry"), new Mass(1))), 10);
    Optional<PlateCost> cost =
        PlateCost.of(
            sauce.portions(),
            pasta.batch().portions(),
            Serving.usualOf(sauce.formula()),
            Mass.ofGrams(130),
            10);
    PlateCost found = cost.orElseThrow();
    assertTrue(found.least().compareTo(found.asServed()) < 0);
    assertTrue(found.asServed().compareTo(found.most()) < 0);
  }
}
