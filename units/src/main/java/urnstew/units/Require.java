package urnstew.units;

import java.math.BigDecimal;
import java.math.MathContext;

/** Range checks that say the value, the limit and the way out. */
public final class Require {
  private Require() {}

  /** Returns {@code value} if it is a finite number. */
  public static double finite(String parameter, double value) {
    if (Double.isFinite(value)) {
      return value;
    }
    throw new InvalidInput(
        parameter,
        "not-a-number",
        "That is not a number.",
        "any finite number",
        "Type a number, such as 2.5.");
  }

  /** Returns {@code value} if it is finite and within {@code least..most}, ends included. */
  public static double within(
      String parameter, double value, double least, double most, String unit) {
    finite(parameter, value);
    if (value >= least && value <= most) {
      return value;
    }
    String range = number(least) + " to " + number(most) + unitSuffix(unit);
    boolean small = value < least;
    InvalidInput fault =
        new InvalidInput(
            parameter,
            small ? "too-small" : "too-large",
            number(value)
                + unitSuffix(unit)
                + (small ? " is less than " : " is more than ")
                + number(small ? least : most)
                + unitSuffix(unit)
                + ".",
            range,
            "Choose a value from " + range + ".");
    throw fault.within(new InvalidInput.Bounds(least, most, unit));
  }

  /** Returns {@code value} if it is finite and greater than zero. */
  public static double positive(String parameter, double value, String unit) {
    finite(parameter, value);
    if (value > 0) {
      return value;
    }
    throw new InvalidInput(
        parameter,
        "not-positive",
        number(value) + unitSuffix(unit) + " is not above zero.",
        "more than 0" + unitSuffix(unit),
        "Choose a value above zero.");
  }

  /** Returns {@code value} if it is finite and not below zero. */
  public static double notNegative(String parameter, double value, String unit) {
    finite(parameter, value);
    if (value >= 0) {
      return value;
    }
    throw new InvalidInput(
        parameter,
        "negative",
        number(value) + unitSuffix(unit) + " is below zero.",
        "0" + unitSuffix(unit) + " or more",
        "Leave the minus sign out.");
  }

  private static String unitSuffix(String unit) {
    return unit.isEmpty() ? "" : " " + unit;
  }

  private static String number(double value) {
    return new BigDecimal(value, new MathContext(4)).stripTrailingZeros().toPlainString();
  }
}
