package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.pantry.Pack;
import urnstew.units.Mass;

class PackChoiceTest {
  private static Pack pack(int grams, String price) {
    return new Pack(grams + " g", Mass.ofGrams(grams), false, Optional.of(new BigDecimal(price)));
  }

  static IntStream seeds() {
    return IntStream.range(0, 500);
  }

  /** Against every combination of up to so many of each, by brute force. */
  @ParameterizedTest
  @MethodSource("seeds")
  void neverDearerAndNeverMoreWasteThanAnyOtherWay(int seed) {
    Random random = new Random(seed);
    List<Pack> packs = new ArrayList<>();
    int step = seed % 2 == 0 ? 1 : 25;
    for (int i = 0; i < 1 + random.nextInt(3); i++) {
      packs.add(
          pack(
              step * (50 / step + random.nextInt(900 / step)),
              "" + (5 + random.nextInt(400)) / 100.0));
    }
    Mass needed = Mass.ofGrams(1 + random.nextInt(3500));
    PackChoice cheap = PackChoice.of(packs, needed, PackGoal.LEAST_COST);
    PackChoice spare = PackChoice.of(packs, needed, PackGoal.LEAST_WASTE);
    Exhaustive all = new Exhaustive(packs, needed);
    assertEquals(all.leastCost, cheap.cost().orElseThrow().doubleValue(), 1e-9);
    assertEquals(all.leastGrams, spare.holds().grams(), 1e-6);
    assertEquals(all.mostWithin, PackChoice.within(packs, needed).holds().grams(), 1e-6);
    assertTrue(cheap.holds().grams() >= needed.grams() - 1e-6);
    assertTrue(
        spare.cost().orElseThrow().doubleValue() >= all.leastCost - 1e-9, "cheapest is cheapest");
  }

  private static final class Exhaustive {
    private final List<Pack> packs;
    private final double needed;
    private double leastCost = Double.MAX_VALUE;
    private double leastGrams = Double.MAX_VALUE;
    private double mostWithin;

    Exhaustive(List<Pack> packs, Mass needed) {
      this.packs = packs;
      this.needed = needed.grams();
      search(0, 0, 0);
    }

    private void search(int pack, double grams, double cost) {
      if (grams <= needed + 1e-6) {
        mostWithin = Math.max(mostWithin, grams);
      }
      if (grams >= needed - 1e-6) {
        leastCost = Math.min(leastCost, cost);
        leastGrams = Math.min(leastGrams, grams);
        return;
      }
      if (pack == packs.size()) {
        return;
      }
      double net = packs.get(pack).net().grams();
      double price = packs.get(pack).price().orElseThrow().doubleValue();
      for (int count = 0; (count - 1) * net < needed; count++) {
        search(pack + 1, grams + count * net, cost + count * price);
      }
    }
  }

  /** The worked number of the Javadoc. */
  @Test
  void mixedSizesAreTakenWhereTheyAreCheaper() {
    PackChoice choice =
        PackChoice.of(
            List.of(pack(2890, "5.60"), pack(400, "0.95")),
            Mass.ofKilograms(3.1),
            PackGoal.LEAST_COST);
    assertEquals(2, choice.bought().size());
    assertEquals(new BigDecimal("6.55"), choice.cost().orElseThrow());
    assertEquals(190, choice.left().grams(), 1e-6);
  }

  @Test
  void nothingNeededIsNothingBoughtAndAnUnknownPriceIsNotInvented() {
    Pack unpriced = new Pack("crate", Mass.ofKilograms(5), false, Optional.empty());
    assertTrue(PackChoice.of(List.of(unpriced), Mass.ZERO, PackGoal.LEAST_COST).bought().isEmpty());
    PackChoice crates = PackChoice.of(List.of(unpriced), Mass.ofKilograms(11), PackGoal.LEAST_COST);
    assertEquals(3, crates.bought().get(0).count());
    assertTrue(crates.cost().isEmpty());
  }
}
