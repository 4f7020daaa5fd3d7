package urnstew.core.serving.part;

import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Egg dough: flour by the egg, and what it rolls out to.
 *
 * <p>Its feel follows egg over flour: dry below 0.48, firm to 0.56, supple to 0.60, soft above
 * (assumption, about common practice of 100 g an egg). Worked number: 250 g of flour and three eggs
 * of 50 g are soft; with two they are dry and want about 48 g more (check-values m13).
 *
 * @param flour all of it
 * @param eggs flesh of all of them, with what else is wet
 */
public record EggDough(Mass flour, Mass eggs) {
  /** What it is rolled for: supple. */
  private static final double AIM = 0.59;

  private static final double DRY_BELOW = 0.48;
  private static final double FIRM_BELOW = 0.56;
  private static final double SUPPLE_TO = 0.60;

  /** Begin with less than all of it: flours and eggs differ (common practice). */
  private static final double START_SHARE = 0.9;

  private static final double KILOGRAMS_PER_CUBIC_METER = 1200;

  public EggDough {
    Require.within("flour", flour.kilograms(), 0.02, 50, "kg");
    Require.within("eggs", eggs.kilograms(), 0.01, 50, "kg");
  }

  /** How it feels. */
  public enum Feel {
    DRY,
    FIRM,
    SUPPLE,
    SOFT
  }

  /** Flour for so many eggs, supple. */
  public static EggDough forEggs(int count, Mass each) {
    Mass eggs = eggs(count, each);
    return new EggDough(eggs.times(1 / AIM), eggs);
  }

  /** Whole eggs for so much flour; the nearest number. */
  public static EggDough forFlour(Mass flour, Mass each) {
    Require.within("flour", flour.kilograms(), 0.02, 50, "kg");
    int count = (int) Math.max(1, Math.round(AIM * flour.kilograms() / each.kilograms()));
    return new EggDough(flour, eggs(count, each));
  }

  /** So much dough, in whole eggs. */
  public static EggDough forDough(Mass dough, Mass each) {
    Require.within("dough", dough.kilograms(), 0.05, 100, "kg");
    double eggs = dough.kilograms() * AIM / (1 + AIM);
    return forEggs((int) Math.max(1, Math.ceil(eggs / each.kilograms() - 0.05)), each);
  }

  private static Mass eggs(int count, Mass each) {
    Require.within("eggCount", count, 1, 1000, "");
    Require.within("eggMass", each.grams(), 35, 75, "g");
    return each.times(count);
  }

  public Feel feel() {
    double wet = eggs.kilograms() / flour.kilograms();
    if (wet < DRY_BELOW) {
      return Feel.DRY;
    }
    if (wet < FIRM_BELOW) {
      return Feel.FIRM;
    }
    return wet < SUPPLE_TO ? Feel.SUPPLE : Feel.SOFT;
  }

  /** Egg or water that makes it supple; zero where it is. */
  public Mass moreWet() {
    return new Mass(Math.max(0, AIM * flour.kilograms() - eggs.kilograms()));
  }

  /** Flour to begin with; the rest goes in by feel. */
  public Mass startWith() {
    return flour.times(START_SHARE);
  }

  /** Flour that it may take in the end, at the least and at the most. */
  public Mass[] byFeel() {
    return new Mass[] {eggs.times(1 / SUPPLE_TO), eggs.times(1 / DRY_BELOW)};
  }

  public Mass mass() {
    return flour.plus(eggs);
  }

  /** What it rolls out to. */
  public Area rolledTo(Length thickness) {
    Require.within("thickness", thickness.millimeters(), 0.3, 5, "mm");
    return new Area(mass().kilograms() / (KILOGRAMS_PER_CUBIC_METER * thickness.meters()));
  }

  /** Dough for so much area. */
  public static Mass forArea(Area area, Length thickness) {
    Require.within("thickness", thickness.millimeters(), 0.3, 5, "mm");
    return new Mass(KILOGRAMS_PER_CUBIC_METER * area.squareMeters() * thickness.meters());
  }
}
