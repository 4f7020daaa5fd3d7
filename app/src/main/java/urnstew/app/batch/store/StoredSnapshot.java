package urnstew.app.batch.store;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.store.StoredFormula;
import urnstew.app.kitchen.store.StoredEquipment;
import urnstew.app.pantry.store.StoredComposition;
import urnstew.app.pantry.store.StoredIngredient;
import urnstew.app.platform.store.StoredUnits;

/** What a batch was planned from. */
public record StoredSnapshot(
    Inputs inputs,
    Duration preparation,
    StoredEquipment.Instruments instruments,
    Clock clock,
    String modelVersion) {
  /** When it began, and how fast it runs. */
  public record Clock(Instant startedAt, int timeScale) {}

  /** All that the plan was reckoned from. */
  public record Inputs(
      Resolved formula,
      Need need,
      PackRule buying,
      StoredTarget target,
      StoredSetting setting,
      List<StageSetting> stages,
      Prior prior,
      Instant now,
      Instant readyBy) {}

  /** Another heat and lid of one phase of the simmer. */
  public record StageSetting(int phase, StoredSetting.Heating heating, String lid) {}

  /** The formula with its ingredients in hand. */
  public record Resolved(StoredFormula formula, List<Portion> portions) {}

  /** So much of one ingredient in one stage. */
  public record Portion(
      StoredIngredient ingredient,
      StoredUnits.Mass mass,
      String role,
      int stage,
      String stageTitle,
      Duration after,
      String note,
      StoredUnits.MassFraction firstDose,
      double keptShare,
      @Nullable Made made) {}

  /** What another formula makes of it, and what comes of that. */
  public record Made(Resolved formula, Contents contents) {}

  /** What is in a pot. */
  public record Contents(StoredComposition sauce, double thickeningKilograms, InPieces pieces) {}

  /** What stays whole, and what it has yet to give. */
  public record InPieces(
      StoredComposition whole, double juiceKilograms, double fatKilograms, double releaseSeconds) {}

  /** For how many. */
  public record Need(
      double covers,
      StoredUnits.Mass serving,
      StoredUnits.MassFraction onTheTable,
      StoredUnits.MassFraction holdLoss) {}

  /** How packs are chosen. */
  public record PackRule(String rounding, String goal) {}

  /** What was believed of the pot; logarithms. */
  public record Prior(
      double evaporationMean,
      double evaporationDeviation,
      double powerMean,
      double powerDeviation,
      double bodyMean,
      double bodyDeviation) {}
}
