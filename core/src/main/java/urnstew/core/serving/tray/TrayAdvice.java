package urnstew.core.serving.tray;

import java.util.ArrayList;
import java.util.List;
import urnstew.units.Mass;

/**
 * What mends a tray that lacks water, or has too much; each alone would do.
 *
 * @param verdict whether it is short, right or wet
 * @param ways in the order in which they cost least
 */
public record TrayAdvice(Verdict verdict, List<Way> ways) {
  /** Of what is drunk: nearer than that it is right. */
  private static final double RIGHT_SHARE = 0.1;

  private static final double RIGHT_KILOGRAMS = 0.03;

  /** How much water there is. */
  public enum Verdict {
    /** Sheets stay hard. */
    SHORT,
    RIGHT,
    /** It runs on the plate. */
    WET
  }

  /**
   * One way out.
   *
   * @param kind what to do
   * @param amount how much: kg of water, or minutes
   */
  public record Way(Kind kind, double amount) {}

  /** Ways out, with the unit of their amount. */
  public enum Kind {
    /** So much water, stock or thin sauce into the sauce, kg. */
    LET_DOWN,
    /** So many of the open minutes covered instead, min. */
    COVER_LONGER,
    /** So much water boiled off the sauce before, kg. */
    BOIL_DOWN,
    /** So much whey drained from the cheese, kg. */
    DRAIN,
    /** So many minutes more without the cover, min. */
    OPEN_LONGER
  }

  public TrayAdvice {
    ways = List.copyOf(ways);
  }

  /**
   * The ways out of a balance.
   *
   * @param openMinutes as planned
   * @param drainable whey that its cheeses hold and could lose before
   */
  public static TrayAdvice of(TrayMoisture moisture, double openMinutes, Mass drainable) {
    double right = Math.max(RIGHT_KILOGRAMS, RIGHT_SHARE * Math.abs(moisture.drinks()));
    double surplus = moisture.surplusKilograms();
    if (Math.abs(surplus) <= right) {
      return new TrayAdvice(Verdict.RIGHT, List.of());
    }
    return surplus < 0
        ? new TrayAdvice(Verdict.SHORT, ofLack(-surplus, moisture, openMinutes))
        : new TrayAdvice(Verdict.WET, ofSurplus(surplus, moisture, drainable));
  }

  private static List<Way> ofLack(double lack, TrayMoisture moisture, double openMinutes) {
    List<Way> ways = new ArrayList<>();
    ways.add(new Way(Kind.LET_DOWN, lack));
    double minutes = lack / (moisture.perOpenMinute() - moisture.perCoveredMinute());
    if (minutes <= openMinutes) {
      ways.add(new Way(Kind.COVER_LONGER, minutes));
    }
    return ways;
  }

  private static List<Way> ofSurplus(double surplus, TrayMoisture moisture, Mass drainable) {
    List<Way> ways = new ArrayList<>();
    if (drainable.kilograms() >= surplus) {
      ways.add(new Way(Kind.DRAIN, surplus));
    }
    ways.add(
        new Way(
            Kind.OPEN_LONGER, surplus / (moisture.perOpenMinute() - moisture.perCoveredMinute())));
    ways.add(new Way(Kind.BOIL_DOWN, surplus));
    return ways;
  }
}
