package urnstew.units.text;

/** Which pint a kitchen means. */
public enum Pint {
  /** 473.176 ml (NIST Handbook 44, Appendix C). */
  US,
  /** 568.26125 ml, exact (UK Weights and Measures Act 1985). */
  IMPERIAL
}
