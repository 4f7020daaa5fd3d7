package urnstew.core.sizing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.util.ArithmeticUtils;
import urnstew.core.pantry.Pack;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Whole packs, of mixed sizes, that hold what is needed.
 *
 * <p>An exact choice: of all sums of packs from the need to one pack above it, the cheapest or the
 * smallest. Dynamic programming over the grams that all sizes are multiples of, c(s) = min over
 * packs of c(s − g) + price; work grows with need times sizes (20 kg from four sizes, in steps of 2
 * g: 40,000). Net weights are taken down, and the need up, to whole grams, as labels print them.
 * Worked number: 3.1 kg from cans of 2,890 g at 5.60 and 400 g at 0.95 is one of each, 6.55, with
 * 190 g left.
 *
 * @param bought packs and how many of each; none where nothing is needed
 * @param needed what they must hold
 */
public record PackChoice(List<Bought> bought, Mass needed) {
  private static final double MOST_KILOGRAMS = 5000;
  private static final double ROUNDING = 1e-6;
  private static final long UNREACHED = Long.MAX_VALUE / 4;
  private static final BigDecimal MILLIONTHS = BigDecimal.valueOf(1_000_000);

  public PackChoice {
    bought = List.copyOf(bought);
  }

  /**
   * So many packs of one size.
   *
   * @param pack the size
   * @param count how many
   */
  public record Bought(Pack pack, int count) {
    /** What they hold. */
    public Mass holds() {
      return pack.net().times(count);
    }
  }

  /**
   * Chooses.
   *
   * @param packs sizes on the shelf; at least one
   * @param needed 0 to 5,000 kg
   * @param goal what is to be least
   */
  public static PackChoice of(List<Pack> packs, Mass needed, PackGoal goal) {
    Require.within("needed", needed.kilograms(), 0, MOST_KILOGRAMS, "kg");
    if (needed.grams() <= ROUNDING) {
      return new PackChoice(List.of(), needed);
    }
    int[] grams = packs.stream().mapToInt(PackChoice::wholeGrams).toArray();
    long[] prices = packs.stream().mapToLong(PackChoice::price).toArray();
    Table table = Table.of(Math.ceil(needed.grams() - ROUNDING), true, grams, prices);
    int sum = table.best(goal);
    return new PackChoice(table.packsOf(sum, packs), needed);
  }

  /**
   * The most that whole packs hold without passing a mass; nothing where it fills none of them.
   *
   * @param packs sizes on the shelf; at least one
   * @param most 0 to 5,000 kg
   */
  public static PackChoice within(List<Pack> packs, Mass most) {
    Require.within("most", most.kilograms(), 0, MOST_KILOGRAMS, "kg");
    int[] grams = packs.stream().mapToInt(PackChoice::wholeGrams).toArray();
    long[] prices = packs.stream().mapToLong(PackChoice::price).toArray();
    Table table = Table.of(Math.floor(most.grams() + ROUNDING), false, grams, prices);
    return new PackChoice(table.packsOf(table.below(), packs), most);
  }

  /** What all of them hold. */
  public Mass holds() {
    return bought.stream().map(Bought::holds).reduce(Mass.ZERO, Mass::plus);
  }

  /** What is over. */
  public Mass left() {
    return new Mass(Math.max(0, holds().kilograms() - needed.kilograms()));
  }

  /** What they cost; empty where a price is missing. */
  public Optional<BigDecimal> cost() {
    BigDecimal sum = BigDecimal.ZERO;
    for (Bought one : bought) {
      if (one.pack().price().isEmpty()) {
        return Optional.empty();
      }
      sum = sum.add(one.pack().price().orElseThrow().multiply(BigDecimal.valueOf(one.count())));
    }
    return Optional.of(sum);
  }

  private static int wholeGrams(Pack pack) {
    return Math.max(1, (int) Math.floor(pack.net().grams() + 1e-6));
  }

  /** In millionths; where nobody knows a price, weight stands in for it. */
  private static long price(Pack pack) {
    return pack.price()
        .map(price -> price.multiply(MILLIONTHS).longValue())
        .orElse((long) wholeGrams(pack));
  }

  /** Least price of every exact sum of packs up to one pack above the need. */
  private static final class Table {
    private final int need;
    private final int[] grams;
    private final long[] least;
    private final int[] lastPack;

    /** Counts in the largest unit of which every pack is a multiple: all sums are too. */
    static Table of(double needGrams, boolean atLeast, int[] grams, long[] prices) {
      int unit = Arrays.stream(grams).reduce(0, ArithmeticUtils::gcd);
      double need = needGrams / unit;
      return new Table(
          (int) (atLeast ? Math.ceil(need - ROUNDING) : Math.floor(need + ROUNDING)),
          Arrays.stream(grams).map(pack -> pack / unit).toArray(),
          prices);
    }

    private Table(int need, int[] grams, long[] prices) {
      this.need = need;
      this.grams = grams;
      int top = need + Arrays.stream(grams).max().orElseThrow();
      least = new long[top];
      lastPack = new int[top];
      Arrays.fill(least, UNREACHED);
      least[0] = 0;
      for (int sum = 1; sum < top; sum++) {
        for (int pack = 0; pack < grams.length; pack++) {
          int before = sum - grams[pack];
          if (before >= 0 && least[before] + prices[pack] < least[sum]) {
            least[sum] = least[before] + prices[pack];
            lastPack[sum] = pack;
          }
        }
      }
    }

    int best(PackGoal goal) {
      int best = -1;
      for (int sum = need; sum < least.length; sum++) {
        if (least[sum] < UNREACHED && (best < 0 || least[sum] < least[best])) {
          best = sum;
          if (goal == PackGoal.LEAST_WASTE) {
            return best;
          }
        }
      }
      return best;
    }

    int below() {
      int sum = need;
      while (least[sum] >= UNREACHED) {
        sum--;
      }
      return sum;
    }

    List<Bought> packsOf(int sum, List<Pack> packs) {
      int[] counts = new int[packs.size()];
      for (int rest = sum; rest > 0; rest -= grams[lastPack[rest]]) {
        counts[lastPack[rest]]++;
      }
      List<Bought> bought = new ArrayList<>();
      for (int pack = 0; pack < counts.length; pack++) {
        if (counts[pack] > 0) {
          bought.add(new Bought(packs.get(pack), counts[pack]));
        }
      }
      return bought;
    }
  }
}
