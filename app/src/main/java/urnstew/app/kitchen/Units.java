package urnstew.app.kitchen;

/** System in which a kitchen's screens show quantities first. */
public enum Units {
  METRIC,
  US
}
