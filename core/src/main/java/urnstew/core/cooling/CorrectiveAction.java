package urnstew.core.cooling;

/** What a cooling asks of the cook now. */
public enum CorrectiveAction {
  /** No action but the next reading. */
  GO_ON,
  /** A mark is past and unread. */
  READ_NOW,
  /** Cool it faster. */
  COOL_FASTER,
  /** Cool it faster, or reheat it at once and begin again, which the rule still allows. */
  COOL_FASTER_OR_REHEAT,
  /** Every mark is met: lid on, date it, into the cold. */
  PUT_AWAY,
  /** Throw it away: it is not safe any more. */
  DISCARD
}
