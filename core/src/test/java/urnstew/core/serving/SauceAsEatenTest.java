package urnstew.core.serving;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.balance.TasteProfile;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sauce.PotContents;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.units.Mass;

/** What is eaten is what was in the pot, and what came and went on its way. */
class SauceAsEatenTest {
  private static final List<String> SAUCES =
      List.of("plain-marinara", "ridge-ragu", "cellar-cheek", "harbour-garden");
  private static final Ingredient WATER = Samples.ingredient("water");
  private static final Ingredient SALT = Samples.ingredient("table-salt");
  private static final Ingredient CHEESE = Samples.ingredient("hard-cheese");

  @Test
  void massAndSaltAreCountedOnce() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(200);
    for (int i = 0; i < 200; i++) {
      ResolvedFormula batch = Samples.formula(SAUCES.get(i % SAUCES.size()));
      PotContents made = Ribbon.of(batch, batch.formula().target()).end();
      Mass serving = new Mass(random.nextDouble(0.06, 0.3));
      SauceAsEaten plain = SauceAsEaten.of(batch, made, serving);
      assertEquals(
          FormulaAnalysis.saltOfTheSauce(batch.portions(), made).value(),
          plain.pot().saltKilograms() / serving.kilograms(),
          1e-12);
      int eaters = random.nextInt(1, 40);
      PanFinish pan =
          PanFinish.of(
              plain.pot().times(eaters).contents(),
              new Mass(random.nextDouble(0, 0.2) * serving.kilograms() * eaters),
              new Mass(0.01 * serving.kilograms() * eaters),
              new PanFinish.PastaWater(random.nextDouble(0, 40), random.nextDouble(0, 20)),
              plain.pot().contents().equivalentSolids());
      Goods cheese = new Goods(CHEESE, new Mass(random.nextDouble(0, 0.03)));
      SauceAsEaten eaten = plain.tossed(pan, 1.0 / eaters, WATER, SALT).strewn(cheese);
      double came = (pan.ladle().kilograms() - pan.lost().kilograms()) / eaters;
      assertEquals(
          serving.kilograms() + came + cheese.mass().kilograms(),
          eaten.eaten().mass().kilograms(),
          1e-9);
      assertEquals(
          plain.pot().saltKilograms()
              + pan.salt().kilograms() / eaters
              + CHEESE.salt().value() * cheese.mass().kilograms(),
          eaten.eaten().saltKilograms(),
          1e-9);
    }
  }

  /** Water makes it milder in everything; cheese saltier and more savoury; nothing leaves it. */
  @Test
  void tastesFollowWhatComes() {
    ResolvedFormula batch = Samples.formula("plain-marinara");
    PotContents made = Ribbon.of(batch, batch.formula().target()).end();
    SauceAsEaten plain = SauceAsEaten.of(batch, made, Mass.ofGrams(120));
    TasteProfile pot = TasteProfile.of(plain.pot());
    assertEquals(pot, TasteProfile.of(plain.eaten()));
    TasteProfile thin = TasteProfile.of(plain.thinned(Mass.ofGrams(30), WATER).eaten());
    assertEquals(pot.salt().value() * 120 / 150, thin.salt().value(), 1e-9);
    assertEquals(pot.sugars().value() * 120 / 150, thin.sugars().value(), 1e-9);
    assertTrue(thin.sour().value() < pot.sour().value());
    TasteProfile rich = TasteProfile.of(plain.strewn(new Goods(CHEESE, Mass.ofGrams(12))).eaten());
    assertTrue(rich.salt().value() > pot.salt().value());
    assertTrue(rich.savouryPercent() > pot.savouryPercent());
    assertTrue(rich.pH() > pot.pH(), "cheese buffers");
  }
}
