package urnstew.app.batch.store;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The forecast as it was told. */
public record StoredForecast(
    Instant simmerStartedAt,
    @Nullable Instant thickAt,
    @Nullable Instant earliest,
    @Nullable Instant latest,
    @Nullable String neverReason,
    List<StoredTold.Point> likely,
    List<StoredTold.Point> early,
    List<StoredTold.Point> late,
    double kilogramsPerHour,
    long stirEverySeconds,
    List<Line> lines,
    List<Step> steps,
    List<Read> reads,
    List<Heat> heats,
    double endMassKilograms,
    double thicknessFraction,
    String band,
    double saltFraction,
    double portions,
    @Nullable Advice advice,
    int readings,
    double evaporationFactor,
    @Nullable Double powerFactor,
    double bodyFactor,
    List<String> oddReadings,
    List<StoredTold.Caution> cautions,
    List<StoredTold.Working> workings) {
  /** Heat and lid from a moment on. */
  public record Heat(
      Instant at,
      String way,
      @Nullable Double burnerShare,
      @Nullable Double ovenCelsius,
      boolean fan,
      String lid) {}

  /** A reading on the fall line. */
  public record Read(Instant at, double kilograms, boolean ofMass, boolean odd) {}

  /** A line of the formula as poured. */
  public record Line(
      int line,
      String ingredientId,
      String name,
      String stage,
      String note,
      double plannedKilograms,
      double dueKilograms,
      @Nullable Double offeredKilograms,
      boolean poured,
      boolean later) {}

  /** What is to be done next. */
  public record Step(
      String key,
      Instant at,
      String kind,
      String what,
      String detail,
      double kilograms,
      @Nullable Double offeredKilograms,
      int line,
      boolean done,
      @Nullable Double doneFraction) {}

  /** The reading that would tell most. */
  public record Advice(String kind, Instant at, double halfWidthSeconds, double narrowedSeconds) {}
}
