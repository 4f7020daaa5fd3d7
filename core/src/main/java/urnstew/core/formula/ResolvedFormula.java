package urnstew.core.formula;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A formula with its ingredients in hand, ready to be computed with.
 *
 * @param formula the definition, of one school
 * @param portions what goes in, in the order of the work
 */
public record ResolvedFormula(Formula formula, List<Portion> portions) {
  /** Words for what can be found again in a pot (assumption). */
  private static final List<String> UNCUT = List.of("halved", "whole", "quartered");

  public ResolvedFormula {
    portions = List.copyOf(portions);
  }

  /**
   * One ingredient with its amount at the formula's own size.
   *
   * @param ingredient what, as it goes in: what its note says is done to it already
   * @param mass how much
   * @param role when
   * @param stage place of its stage, from 0
   * @param stageTitle in which stage
   * @param after time from the start of the stage
   * @param note cut or moment
   * @param firstDose share that goes in before tasting
   * @param yieldShare of the bought weight that goes in, after peel, bone and what the note says
   */
  public record Portion(
      Ingredient ingredient,
      Mass mass,
      StageRole role,
      int stage,
      String stageTitle,
      Duration after,
      String note,
      MassFraction firstDose,
      double yieldShare) {
    /** So much of it, as it goes in. */
    public PotContents contents() {
      return ingredient.contents(mass);
    }

    /** What has to be bought for it. */
    public Mass bought() {
      return mass.times(1 / yieldShare);
    }

    public Portion of(Ingredient other) {
      return new Portion(other, mass, role, stage, stageTitle, after, note, firstDose, yieldShare);
    }

    public Portion times(double factor) {
      return at(mass.times(factor), after);
    }

    /** The same ingredient, in another amount and at another time. */
    public Portion at(Mass poured, Duration time) {
      return new Portion(
          ingredient, poured, role, stage, stageTitle, time, note, firstDose, yieldShare);
    }
  }

  /** Looks every ingredient up; questions without an answer take their first way. */
  public static ResolvedFormula of(Formula formula, Pantry pantry) {
    Formula chosen = formula.choosing(List.of());
    List<Portion> portions = new ArrayList<>();
    for (int place = 0; place < chosen.stages().size(); place++) {
      Stage stage = chosen.stages().get(place);
      for (Stage.Line line : stage.lines()) {
        portions.add(portion(line, stage, place, pantry.ingredient(line.ingredientId())));
      }
    }
    return new ResolvedFormula(chosen, portions);
  }

  private static Portion portion(Stage.Line line, Stage stage, int place, Ingredient asBought) {
    List<Handling> handlings = Handlings.shipped().in(line.note(), asBought);
    Ingredient asItGoesIn = asBought;
    double yieldShare = asBought.buying().edibleShare();
    for (Handling handling : handlings) {
      asItGoesIn = handling.leaves(asItGoesIn);
      yieldShare *= handling.yieldShare();
    }
    return new Portion(
        asItGoesIn,
        line.mass(),
        stage.role(),
        place,
        stage.title(),
        line.after(),
        line.note(),
        line.firstDose(),
        yieldShare);
  }

  public ResolvedFormula times(double factor) {
    return new ResolvedFormula(
        formula, portions.stream().map(portion -> portion.times(factor)).toList());
  }

  /** What is in the pot when the simmer starts. */
  public PotContents intoThePot() {
    PotContents pot = PotContents.NOTHING;
    for (int place = 0; place < formula.stages().size(); place++) {
      Stage stage = formula.stages().get(place);
      if (stage.role() != StageRole.FINISH) {
        pot =
            stage.driesAll()
                ? pot.plus(atFirst(place)).dried(stage.gone())
                : pot.plus(atFirst(place).dried(stage.gone()));
      }
    }
    return pot;
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
    return contentsOf(
        portions.stream().filter(portion -> portion.role() == StageRole.FINISH).toList());
  }

  /**
   * Whether a portion is lifted out whole: what is served apart, and what a stage takes out again
   * where it went in uncut.
   */
  public boolean comesOut(Portion portion) {
    return portion.ingredient().servedApartShare() > 0 || isDiscarded(portion);
  }

  /** Whether it is taken out and thrown away. */
  public boolean isDiscarded(Portion portion) {
    String name = portion.ingredient().name().toLowerCase(Locale.ROOT);
    return portion.ingredient().pieces().isPresent()
        && UNCUT.stream().anyMatch(portion.note()::contains)
        && formula.stages().stream()
            .flatMap(stage -> stage.takeOuts().stream())
            .anyMatch(what -> what.toLowerCase(Locale.ROOT).contains(name));
  }

  /** What is taken out and thrown away, less the juice that it gave: it is nobody's portion. */
  public Composition discarded() {
    return portions.stream()
        .filter(this::isDiscarded)
        .map(portion -> portion.contents().cooked().pieces().whole())
        .reduce(Composition.NOTHING, Composition::plus);
  }

  /** What a stage takes. */
  public List<Portion> portionsOf(int stage) {
    return portions.stream().filter(portion -> portion.stage() == stage).toList();
  }

  /** Raw mass of all that a stage takes. */
  public Mass massOf(int stage) {
    return portionsOf(stage).stream().map(Portion::mass).reduce(Mass.ZERO, Mass::plus);
  }

  /** Raw mass of everything. */
  public Mass mass() {
    return portions.stream().map(Portion::mass).reduce(Mass.ZERO, Mass::plus);
  }

  /** Fixed time from thick enough to the table. */
  public Duration finishTime() {
    return formula.stages().stream()
        .filter(stage -> stage.role() == StageRole.FINISH)
        .map(Stage::time)
        .reduce(Duration.ZERO, Duration::plus);
  }

  /** With the finish in it, and what baking it dries off. */
  public PotContents finished(PotContents thick) {
    return baked(thick.plus(atTheFinish()));
  }

  /** What is finished, after the bakes of its finish. */
  public PotContents baked(PotContents finished) {
    PotContents pot = finished;
    for (Stage stage : formula.stages()) {
      if (stage.role() == StageRole.FINISH && stage.driesAll()) {
        pot = pot.dried(stage.gone());
      }
    }
    return pot;
  }

  /** What a stage puts into the pot at its start. */
  PotContents atFirst(int stage) {
    return contentsOf(
        portionsOf(stage).stream()
            .filter(portion -> portion.role() != StageRole.REDUCE || portion.after().isZero())
            .toList());
  }

  private static PotContents contentsOf(List<Portion> portions) {
    return portions.stream().map(Portion::contents).reduce(PotContents.NOTHING, PotContents::plus);
  }
}
