package urnstew.core.serving.piece;

import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Balls of one mix: number, size and mass, each from the others.
 *
 * <p>m = ρ·π/6·d³ with ρ = 1,050 kg/m³ (1,030 to 1,060, assumption). Worked number: 680 g in a
 * dozen are 57 g and 47 mm each (check-values m10).
 *
 * @param count how many
 * @param each mass of one, raw
 * @param diameter of one
 */
public record Balls(int count, Mass each, Length diameter) {
  private static final double KILOGRAMS_PER_CUBIC_METER = 1050;
  private static final int MOST = 5000;
  private static final double SMALLEST_MILLIMETERS = 10;
  private static final double LARGEST_MILLIMETERS = 120;

  /** A mix in so many balls. */
  public static Balls of(Mass mix, int count) {
    requireCount(count);
    Require.positive("mix", mix.kilograms(), "kg");
    Mass each = mix.times(1.0 / count);
    Length diameter = diameter(each);
    Require.within(
        "count", diameter.millimeters(), SMALLEST_MILLIMETERS, LARGEST_MILLIMETERS, "mm across");
    return new Balls(count, each, diameter);
  }

  /** As many of one size as a mix makes; the last one may be smaller. */
  public static Balls of(Mass mix, Length diameter) {
    Require.positive("mix", mix.kilograms(), "kg");
    requireDiameter(diameter);
    double each = kilograms(diameter);
    int count = (int) Math.floor(mix.kilograms() / each + 0.02);
    if (count < 1) {
      throw new InvalidInput(
          "diameter",
          "too-large",
          "The mix does not make one ball of that size.",
          "up to " + Math.round(diameter(mix).millimeters()) + " mm",
          "Choose a smaller ball, or make more of the mix.");
    }
    requireCount(count);
    return new Balls(count, new Mass(each), diameter);
  }

  /** So many of one size: how much mix that takes. */
  public static Balls of(int count, Length diameter) {
    requireCount(count);
    requireDiameter(diameter);
    return new Balls(count, new Mass(kilograms(diameter)), diameter);
  }

  /** What they weigh together, raw. */
  public Mass mix() {
    return each.times(count);
  }

  /** Diameter of a ball of this mass. */
  public static Length diameter(Mass each) {
    return new Length(Math.cbrt(6 * each.kilograms() / (Math.PI * KILOGRAMS_PER_CUBIC_METER)));
  }

  private static double kilograms(Length diameter) {
    return KILOGRAMS_PER_CUBIC_METER * Math.PI / 6 * Math.pow(diameter.meters(), 3);
  }

  private static void requireCount(int count) {
    Require.within("count", count, 1, MOST, "");
  }

  private static void requireDiameter(Length diameter) {
    Require.within(
        "diameter", diameter.millimeters(), SMALLEST_MILLIMETERS, LARGEST_MILLIMETERS, "mm");
  }
}
