package urnstew.app.lots;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.DeclarationView;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.core.explain.Working;
import urnstew.core.lot.FreezingFitness.Fitness;

/**
 * A lot as the screens see it.
 *
 * @param declaration what eaters have to be told, of all that went in
 * @param checkLabels whether labels of an earlier release say something else: print them anew
 * @param saidOnLabels what those labels say
 */
public record LotView(
    UUID id,
    String code,
    String name,
    String formulaId,
    @Nullable UUID batchId,
    boolean coolingRecorded,
    LocalDate madeOn,
    double massKilograms,
    double cubicMeters,
    int tubs,
    double tubCubicMeters,
    double eachKilograms,
    UUID placeId,
    String placeName,
    State state,
    @Nullable LocalDate useBy,
    int daysLeft,
    @Nullable LocalDate frozenOn,
    @Nullable LocalDate bestUntil,
    @Nullable LocalDate thawedOn,
    @Nullable Instant wantedAt,
    @Nullable Instant moveBy,
    double freezingSeconds,
    double thawingSeconds,
    double reheatCelsius,
    double reheatSeconds,
    String reheatOn,
    boolean reheatInTime,
    double plates,
    String platesOf,
    Fitness fitness,
    List<String> fitnessSays,
    DeclarationView declaration,
    boolean checkLabels,
    String saidOnLabels,
    @Nullable Instant closedAt,
    @Nullable UnfinishedView unfinished,
    List<LotEventView> events,
    List<Working> workings,
    @Nullable String fault) {

  /**
   * What is still to come of a batch that was stopped before it was done.
   *
   * @param from the stage in which it was stopped
   * @param stages those that are still to come, that one first
   * @param lines what is still to go in, for what is left of the lot
   * @param tubId by which a plan takes it
   */
  public record UnfinishedView(
      String from, List<String> stages, List<ToComeView> lines, String tubId) {}

  /** So much of one thing. */
  public record ToComeView(String name, double massKilograms) {}

  /** How it is kept. */
  public enum State {
    CHILLED,
    FROZEN,
    GONE
  }

  /** What was done with it. */
  public record LotEventView(Instant at, Kind kind, @Nullable Double massKilograms, String what) {}

  /** How tubs would be filled, before they are. */
  public record TubPreview(
      int tubs,
      double eachCubicMeters,
      double lastCubicMeters,
      double freezingSeconds,
      LocalDate useBy,
      @Nullable LocalDate bestUntil,
      Fitness fitness,
      List<String> fitnessSays,
      DeclarationView declaration) {}

  /**
   * What there is of a formula in tubs that are in date, first in first out.
   *
   * @param restCovers that must still be cooked for
   */
  public record ReadyView(
      double massKilograms,
      double cubicMeters,
      double frozenKilograms,
      int restCovers,
      List<ReadyLot> lots) {}

  /** A lot that counts. */
  public record ReadyLot(
      UUID id, String code, LocalDate madeOn, double massKilograms, boolean frozen) {}

  /** One thing on the way from can to dish. */
  public record TraceStep(
      What what, String name, @Nullable UUID id, String code, @Nullable Instant at, String words) {
    /** What it is. */
    public enum What {
      SOURCE,
      BATCH,
      LOT,
      DISH
    }
  }

  /** Where it came from and where it went. */
  public record TraceView(List<TraceStep> from, List<TraceStep> to) {}
}
