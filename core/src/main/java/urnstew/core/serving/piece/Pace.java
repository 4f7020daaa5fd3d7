package urnstew.core.serving.piece;

/** How fast heat comes to the middle, as the coefficients and the ruler leave it open. */
public enum Pace {
  /** Everything that is not known hurries it. */
  FAST(-1),
  /** As is likely. */
  LIKELY(0),
  /** Everything that is not known delays it: what a rule set's wait counts from. */
  SLOW(1);

  private final int later;

  Pace(int later) {
    this.later = later;
  }

  /** −1 where it is early, 1 where it is late. */
  int later() {
    return later;
  }
}
