package urnstew.core.bench;

import java.util.List;

/** What a scheduler says of a problem. */
public sealed interface Outcome {
  /**
   * A schedule that keeps every rule.
   *
   * @param schedule the best that was found
   * @param cost of it
   * @param least what is proven
   * @param by who found it
   */
  record Found(Schedule schedule, Cost cost, Least least, String by) implements Outcome {
    /** Whether nothing can be better. */
    public boolean proven() {
      return within(0);
    }

    /**
     * Whether nothing can be better by more than a share of it: nothing at all in what counts more.
     */
    public boolean within(double share) {
      return near(cost.lateMinutes(), least.lateMinutes(), share)
          && (cost.lateMinutes() > least.lateMinutes()
              || near(cost.unrest(), least.unrest(), share)
                  && (cost.unrest() > least.unrest()
                      || near(cost.aheadSeconds(), least.aheadSeconds(), share)));
    }

    private static boolean near(long cost, long least, double share) {
      return cost <= least * (1 + share);
    }
  }

  /**
   * Below which nothing can be: of each what it is where all that counts more is the least.
   *
   * @param lateMinutes as of {@link Cost}
   * @param unrest waiting and changes
   * @param aheadSeconds as of {@link Cost}
   */
  record Least(long lateMinutes, long unrest, long aheadSeconds) {
    /** Nothing is proven. */
    public static final Least NONE = new Least(0, 0, 0);
  }

  /**
   * None that keeps every rule was found; in this one some wait longer than they may, and nothing
   * else is broken.
   *
   * @param schedule of which something waits too long
   * @param cost of it
   * @param tooLong between which it does
   * @param by who found it
   */
  record Overrun(Schedule schedule, Cost cost, List<TimeLag> tooLong, String by)
      implements Outcome {
    public Overrun {
      tooLong = List.copyOf(tooLong);
    }
  }

  /** There is none, which is proven. */
  record Impossible() implements Outcome {}

  /** It found none and cannot say that there is none. */
  record Unknown() implements Outcome {}
}
