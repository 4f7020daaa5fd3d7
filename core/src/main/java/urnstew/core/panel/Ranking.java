package urnstew.core.panel;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import urnstew.units.InvalidInput;

/**
 * Three or four cups, put in order by every taster, the best first.
 *
 * <p>If nobody could tell, every order were as likely: the exact distribution of Friedman's
 * statistic (M. Friedman, J. Am. Stat. Assoc. 32 (1937) 675; ISO 8587), reckoned by adding one
 * taster after another. Worked number: three cups, four tasters, rank sums 4, 8 and 12 come by
 * chance once in 216.
 *
 * @param cups how many, 3 or 4
 * @param orders of each taster: places of the cups from the best to the worst, counted from 0
 */
public record Ranking(int cups, List<List<Integer>> orders) {
  private static final int FEWEST = 3;
  private static final int MOST = 4;

  /** Beyond it the distribution is that of the limit to every figure shown. */
  private static final int MOST_TASTERS = 24;

  private static final double PROOF = PairedPreference.PROOF;

  public Ranking {
    orders = orders.stream().map(List::copyOf).toList();
    if (cups < FEWEST || cups > MOST) {
      throw wrong("cups", "3 or 4 cups");
    }
    if (orders.size() > MOST_TASTERS) {
      throw wrong("tasters", "at most " + MOST_TASTERS + " tasters");
    }
    for (List<Integer> order : orders) {
      if (!isOrder(order, cups)) {
        throw wrong("order", "every cup once, the best first");
      }
    }
  }

  /** For each cup the sum of its ranks, 1 for the best: the lowest is liked best. */
  public List<Integer> rankSums() {
    int[] sums = new int[cups];
    orders.forEach(order -> order.forEach(cup -> sums[cup] += order.indexOf(cup) + 1));
    return Arrays.stream(sums).boxed().toList();
  }

  /** How many put each cup first. */
  public List<Integer> best() {
    return votes(0);
  }

  /** How many put each cup last. */
  public List<Integer> worst() {
    return votes(cups - 1);
  }

  /** How often chance alone sets the cups so far apart. */
  public double probability() {
    long apart = apart(Packed.of(rankSums().stream().mapToInt(Integer::intValue).toArray()));
    double tail = 0;
    double all = 0;
    for (Map.Entry<Long, Double> state : distribution(orders.size()).entrySet()) {
      all += state.getValue();
      tail += apart(state.getKey()) >= apart ? state.getValue() : 0;
    }
    return tail / all;
  }

  /**
   * Chance that all tasters agree, were there nothing to tell: the least that this panel can show.
   */
  public double leastProbability() {
    double orderings = 1;
    for (int i = 2; i <= cups; i++) {
      orderings *= i;
    }
    return Math.pow(1 / orderings, Math.max(0, orders.size() - 1));
  }

  public boolean proves() {
    return probability() <= PROOF;
  }

  /**
   * Whether the cup liked best stands out from the next one: the exact test of these two alone.
   * That it is liked better than the worst makes no favourite.
   */
  public boolean hasFavourite() {
    List<Integer> sums = rankSums();
    List<Integer> byRank = new ArrayList<>(Permutations.identity(cups));
    byRank.sort(Comparator.comparing(sums::get));
    int first = byRank.get(0);
    int second = byRank.get(1);
    long wins = orders.stream().filter(o -> o.indexOf(first) < o.indexOf(second)).count();
    return proves() && new PairedPreference(orders.size(), (int) wins).proves();
  }

  /** In plain words. */
  public String inWords() {
    if (orders.isEmpty()) {
      return "Nobody has tasted yet.";
    }
    String often =
        String.format(
            Locale.ROOT,
            "Chance alone sets %d cups so far apart for %d tasters %s.",
            cups,
            orders.size(),
            PairedPreference.often(probability()));
    if (proves()) {
      return often
          + (hasFavourite()
              ? " The table has a favourite."
              : " The cups differ, but the two liked best are not told apart.");
    }
    return often
        + (leastProbability() > PROOF
            ? " So few tasters prove nothing, even when all agree."
            : " That proves nothing yet: go by your own taste, or ask more.");
  }

  private List<Integer> votes(int place) {
    int[] votes = new int[cups];
    orders.forEach(order -> votes[order.get(place)]++);
    return Arrays.stream(votes).boxed().toList();
  }

  /** Sum of squares: rises and falls with Friedman's statistic. */
  private long apart(long packed) {
    long sum = 0;
    for (int cup = 0; cup < cups; cup++) {
      long rankSum = Packed.at(packed, cup);
      sum += rankSum * rankSum;
    }
    return sum;
  }

  /** Rank sums in order of size, with their weight among all equally likely outcomes. */
  private Map<Long, Double> distribution(int tasters) {
    long[] ranks = Permutations.of(cups).stream().mapToLong(Packed::of).toArray();
    Map<Long, Double> states = Map.of(0L, 1.0);
    for (int taster = 0; taster < tasters; taster++) {
      Map<Long, Double> next = new HashMap<>();
      states.forEach(
          (sums, weight) -> {
            for (long more : ranks) {
              next.merge(Packed.sorted(sums + more, cups), weight / ranks.length, Double::sum);
            }
          });
      states = next;
    }
    return states;
  }

  private static boolean isOrder(List<Integer> order, int cups) {
    return order.size() == cups
        && order.stream().sorted().toList().equals(Permutations.identity(cups));
  }

  private static InvalidInput wrong(String parameter, String limit) {
    return new InvalidInput(
        parameter,
        "not-a-ranking",
        "That is not a ranking of these cups.",
        limit,
        "Choose the cups one after the other, the best first.");
  }
}
