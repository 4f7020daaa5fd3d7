package urnstew.core.reduction;

/** Where the model of a pot ends. */
public enum Beyond {
  /** More goes in than the pot holds. */
  OVER_THE_RIM("More goes in than this pot holds. Take a larger pot or put in less."),
  /** A paste no longer boils, it spits and scorches. */
  PASTE("It would be thicker than 30 %: a paste, that no pot on a burner makes evenly."),
  /** Hardly any water is left. */
  DRY("The pot would run dry.");

  private final String reason;

  Beyond(String reason) {
    this.reason = reason;
  }

  /** In a cook's words. */
  public String reason() {
    return reason;
  }
}
