package urnstew.core.panel;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.units.InvalidInput;

class PanelTest {
  /** Two-sided, one in twenty: Roessler et al., J. Food Sci. 43 (1978) 940, from memory. */
  @ParameterizedTest
  @CsvSource({
    "6, 6", "7, 7", "8, 8", "9, 8", "10, 9", "11, 10", "12, 10", "13, 11", "14, 12", "15, 12",
    "16, 13", "17, 13", "18, 14", "19, 15", "20, 15", "25, 18", "30, 21", "50, 33",
  })
  void soManyMustAgree(int tasters, int agree) {
    assertEquals(agree, new PairedPreference(tasters, 0).needed());
    assertTrue(new PairedPreference(tasters, agree).proves());
    assertTrue(new PairedPreference(tasters, tasters - agree).proves(), "two-sided");
    assertFalse(new PairedPreference(tasters, agree - 1).proves());
  }

  /** Binomial coefficients by hand. */
  @ParameterizedTest
  @CsvSource({"3, 3, 0.25", "8, 7, 0.0703125", "8, 8, 0.0078125", "5, 3, 1", "4, 2, 1"})
  void chancesOfASplit(int tasters, int first, double chance) {
    assertEquals(chance, new PairedPreference(tasters, first).probability(), 1e-12);
  }

  @Test
  void fewTastersAreToldThatTheyProveNothing() {
    String words = new PairedPreference(3, 3).inWords();
    assertTrue(words.contains("3 of 3 agree"), words);
    assertTrue(words.contains("prove nothing, even when all agree"), words);
    String more = new PairedPreference(8, 6).inWords();
    assertTrue(more.contains("8 would have had to agree"), more);
    assertTrue(new PairedPreference(8, 8).inWords().contains("That is a preference"));
  }

  /**
   * Exact tail of Friedman's statistic at published points (tables as in M. Hollander, D. A. Wolfe,
   * Nonparametric Statistical Methods, from memory): three cups with 3, 4 and 5 tasters, four cups
   * with 2 and 3.
   */
  @ParameterizedTest
  @CsvSource({
    "3, 3, 6.0, 0.028",
    "3, 4, 6.5, 0.042",
    "3, 4, 8.0, 0.0046",
    "3, 5, 6.4, 0.039",
    "4, 2, 6.0, 0.042",
    "4, 3, 7.4, 0.033",
  })
  void tailsOfFriedman(int cups, int tasters, double statistic, double chance) {
    List<List<Integer>> orders = find(cups, tasters, statistic);
    assertEquals(chance, new Ranking(cups, orders).probability(), 0.0006);
  }

  @Test
  void allAgreeingIsTheLeastChance() {
    Ranking ranking = new Ranking(3, Collections.nCopies(4, List.of(2, 0, 1)));
    assertEquals(List.of(8, 12, 4), ranking.rankSums());
    assertEquals(List.of(0, 0, 4), ranking.best());
    assertEquals(List.of(0, 4, 0), ranking.worst());
    assertEquals(1 / 216.0, ranking.probability(), 1e-12);
    assertEquals(ranking.leastProbability(), ranking.probability(), 1e-12);
    assertTrue(ranking.inWords().contains("not told apart"), ranking.inWords());
    String two = new Ranking(3, Collections.nCopies(2, List.of(2, 0, 1))).inWords();
    assertTrue(two.contains("prove nothing, even when all agree"), two);
    assertEquals("Nobody has tasted yet.", new Ranking(3, List.of()).inWords());
  }

  /** A favourite is better than the next one, not only than the worst. */
  @Test
  void aFavouriteStandsOutFromTheNext() {
    List<List<Integer>> split = new ArrayList<>(Collections.nCopies(5, List.of(0, 1, 2)));
    split.addAll(Collections.nCopies(4, List.of(1, 0, 2)));
    Ranking worstOnly = new Ranking(3, split);
    assertTrue(worstOnly.proves(), "the third is the worst for all");
    assertFalse(worstOnly.hasFavourite());
    Ranking clear = new Ranking(3, Collections.nCopies(6, List.of(2, 0, 1)));
    assertTrue(clear.hasFavourite());
    assertTrue(clear.inWords().contains("The table has a favourite"), clear.inWords());
  }

  /** Every outcome counted one by one: four tasters, three cups, and three tasters, four cups. */
  @ParameterizedTest
  @CsvSource({"3, 4", "4, 3"})
  void chancesByCountingEveryOutcome(int cups, int tasters) {
    List<int[]> orders = Permutations.of(cups);
    int all = (int) Math.pow(orders.size(), tasters);
    long[] squares = new long[all];
    for (int outcome = 0; outcome < all; outcome++) {
      long[] sums = new long[cups];
      for (int taster = 0, code = outcome; taster < tasters; taster++, code /= orders.size()) {
        int[] ranks = orders.get(code % orders.size());
        for (int cup = 0; cup < cups; cup++) {
          sums[cup] += ranks[cup];
        }
      }
      squares[outcome] = Arrays.stream(sums).map(sum -> sum * sum).sum();
    }
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < 20; i++) {
      List<List<Integer>> asked = ServingPlan.of(cups, tasters, random).orders();
      Ranking ranking = new Ranking(cups, asked);
      long apart = ranking.rankSums().stream().mapToLong(sum -> (long) sum * sum).sum();
      double chance = Arrays.stream(squares).filter(one -> one >= apart).count() / (double) all;
      assertEquals(chance, ranking.probability(), 1e-12);
    }
  }

  @Test
  void whatIsNoRankingIsRefused() {
    assertThrows(InvalidInput.class, () -> new Ranking(3, List.of(List.of(0, 1, 1))));
    assertThrows(InvalidInput.class, () -> new Ranking(3, List.of(List.of(0, 1))));
    assertThrows(InvalidInput.class, () -> new Ranking(2, List.of()));
  }

  @Test
  void everyCupStandsFirstEquallyOften() {
    for (long seed = 0; seed < 200; seed++) {
      ServingPlan plan = ServingPlan.of(4, 8, new SplittableRandom(seed));
      assertEquals(4, new HashSet<>(plan.codes()).size());
      assertTrue(plan.codes().stream().allMatch(code -> code >= 100 && code <= 999));
      for (int cup = 0; cup < 4; cup++) {
        Integer one = cup;
        assertEquals(2, plan.orders().stream().filter(o -> o.get(0).equals(one)).count());
      }
      assertTrue(plan.orders().stream().allMatch(order -> new HashSet<>(order).size() == 4));
    }
  }

  /** Searches orders at random until their statistic is the one wanted. */
  private static List<List<Integer>> find(int cups, int tasters, double statistic) {
    SplittableRandom random = new SplittableRandom(1);
    while (true) {
      List<List<Integer>> orders =
          IntStream.range(0, tasters)
              .mapToObj(i -> ServingPlan.of(cups, 1, random).orders().get(0))
              .toList();
      double squares =
          new Ranking(cups, orders)
              .rankSums().stream().mapToDouble(sum -> (double) sum * sum).sum();
      double friedman = 12 * squares / (tasters * cups * (cups + 1)) - 3 * tasters * (cups + 1);
      if (Math.abs(friedman - statistic) < 1e-9) {
        return orders;
      }
    }
  }
}
