package urnstew.core.reduction;

/**
 * The lid of a pot whose simmer is kept by eye: the cook turns the knob, so a lid cuts the loss. At
 * the boil on a fixed setting it only keeps the top warm. Shares are assumptions.
 */
public enum Lid {
  OFF(1, 1),
  AJAR(0.35, 0.6),
  ON(0.05, 0.4);

  private final double escapingShare;
  private final double topLossShare;

  Lid(double escapingShare, double topLossShare) {
    this.escapingShare = escapingShare;
    this.topLossShare = topLossShare;
  }

  /** Share of the open pot's vapour that leaves at the same temperature. */
  public double escapingShare() {
    return escapingShare;
  }

  /** Share of the open pot's heat loss through the top. */
  public double topLossShare() {
    return topLossShare;
  }
}
