package urnstew.core.acidity;

/** Whether carbon dioxide can leave. */
public enum Gas {
  /** A shut flask: all of it stays. */
  SHUT_IN,
  /** An open pot: it foams away until no more is dissolved than air holds. */
  OPEN_TO_AIR
}
