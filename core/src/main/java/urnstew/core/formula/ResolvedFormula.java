package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.sauce.PotContents;
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
   * @param after time from the start of the stage
   * @param note cut or moment
   */
  public record Portion(
      Ingredient ingredient,
      Mass mass,
      StageRole role,
      String stageTitle,
      Duration after,
      String note) {
    /** So much of it, as it goes in. */
    public PotContents contents() {
      return ingredient.contents(mass);
    }

    public Portion of(Ingredient other) {
      return new Portion(other, mass, role, stageTitle, after, note);
    }

    public Portion times(double factor) {
      return new Portion(ingredient, mass.times(factor), role, stageTitle, after, note);
    }
  }

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
                                    line.after(),
                                    line.note())))
            .toList());
  }

  public ResolvedFormula times(double factor) {
    return new ResolvedFormula(
        formula, portions.stream().map(portion -> portion.times(factor)).toList());
  }

  /** What is in the pot when the simmer starts. */
  public PotContents intoThePot() {
    return formula.stages().stream()
        .filter(stage -> stage.role() != StageRole.FINISH)
        .map(this::atFirst)
        .reduce(PotContents.NOTHING, PotContents::plus);
  }

  /** What is added while it simmers. */
  public List<Portion> additions() {
    return portions.stream()
        .filter(portion -> portion.role() == StageRole.REDUCE && !portion.after().isZero())
        .toList();
  }

  /** Everything that is in the pot before the finish, as if put in together. */
  public PotContents beforeTheFinish() {
    return additions().stream().map(Portion::contents).reduce(intoThePot(), PotContents::plus);
  }

  /** What is added when it is thick enough. */
  public PotContents atTheFinish() {
    return portions.stream()
        .filter(portion -> portion.role() == StageRole.FINISH)
        .map(Portion::contents)
        .reduce(PotContents.NOTHING, PotContents::plus);
  }

  /** Raw mass of all that a stage takes. */
  public Mass massOf(Stage stage) {
    return portions.stream()
        .filter(portion -> portion.stageTitle().equals(stage.title()))
        .map(Portion::mass)
        .reduce(new Mass(0), Mass::plus);
  }

  /** Fixed time from thick enough to the table. */
  public Duration finishTime() {
    return formula.stages().stream()
        .filter(stage -> stage.role() == StageRole.FINISH)
        .map(Stage::time)
        .reduce(Duration.ZERO, Duration::plus);
  }

  private PotContents atFirst(Stage stage) {
    return portions.stream()
        .filter(portion -> portion.stageTitle().equals(stage.title()))
        .filter(portion -> portion.role() != StageRole.REDUCE || portion.after().isZero())
        .map(Portion::contents)
        .reduce(PotContents.NOTHING, PotContents::plus)
        .dried(stage.driedShare());
  }
}
