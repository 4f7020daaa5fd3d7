package urnstew.core.kitchen;

/**
 * Kinds of burner, with the share of the label power that really enters a pot. The shares are
 * assumptions (from memory), to be replaced by measuring the stove.
 */
public enum HeatKind {
  GAS(0.35, 0.50),
  RADIANT(0.65, 0.75),
  INDUCTION(0.80, 0.90);

  private final double leastShare;
  private final double mostShare;

  HeatKind(double leastShare, double mostShare) {
    this.leastShare = leastShare;
    this.mostShare = mostShare;
  }

  /** The likely share: geometric middle of the range. */
  public double likelyShare() {
    return Math.sqrt(leastShare * mostShare);
  }

  /** Standard deviation of the logarithm of the share, the range taken as nine tenths. */
  public double logSpread() {
    return Math.log(mostShare / leastShare) / (2 * 1.645);
  }
}
