package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;

/**
 * A formula with its ingredients in hand, ready to be computed with.
 *
 * @param formula the definition
 * @param portions what goes in, in the order of the work
 */
public record ResolvedFormula(Formula formula, List<Portion> portions) {
  public ResolvedFormula {
    portions = List.copyOf(portions);
  }

  /**
   * One ingredient with its amount at the formula's own size.
   *
   * @param ingredient what
   * @param mass how much
   * @param role when
   * @param stageTitle in which stage
   * @param note cut or moment
   */
  public record Portion(
      Ingredient ingredient, Mass mass, StageRole role, String stageTitle, String note) {}

  /** Looks every ingredient up. */
  public static ResolvedFormula of(Formula formula, Pantry pantry) {
    return new ResolvedFormula(
        formula,
        formula.stages().stream()
            .flatMap(
                stage ->
                    stage.lines().stream()
                        .map(
                            line ->
                                new Portion(
                                    pantry.ingredient(line.ingredientId()),
                                    line.mass(),
                                    stage.role(),
                                    stage.title(),
                                    line.note())))
            .toList());
  }

  /** What is in the pot when the simmer starts, at the formula's own size. */
  public Composition intoThePot() {
    return contents(false);
  }

  /** What is added when it is thick enough, at the formula's own size. */
  public Composition atTheFinish() {
    return contents(true);
  }

  /** Fixed time in the pot before the simmer starts. */
  public Duration leadTime() {
    return fixedTime(StageRole.PREPARE);
  }

  /** Fixed time from thick enough to the table. */
  public Duration finishTime() {
    return fixedTime(StageRole.FINISH);
  }

  private Duration fixedTime(StageRole role) {
    return formula.stages().stream()
        .filter(stage -> stage.role() == role)
        .map(Stage::time)
        .reduce(Duration.ZERO, Duration::plus);
  }

  private Composition contents(boolean finish) {
    return portions.stream()
        .filter(portion -> (portion.role() == StageRole.FINISH) == finish)
        .map(portion -> portion.ingredient().perKilogram().times(portion.mass().kilograms()))
        .reduce(Composition.NOTHING, Composition::plus);
  }
}
