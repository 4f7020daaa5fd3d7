package urnstew.core.serving;

/** Schools of bringing sauce and pasta together. */
public enum Dressing {
  /** Tossed in the pan with a ladle of pasta water. */
  IN_THE_PAN,
  /** Ladled on the plate. */
  LADLED,
  /** Put on the table beside it. */
  ON_THE_TABLE
}
