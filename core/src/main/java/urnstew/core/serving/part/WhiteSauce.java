package urnstew.core.serving.part;

import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * White sauce: flour on milk makes its thickness, fat as much as the flour or a little more.
 *
 * <p>Thin 3 to 4 %, medium 5 to 6, thick 6.5 to 9 (common practice, P-11); it sets a step firmer on
 * cooling. Two schools: a minute in the fat, or also 15 to 20 min with the milk, which dries it.
 *
 * @param milk as it goes in
 * @param flour in it
 * @param fat for the roux
 */
public record WhiteSauce(Mass milk, Mass flour, Mass fat) {
  private static final double FAT_TO_FLOUR = 1.06;

  /** Share of its water that a slow simmer with the milk takes off (assumption). */
  private static final double COOKED_DOWN = 0.06;

  /** How thick it is, with the shares of flour on milk that make it so. */
  public enum Thickness {
    THIN(0.03, 0.045),
    MEDIUM(0.045, 0.0625),
    THICK(0.0625, 0.095);

    private final double from;
    private final double below;

    Thickness(double from, double below) {
      this.from = from;
      this.below = below;
    }

    /** Flour on milk in the middle of what is common. */
    public MassFraction usual() {
      return new MassFraction((from + below) / 2);
    }

    private static Thickness of(double share) {
      return share < THIN.below ? THIN : share < MEDIUM.below ? MEDIUM : THICK;
    }

    private Thickness firmer() {
      return values()[Math.min(ordinal() + 1, values().length - 1)];
    }
  }

  public WhiteSauce {
    Require.within("milk", milk.kilograms(), 0.05, 200, "kg");
    double share = 100 * flour.kilograms() / milk.kilograms();
    Require.within("flourOnMilk", share, 2, 12, "%");
  }

  /** So much milk at a thickness. */
  public static WhiteSauce ofMilk(Mass milk, Thickness thickness) {
    Mass flour = milk.times(thickness.usual().value());
    return new WhiteSauce(milk, flour, flour.times(FAT_TO_FLOUR));
  }

  /** So much flour at a thickness: how much milk it takes. */
  public static WhiteSauce ofFlour(Mass flour, Thickness thickness) {
    return ofMilk(flour.times(1 / thickness.usual().value()), thickness);
  }

  /** So much sauce at a thickness. */
  public static WhiteSauce ofSauce(Mass sauce, Thickness thickness, boolean cookedLong) {
    Require.within("sauce", sauce.kilograms(), 0.05, 250, "kg");
    double share = thickness.usual().value();
    double kept = cookedLong ? 1 - COOKED_DOWN : 1;
    return ofMilk(sauce.times(1 / (kept + share * (1 + FAT_TO_FLOUR))), thickness);
  }

  /** Flour and milk as they are. */
  public static WhiteSauce of(Mass milk, Mass flour) {
    return new WhiteSauce(milk, flour, flour.times(FAT_TO_FLOUR));
  }

  private double share(boolean cookedLong) {
    double left = cookedLong ? 1 - COOKED_DOWN : 1;
    return flour.kilograms() / (left * milk.kilograms());
  }

  /** Thickness while it is hot. */
  public Thickness hot(boolean cookedLong) {
    return Thickness.of(share(cookedLong));
  }

  /** Thickness when it has cooled: a step firmer. */
  public Thickness cold(boolean cookedLong) {
    return hot(cookedLong).firmer();
  }

  /** What it makes. */
  public Mass mass(boolean cookedLong) {
    double left = cookedLong ? 1 - COOKED_DOWN : 1;
    return milk.times(left).plus(flour).plus(fat);
  }
}
