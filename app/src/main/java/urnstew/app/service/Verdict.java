package urnstew.app.service;

/** What can be had of a service. */
public enum Verdict {
  /** All of it at its hour. */
  FITS,
  /** The same, and nothing may take longer than is likely. */
  TIGHT,
  /** Everything is fresh, and plates are late. */
  LATE,
  /** Something waits longer than it may. */
  WAITS,
  /** It is proven that there is no schedule. */
  IMPOSSIBLE,
  /** None was found. */
  UNKNOWN
}
