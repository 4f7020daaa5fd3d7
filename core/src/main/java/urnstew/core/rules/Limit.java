package urnstew.core.rules;

/**
 * What a food code limits.
 *
 * <p>Each limit has the unit of its value, the span in which a kitchen may set it, and the side on
 * which it is stricter.
 */
public enum Limit {
  HOT_HOLD(Unit.CELSIUS, 50, 90, Strict.HIGHER, "held hot at"),
  HOT_HOLD_ROAST(Unit.CELSIUS, 50, 90, Strict.HIGHER, "whole roasts held hot at"),
  COLD_HOLD(Unit.CELSIUS, 0, 10, Strict.LOWER, "held cold at"),
  COOL_FROM(Unit.CELSIUS, 50, 90, Strict.HIGHER, "the cooling clock starts at"),
  COOL_FIRST(Unit.CELSIUS, 5, 40, Strict.LOWER, "the first mark of cooling"),
  COOL_FIRST_TIME(Unit.SECONDS, 900, 6 * 3600, Strict.LOWER, "time to the first mark"),
  COOL_LAST(Unit.CELSIUS, 0, 10, Strict.LOWER, "the last mark of cooling"),
  COOL_LAST_TIME(Unit.SECONDS, 900, 12 * 3600, Strict.LOWER, "time to the last mark, in all"),
  COOL_AGAIN(
      Unit.YES_NO, 0, 1, Strict.LOWER, "a mark about to be missed may be mended by reheating"),
  REHEAT(Unit.CELSIUS, 60, 95, Strict.HIGHER, "reheated to"),
  REHEAT_FOR(Unit.SECONDS, 0, 600, Strict.HIGHER, "and kept there for"),
  REHEAT_WITHIN(Unit.SECONDS, 900, 4 * 3600, Strict.LOWER, "reheated within"),
  REHEAT_PACKED(Unit.CELSIUS, 50, 95, Strict.HIGHER, "packed by a plant and first heated: to"),
  KEEP_DAYS(Unit.DAYS, 1, 14, Strict.LOWER, "days to keep chilled, the day of making is the first"),
  WARM_TIME(Unit.SECONDS, 0, 8 * 3600, Strict.LOWER, "time alone as the limit, from hot"),
  WARM_PERIODS(Unit.TIMES, 0, 10, Strict.LOWER, "times that it may be below the hot limit"),
  REHEAT_STAND(Unit.SECONDS, 0, 600, Strict.HIGHER, "out of a microwave it stands covered for"),
  COOL_AMBIENT_TIME(
      Unit.SECONDS, 900, 12 * 3600, Strict.LOWER, "time to the last mark, made of goods not hot"),
  COOK_CHILL(Unit.CELSIUS, -2, 10, Strict.LOWER, "cook-chill: chilled to"),
  COOK_CHILL_TIME(Unit.SECONDS, 900, 6 * 3600, Strict.LOWER, "cook-chill: within, from cooking on"),
  COOK_CHILL_DAYS(Unit.DAYS, 1, 14, Strict.LOWER, "cook-chill: days, cooking and eating counted"),
  FISH_FROZEN(Unit.CELSIUS, -60, 0, Strict.LOWER, "fish eaten raw or barely cooked, frozen at"),
  FISH_FROZEN_TIME(Unit.SECONDS, 3600, 40 * 86400, Strict.HIGHER, "and kept frozen for"),
  COLD_TIME(Unit.SECONDS, 0, 8 * 3600, Strict.LOWER, "time alone as the limit, from cold"),
  COLD_TIME_TOP(Unit.CELSIUS, 5, 25, Strict.LOWER, "never warmer in that time than"),
  FROZEN(Unit.CELSIUS, -40, 0, Strict.LOWER, "kept frozen at"),
  THAW_WATER(Unit.CELSIUS, 0, 25, Strict.LOWER, "thawed under running water of at most"),
  TAG_DAYS(Unit.DAYS, 30, 365, Strict.HIGHER, "days that a shellfish tag is kept");

  /** What a value counts. */
  public enum Unit {
    CELSIUS("°C"),
    SECONDS("s"),
    DAYS("days"),
    TIMES("times"),
    YES_NO("");

    private final String symbol;

    Unit(String symbol) {
      this.symbol = symbol;
    }

    /** Symbol of the unit, as written behind a value. */
    public String symbol() {
      return symbol;
    }
  }

  /** The side on which a limit is stricter. */
  private enum Strict {
    HIGHER,
    LOWER
  }

  private final Unit unit;
  private final double least;
  private final double most;
  private final Strict strict;
  private final String inWords;

  Limit(Unit unit, double least, double most, Strict strict, String inWords) {
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.strict = strict;
    this.inWords = inWords;
  }

  /** Unit of its values. */
  public Unit unit() {
    return unit;
  }

  /** Smallest value that a kitchen may set. */
  public double least() {
    return least;
  }

  /** Largest value that a kitchen may set. */
  public double most() {
    return most;
  }

  /** The limit in words, to be followed by its value. */
  public String inWords() {
    return inWords;
  }

  /** Whether the second value lets more pass than the first. */
  public boolean laxer(double was, double now) {
    return strict == Strict.HIGHER ? now < was : now > was;
  }
}
