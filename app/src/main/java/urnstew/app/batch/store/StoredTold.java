package urnstew.app.batch.store;

import java.time.Instant;
import java.util.List;

/** What plan and forecast have in common. */
public final class StoredTold {
  private StoredTold() {}

  /** A warning. */
  public record Caution(String code, String text) {}

  /** A figure in a working. */
  public record Term(String name, String symbol, double value, String unit) {}

  /** How a figure came about. */
  public record Working(
      String figure,
      String inWords,
      String formula,
      List<Term> terms,
      List<String> assumptions,
      List<String> sources,
      String confidence) {}

  /** A moment of the fall. */
  public record Point(
      Instant at,
      double massKilograms,
      double depthMeters,
      double solidsFraction,
      double temperatureCelsius) {}
}
