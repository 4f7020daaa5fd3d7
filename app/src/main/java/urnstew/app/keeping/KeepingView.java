package urnstew.app.keeping;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.cooling.CoolingVerdict;
import urnstew.core.cooling.CorrectiveAction;
import urnstew.core.cooling.MarkOutlook;
import urnstew.core.explain.Working;
import urnstew.core.holding.HoldOutlook;
import urnstew.core.holding.TimeAlone;
import urnstew.core.reduction.Lid;

/** Something kept, as the screens see it: a cooling, a hold, or what is set out. */
public record KeepingView(
    UUID id,
    String name,
    @Nullable UUID batchId,
    @Nullable String formulaId,
    @Nullable Double massKilograms,
    Instant startedAt,
    @Nullable Instant closedAt,
    KeepingWrites.@Nullable Closed closedAs,
    String reason,
    String ruleSetName,
    List<EntryView> entries,
    @Nullable CoolingView cooling,
    @Nullable HoldView hold,
    @Nullable SetOutView setOut,
    @Nullable String fault) {

  /** What was written about it. */
  public record EntryView(
      UUID id,
      Instant at,
      String what,
      String enteredText,
      @Nullable Double celsius,
      @Nullable Double kilograms,
      @Nullable SetupView setup,
      String reason,
      boolean struckOut) {}

  /** A moment of a course. */
  public record CoursePoint(Instant at, double celsius) {}

  /** How something stands to cool. */
  public record SetupView(
      String pan,
      int count,
      double depthMeters,
      ColdPlace place,
      double aroundCelsius,
      boolean covered,
      @Nullable Integer stirredEveryMinutes,
      @Nullable Double thenBelowCelsius,
      double iceKilograms) {}

  /** A mark of the rule. */
  public record MarkView(
      double celsius,
      String section,
      Instant deadline,
      MarkOutlook.State state,
      @Nullable Instant shownAt,
      @Nullable Instant likely,
      @Nullable Instant latest) {}

  /** A cooling by the rule. */
  public record CoolingView(
      CoolingVerdict verdict,
      CorrectiveAction action,
      double fromCelsius,
      @Nullable Instant clockFrom,
      boolean clockRuns,
      List<MarkView> marks,
      List<CoursePoint> likely,
      List<CoursePoint> slow,
      double speed,
      SetupView setup,
      boolean reheated,
      double reheatCelsius,
      List<Working> workings) {}

  /** A hold by the rule, and as a cook cares for it. */
  public record HoldView(
      String vessel,
      double heldCelsius,
      Lid lid,
      double limitCelsius,
      HoldOutlook.State state,
      Instant lastHot,
      @Nullable Instant act,
      Instant discard,
      double reheatCelsius,
      double wantedFraction,
      double nowFraction,
      double lossKilogramsPerHour,
      double topUpKilograms,
      @Nullable Instant topUpAt,
      Instant goodUntil,
      Instant baseUntil,
      String because,
      List<String> toOrder,
      @Nullable Double loosenKilograms,
      String loosenHow,
      List<Working> workings) {}

  /** What stands out to be served, by time alone. */
  public record SetOutView(
      boolean fromCold,
      double startCelsius,
      long allowedSeconds,
      @Nullable Double topCelsius,
      TimeAlone.State state,
      Instant discard,
      @Nullable Double tooWarmCelsius) {}

  /** How long to one mark, counted from the start of the clock. */
  public record MarkTimeView(
      double celsius,
      String section,
      long withinSeconds,
      @Nullable Double likelySeconds,
      @Nullable Double slowSeconds) {}

  /** A cooling that has not begun. */
  public record CoolingForecastView(
      CoolingVerdict verdict, SetupView setup, double clockSeconds, List<MarkTimeView> marks) {}

  /** A way that makes it, and what is written when it is taken. */
  public record WayView(
      CoolingForecastView forecast,
      KeepingWrites.Setup choice,
      String placeName,
      String thenName) {}

  /**
   * Before the start: what was chosen, and what would be better.
   *
   * @param thickestPieceMeters that was reckoned with; absent without whole pieces
   */
  public record CoolingPreview(
      CoolingForecastView chosen,
      CoolingForecastView ifStirred,
      List<WayView> ways,
      String ruleSetName,
      @Nullable Double thickestPieceMeters,
      List<Working> workings) {}
}
