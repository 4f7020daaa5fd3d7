package urnstew.app.kitchen;

/** What stands before the tenths in this kitchen's language. */
public enum DecimalMark {
  POINT,
  COMMA
}
