package urnstew.core.reduction;

/** Why a pot does not get thick enough. */
public enum Never {
  /** So little water leaves that it would take more than a day. */
  TOO_SLOW("Hardly any water leaves this pot: it would take more than a day."),
  /** The burner cannot keep the pot hot. */
  NO_HEAT("This burner cannot heat this pot: all of its heat is lost to the room."),
  /** The heat is off. */
  HEAT_OFF("The heat is off: no water leaves."),
  /** The lid keeps the water in. */
  LID_ON("With the lid on the water stays in the pot: it would take more than a day."),
  /** The oven is too cool. */
  OVEN_TOO_COOL("So cool an oven dries it too slowly: it would take more than a day.");

  private final String reason;

  Never(String reason) {
    this.reason = reason;
  }

  /** In a cook's words. */
  public String reason() {
    return reason;
  }
}
