package urnstew.app.batch;

/** Where a reading comes from. */
public enum ReadingSource {
  /** Read by a cook and typed. */
  TYPED,
  /** Sent by an instrument itself. */
  INSTRUMENT
}
