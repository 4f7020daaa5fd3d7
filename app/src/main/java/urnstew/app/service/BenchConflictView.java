package urnstew.app.service;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Wishes that cannot be had together.
 *
 * @param wishes the fewest; none where all can be had or nobody can say
 * @param proven whether without any one of them the others can
 */
record BenchConflictView(List<BenchWishView> wishes, boolean proven) {
  /** Kinds of wishes. */
  enum WishKind {
    ON_TIME,
    FRESH,
    LOCKED,
    HELD,
    HOURS
  }

  /**
   * One of them, and what giving it up costs.
   *
   * @param key of the work that it is about, or name of the cook
   * @param after key of the work before which something waits; absent for other wishes
   * @param what in words
   * @param missedSeconds by how much it is missed at least; absent where it is had or not
   * @param helps whether giving it up alone is enough
   */
  record BenchWishView(
      WishKind kind,
      String key,
      @Nullable String after,
      String what,
      @Nullable Long missedSeconds,
      boolean helps) {}
}
