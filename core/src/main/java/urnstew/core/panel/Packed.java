package urnstew.core.panel;

/**
 * Up to four small numbers in one long, so that they add up at once; for the kernel of a ranking.
 */
final class Packed {
  private static final int BITS = 16;
  private static final long MASK = (1L << BITS) - 1;

  private Packed() {}

  static long of(int[] numbers) {
    long packed = 0;
    for (int place = 0; place < numbers.length; place++) {
      packed |= (long) numbers[place] << (BITS * place);
    }
    return packed;
  }

  static long at(long packed, int place) {
    return packed >>> (BITS * place) & MASK;
  }

  /** The same numbers in order of size. */
  static long sorted(long packed, int numbers) {
    long sorted = packed;
    for (int end = numbers - 1; end > 0; end--) {
      for (int place = 0; place < end; place++) {
        long low = at(sorted, place);
        long high = at(sorted, place + 1);
        if (low > high) {
          sorted += (high - low) * ((1L << (BITS * place)) - (1L << (BITS * (place + 1))));
        }
      }
    }
    return sorted;
  }
}
