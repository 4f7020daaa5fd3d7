package urnstew.core.serving.tray;

import java.time.Duration;
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
   * @param water how much of it; none where it is a matter of time
   * @param time how long; none where it is a matter of water
   */
  public record Way(Kind kind, Mass water, Duration time) {
    private static Way ofWater(Kind kind, double kilograms) {
      return new Way(kind, new Mass(kilograms), Duration.ZERO);
    }

    private static Way ofTime(Kind kind, double minutes) {
      return new Way(kind, Mass.ZERO, Duration.ofMillis(Math.round(60_000 * minutes)));
    }
  }

  /** Ways out. */
  public enum Kind {
    /** So much water, stock or thin sauce into the sauce. */
    LET_DOWN,
    /** So many of the open minutes covered instead. */
    COVER_LONGER,
    /** So much water boiled off the sauce before. */
    BOIL_DOWN,
    /** So much whey drained from the cheese. */
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
    double right = Math.max(RIGHT_KILOGRAMS, RIGHT_SHARE * Math.abs(moisture.drinksKilograms()));
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
    ways.add(Way.ofWater(Kind.LET_DOWN, lack));
    double minutes =
        lack / (moisture.perOpenMinuteKilograms() - moisture.perCoveredMinuteKilograms());
    if (minutes <= openMinutes) {
      ways.add(Way.ofTime(Kind.COVER_LONGER, minutes));
    }
    return ways;
  }

  private static List<Way> ofSurplus(double surplus, TrayMoisture moisture, Mass drainable) {
    List<Way> ways = new ArrayList<>();
    if (drainable.kilograms() >= surplus) {
      ways.add(Way.ofWater(Kind.DRAIN, surplus));
    }
    ways.add(
        Way.ofTime(
            Kind.OPEN_LONGER,
            surplus / (moisture.perOpenMinuteKilograms() - moisture.perCoveredMinuteKilograms())));
    ways.add(Way.ofWater(Kind.BOIL_DOWN, surplus));
    return ways;
  }
}
