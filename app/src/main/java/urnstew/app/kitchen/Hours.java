package urnstew.app.kitchen;

/** How a kitchen writes the hour. */
public enum Hours {
  /** 18:30. */
  H24,
  /** 6:30 pm. */
  H12
}
