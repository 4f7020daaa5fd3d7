package urnstew.core.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;

/**
 * Blind cups: a code of three digits on each, and for each taster an order of his own.
 *
 * <p>Orders come in rounds: within a round every cup stands first equally often, so that being
 * tasted first helps none. Chance comes in as an argument.
 *
 * @param codes of the cups
 * @param orders in which the cups are tasted, one for each seat; places of cups from 0
 */
public record ServingPlan(List<Integer> codes, List<List<Integer>> orders) {
  private static final int LOWEST_CODE = 100;
  private static final int CODES = 900;

  public ServingPlan {
    codes = List.copyOf(codes);
    orders = orders.stream().map(List::copyOf).toList();
  }

  /** For so many cups and seats. */
  public static ServingPlan of(int cups, int seats, RandomGenerator random) {
    Set<Integer> codes = new LinkedHashSet<>();
    while (codes.size() < cups) {
      codes.add(LOWEST_CODE + random.nextInt(CODES));
    }
    List<List<Integer>> orders = new ArrayList<>();
    List<Integer> firsts = new ArrayList<>();
    for (int seat = 0; seat < seats; seat++) {
      if (firsts.isEmpty()) {
        firsts = shuffled(Permutations.identity(cups), random);
      }
      Integer first = firsts.remove(firsts.size() - 1);
      List<Integer> rest = new ArrayList<>(Permutations.identity(cups));
      rest.remove(first);
      List<Integer> order = shuffled(rest, random);
      order.add(0, first);
      orders.add(order);
    }
    return new ServingPlan(new ArrayList<>(codes), orders);
  }

  private static List<Integer> shuffled(List<Integer> things, RandomGenerator random) {
    List<Integer> mixed = new ArrayList<>(things);
    for (int i = mixed.size() - 1; i > 0; i--) {
      Collections.swap(mixed, i, random.nextInt(i + 1));
    }
    return mixed;
  }
}
