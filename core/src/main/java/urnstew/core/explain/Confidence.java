package urnstew.core.explain;

/** How sure a figure is. */
public enum Confidence {
  /** Definition, conservation law or exact arithmetic. */
  EXACT,
  /** A published relation within its range. */
  PUBLISHED,
  /** A rule of thumb or an assumed coefficient; shown as one. */
  ASSUMED,
  /** Corrected by readings from this pot. */
  MEASURED
}
