package urnstew.app.batch;

/** Where a batch stands. */
public enum Status {
  SIMMERING,
  FINISHED
}
