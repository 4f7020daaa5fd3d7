package urnstew.app.batch.store;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The plan as it was told. */
public record StoredPlan(
    String formulaName,
    double portions,
    List<Amount> amounts,
    List<Part> parts,
    List<Purchase> purchases,
    @Nullable Cost cost,
    Declaration declaration,
    List<Stage> stages,
    double startMassKilograms,
    double endMassKilograms,
    double waterToLoseKilograms,
    double startSolidsFraction,
    double targetSolidsFraction,
    String band,
    double saltFraction,
    @Nullable Alcohol alcoholLeft,
    double pieceMassKilograms,
    Fit fit,
    Instant readyBy,
    @Nullable Hours hours,
    @Nullable String neverReason,
    List<StoredTold.Point> likely,
    List<StoredTold.Point> early,
    List<StoredTold.Point> late,
    double targetMassKilograms,
    long stirEverySeconds,
    List<StoredTold.Caution> cautions,
    List<StoredTold.Working> workings) {
  /** Made by a formula of its own. */
  public record Part(
      String formulaId,
      String name,
      double massKilograms,
      List<Taken> takes,
      long seconds,
      List<String> dishes) {}

  /** So much of one thing. */
  public record Taken(String name, double massKilograms) {}

  /** Shares that stay. */
  public record Alcohol(double leastFraction, double mostFraction) {}

  /** So much of one ingredient. */
  public record Amount(
      String ingredientId,
      String name,
      String stage,
      String note,
      double massKilograms,
      @Nullable Double spoonVolumeCubicMeters,
      @Nullable Count pieces,
      double firstDoseKilograms) {}

  /** In natural pieces. */
  public record Count(String name, double count, double eachKilograms) {}

  /** One stage with its cues. */
  public record Stage(
      String title,
      String role,
      boolean beside,
      long seconds,
      @Nullable Integer phase,
      boolean answers,
      String how,
      @Nullable Loads loads,
      String readyCue,
      String tooFarCue,
      String caution,
      List<String> takeOuts,
      String pause) {}

  /** Meat browned in loads. */
  public record Loads(int count, double eachKilograms) {}

  /** How it stands in the pot. */
  public record Fit(
      double startVolumeCubicMeters,
      double endVolumeCubicMeters,
      double startDepthMeters,
      double endDepthMeters,
      double headroomDepthMeters,
      boolean withinHeadroom) {}

  /** When what is to be done. */
  public record Hours(
      Instant lightAt,
      Instant simmerAt,
      Instant thickAt,
      Instant earliest,
      Instant latest,
      long spareAtWorstSeconds) {}

  /** What is to be bought. */
  public record Purchase(
      String ingredientId,
      String name,
      String kind,
      double neededMassKilograms,
      @Nullable Double fromStockKilograms,
      List<PackCount> packs,
      double leftMassKilograms,
      @Nullable BigDecimal cost) {}

  /** So many of a pack. */
  public record PackCount(String name, int count, double netMassKilograms, boolean loose) {}

  /** Money. */
  public record Cost(
      BigDecimal used,
      BigDecimal bought,
      BigDecimal usedPerPortion,
      BigDecimal boughtPerPortion,
      BigDecimal usedPerKilogram,
      @Nullable BigDecimal lightPortion,
      @Nullable BigDecimal generousPortion) {}

  /** What eaters had to be told. */
  public record Declaration(
      List<Carried> allergens,
      List<Carried> asked,
      List<Diet> diets,
      double sulphitesMilligramsPerKilogram,
      List<String> unknown,
      List<String> inWords) {}

  /** An allergen. */
  public record Carried(
      String allergen,
      String words,
      boolean inUnitedStates,
      List<String> causes,
      List<String> hidden) {}

  /** A diet and what breaks it. */
  public record Diet(String diet, String words, List<String> brokenBy, List<String> doubts) {}
}
