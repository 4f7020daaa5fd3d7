package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sizing.FromStock.There;
import urnstew.units.Mass;

/**
 * Law 5: what is there is not bought again, what is bought is paid once, and a batch that follows
 * whole packs leaves none open.
 */
class ShoppedOnceTest {
  private static final List<Formula> SHELF =
      ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();

  private static ResolvedFormula any(Random random) {
    return ResolvedFormula.of(SHELF.get(random.nextInt(SHELF.size())), ReferenceFormulas.larder());
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void whatIsThereIsNotBoughtAgain(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 100; i++) {
      ResolvedFormula own = any(random);
      List<Purchase> all = Purchase.of(own.portions(), PackGoal.LEAST_COST);
      Purchase which = all.get(random.nextInt(all.size()));
      Ingredient named = which.ingredient();
      Mass there = which.needed().times(0.2 + 5 * random.nextDouble()).plus(Mass.ofGrams(1));
      double scale = FromStock.of(own, List.of(new There(named.id(), there))).scaleFactor();
      Map<String, Mass> stock = new HashMap<>();
      stock.put(named.id(), there);
      for (Purchase one : Purchase.of(own.times(scale).portions(), stock, PackGoal.LEAST_COST)) {
        double bought = one.packs().needed().kilograms();
        assertEquals(
            one.needed().kilograms(), one.fromStock().kilograms() + bought, 1e-9, "counted once");
        if (one.ingredient().id().equals(named.id())) {
          assertEquals(0, bought, 1e-9, own.formula().id() + " " + named.id());
        }
      }
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void aPlateCostsTheSameWhereverItsThingsComeFrom(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 50; i++) {
      ResolvedFormula batch = any(random).times(0.5 + 5 * random.nextDouble());
      List<Purchase> bought = Purchase.of(batch.portions(), PackGoal.LEAST_COST);
      Map<String, Mass> stock = new HashMap<>();
      bought.forEach(
          one -> {
            if (random.nextBoolean()) {
              stock.put(one.ingredient().id(), one.needed());
            }
          });
      Optional<Cost> plain = Cost.of(bought);
      Optional<Cost> less = Cost.of(Purchase.of(batch.portions(), stock, PackGoal.LEAST_COST));
      if (plain.isPresent() && less.isPresent()) {
        double used = plain.orElseThrow().used().doubleValue();
        assertEquals(used, less.orElseThrow().used().doubleValue(), 1e-3);
        assertTrue(less.orElseThrow().bought().compareTo(plain.orElseThrow().bought()) <= 0);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void wholePacksLeaveNothingOpen(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 100; i++) {
      ResolvedFormula own = any(random);
      Rounding rounding = random.nextBoolean() ? Rounding.UP : Rounding.DOWN;
      PackGoal goal = PackGoal.values()[random.nextInt(PackGoal.values().length)];
      Need need = new Need(4 + random.nextInt(80), Mass.ofGrams(110));
      BatchSize size =
          Sizing.size(
              own, need, own.formula().target().orElseThrow(), new PackRule(rounding, goal));
      BatchSize exact =
          Sizing.size(
              own, need, own.formula().target().orElseThrow(), new PackRule(Rounding.EXACT, goal));
      boolean eggs = WholeEggs.scale(own, 1.2345) != 1.2345;
      if (size.scaleFactor() == exact.scaleFactor() || eggs) {
        continue;
      }
      Purchase main =
          size.purchases().stream()
              .filter(one -> one.ingredient().buying().inWholePacks())
              .max(Comparator.comparing(Purchase::needed))
              .orElseThrow();
      double left = main.packs().left().grams();
      assertTrue(left < 1, own.formula().id() + " " + rounding + " " + goal + " leaves " + left);
      assertTrue(
          (size.scaleFactor() > exact.scaleFactor()) == (rounding == Rounding.UP), rounding.name());
    }
  }
}
