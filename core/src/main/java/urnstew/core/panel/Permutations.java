package urnstew.core.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** All orders of a few things. */
final class Permutations {
  private Permutations() {}

  /** Every way to give ranks 1 to n to n things. */
  static List<int[]> of(int things) {
    List<int[]> all = new ArrayList<>();
    extend(new int[things], 0, things, all);
    return all;
  }

  /** 0 to n − 1. */
  static List<Integer> identity(int things) {
    return IntStream.range(0, things).boxed().toList();
  }

  private static void extend(int[] ranks, int rank, int things, List<int[]> all) {
    if (rank == things) {
      all.add(ranks.clone());
      return;
    }
    for (int place = 0; place < things; place++) {
      if (ranks[place] == 0) {
        ranks[place] = rank + 1;
        extend(ranks, rank + 1, things, all);
        ranks[place] = 0;
      }
    }
  }
}
