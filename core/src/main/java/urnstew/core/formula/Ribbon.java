package urnstew.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is in the pot, stage by stage: it swells when something goes in and narrows as water leaves.
 *
 * <p>Before the simmer each stage dries its own lines by the share that the formula says; the last
 * simmer of a sauce brings it to its target, where that is thicker than it is; solids, fat and salt
 * stay throughout.
 *
 * @param steps in the order of the work
 */
public record Ribbon(List<Step> steps) {
  public Ribbon {
    steps = List.copyOf(steps);
  }

  /**
   * One stage.
   *
   * @param stage which
   * @param added raw mass that goes in
   * @param atStart what is in the pot with all of it
   * @param atEnd what is left when the stage is over
   */
  public record Step(Stage stage, Mass added, PotContents atStart, PotContents atEnd) {
    /** Water and alcohol that left. */
    public Mass gone() {
      return new Mass(Math.max(0, atStart.total().kilograms() - atEnd.total().kilograms()));
    }
  }

  /**
   * The ribbon of a formula at its own size.
   *
   * @param target thickness of the sauce; empty for a part
   */
  public static Ribbon of(ResolvedFormula formula, Optional<MassFraction> target) {
    List<Stage> stages = formula.formula().stages();
    int last = lastSimmer(stages);
    List<Step> steps = new ArrayList<>();
    PotContents pot = PotContents.NOTHING;
    for (int place = 0; place < stages.size(); place++) {
      Stage stage = stages.get(place);
      PotContents start = pot.plus(raw(formula.portionsOf(place)));
      PotContents end =
          stage.driesAll()
              ? start.dried(stage.gone())
              : pot.plus(raw(formula.portionsOf(place)).dried(stage.gone()));
      if (stage.role() == StageRole.REDUCE) {
        end = end.cooked();
        end = place == last ? thickened(end, target).without(formula.discarded()) : end;
      }
      steps.add(new Step(stage, formula.massOf(place), start, end));
      pot = end;
    }
    return new Ribbon(steps);
  }

  /** What comes out. */
  public PotContents end() {
    return steps.isEmpty() ? PotContents.NOTHING : steps.get(steps.size() - 1).atEnd();
  }

  /** All water and alcohol that left. */
  public Mass gone() {
    return steps.stream().map(Step::gone).reduce(Mass.ZERO, Mass::plus);
  }

  private static int lastSimmer(List<Stage> stages) {
    int last = -1;
    for (int place = 0; place < stages.size(); place++) {
      last = stages.get(place).role() == StageRole.REDUCE ? place : last;
    }
    return last;
  }

  private static PotContents thickened(PotContents pot, Optional<MassFraction> target) {
    return target
        .filter(thick -> thick.compareTo(pot.equivalentSolids()) > 0)
        .map(pot::reducedTo)
        .orElse(pot);
  }

  private static PotContents raw(List<Portion> portions) {
    return portions.stream().map(Portion::contents).reduce(PotContents.NOTHING, PotContents::plus);
  }
}
