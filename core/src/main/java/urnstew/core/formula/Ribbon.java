package urnstew.core.formula;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
   * @param asideAtStart of that, pieces that stand beside the pot once those are back that come
   * @param asideAtEnd the same when it is over, with those that were taken out
   */
  public record Step(
      Stage stage,
      Mass added,
      PotContents atStart,
      PotContents atEnd,
      Mass asideAtStart,
      Mass asideAtEnd) {
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
    Aside aside = new Aside(formula);
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
      Mass before = aside.after(stage, PieceMove.Way.BACK, place);
      Mass after = aside.after(stage, PieceMove.Way.OUT, place);
      steps.add(new Step(stage, formula.massOf(place), start, end, before, after));
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

  /** Pieces that stand beside the pot on the walk through the stages. */
  private static final class Aside {
    private final ResolvedFormula formula;
    private final Set<String> out = new HashSet<>();

    Aside(ResolvedFormula formula) {
      this.formula = formula;
    }

    /** All of them once a stage has moved some; a share that stays in is not counted out. */
    Mass after(Stage stage, PieceMove.Way way, int place) {
      for (PieceMove move : stage.course().moves()) {
        if (move.way() == way && way == PieceMove.Way.BACK) {
          out.remove(move.ingredientId());
        } else if (move.way() == way && move.share().value() >= 1) {
          out.add(move.ingredientId());
        }
      }
      return formula.portions().stream()
          .filter(portion -> portion.stage() <= place && out.contains(portion.ingredient().id()))
          .map(this::pieces)
          .reduce(Mass.ZERO, Mass::plus);
    }

    /** Raw before any simmer, cooked where they went in with one. */
    private Mass pieces(Portion portion) {
      PotContents whole = formula.later(portion, Set.of()).all();
      boolean cooked = portion.role() == StageRole.REDUCE;
      return (cooked ? whole.cooked() : whole).pieces().whole().total();
    }
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
