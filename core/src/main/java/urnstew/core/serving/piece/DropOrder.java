package urnstew.core.serving.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Who goes in with whom, below or above, and who comes out first.
 *
 * <p>What cooks together comes out together; earlier rounds wait. Least is first the time that
 * something waits longer than it may, then the time from the first drop to the last out, then what
 * lies on top. Found over all sets of kinds, each with the rounds that no other beats in waiting
 * and time: a larger round is never better for being longer, so that of each set only its shortest
 * way to lie counts.
 */
final class DropOrder {
  private static final double SAME = 1e-9;

  /**
   * What is known of one kind.
   *
   * @param area that it covers, m²
   * @param poach s below
   * @param steam s above
   * @param waits s that it may wait
   */
  record Item(double area, double poach, double steam, double waits) {}

  /**
   * One round.
   *
   * @param members set of kinds, a bit each
   * @param above of them, those that lie on top
   * @param seconds that it takes
   */
  record Round(int members, int above, double seconds) {}

  /** Rounds, the last one first. */
  record Order(List<Round> rounds, double overWait, double seconds, int onTop) {
    static final Comparator<Order> BEST =
        Comparator.comparingDouble(Order::overWait)
            .thenComparingDouble(Order::seconds)
            .thenComparingInt(Order::onTop);

    private boolean beats(Order other) {
      return overWait <= other.overWait + SAME
          && seconds <= other.seconds + SAME
          && onTop <= other.onTop;
    }

    private Order then(Round round, List<Item> items) {
      double over = overWait;
      for (int i = 0; i < items.size(); i++) {
        if ((round.members() >> i & 1) == 1) {
          over += Math.max(0, seconds - items.get(i).waits());
        }
      }
      List<Round> more = new ArrayList<>(rounds);
      more.add(round);
      return new Order(
          more, over, seconds + round.seconds(), onTop + Integer.bitCount(round.above()));
    }
  }

  private final List<Item> items;
  private final double floor;
  private final boolean layered;

  DropOrder(List<Item> items, double floorSquareMeters, boolean layered) {
    this.items = items;
    this.floor = floorSquareMeters;
    this.layered = layered;
  }

  /** The best one; empty where a kind does not go in even alone. */
  Optional<Order> best() {
    int all = (1 << items.size()) - 1;
    List<List<Order>> known = new ArrayList<>();
    for (int done = 0; done <= all; done++) {
      known.add(new ArrayList<>());
    }
    known.get(0).add(new Order(List.of(), 0, 0, 0));
    for (int done = 0; done < all; done++) {
      int left = all & ~done;
      for (int next = left; next > 0; next = (next - 1) & left) {
        extend(known, done, next);
      }
    }
    return known.get(all).stream().min(Order.BEST);
  }

  private void extend(List<List<Order>> known, int done, int members) {
    if (known.get(done).isEmpty()) {
      return;
    }
    shortest(members)
        .ifPresent(
            round -> {
              for (Order order : known.get(done)) {
                keep(known.get(done | members), order.then(round, items));
              }
            });
  }

  private static void keep(List<Order> best, Order more) {
    if (best.stream().noneMatch(order -> order.beats(more))) {
      best.removeIf(more::beats);
      best.add(more);
    }
  }

  /** The way for these to lie that takes the least time, then with least on top. */
  private Optional<Round> shortest(int members) {
    Round best = null;
    for (int above = members; ; above = (above - 1) & members) {
      if ((above == 0 || layered) && goesIn(members & ~above) && goesIn(above)) {
        Round round = new Round(members, above, seconds(members, above));
        if (best == null
            || round.seconds() < best.seconds() - SAME
            || round.seconds() < best.seconds() + SAME
                && Integer.bitCount(above) < Integer.bitCount(best.above())) {
          best = round;
        }
      }
      if (above == 0) {
        return Optional.ofNullable(best);
      }
    }
  }

  private boolean goesIn(int some) {
    double area = 0;
    for (int i = 0; i < items.size(); i++) {
      area += (some >> i & 1) * items.get(i).area();
    }
    return area <= floor;
  }

  private double seconds(int members, int above) {
    double most = 0;
    for (int i = 0; i < items.size(); i++) {
      if ((members >> i & 1) == 1) {
        Item item = items.get(i);
        most = Math.max(most, (above >> i & 1) == 1 ? item.steam() : item.poach());
      }
    }
    return most;
  }
}
