package urnstew.core.formula;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import urnstew.core.formula.ResolvedFormula.Portion;

/**
 * The simmer of a formula, cut where its stages end: each phase has one heat, one lid and one end.
 *
 * @param formula of one school
 * @param all in the order of the work; empty where nothing simmers
 */
public record SimmerPhases(Formula formula, List<SimmerPhase> all) {
  public SimmerPhases {
    all = List.copyOf(all);
  }

  /**
   * Stages that simmer as one.
   *
   * @param stages their places in the formula
   * @param last the one that ends it, and says how hot
   * @param until what ends it
   */
  public record SimmerPhase(List<Integer> stages, Stage last, StageEnd until) {
    public SimmerPhase {
      stages = List.copyOf(stages);
    }

    /** Place of its first stage. */
    public int first() {
      return stages.get(0);
    }

    /** Minutes that it usually takes, or lasts where a clock ends it. */
    public Duration usual() {
      return last.time();
    }
  }

  /**
   * When something is in the pot of the sauce.
   *
   * @param when before the simmer, in it, or at the finish
   * @param phase of the simmer; 0 where it is not in it
   * @param after time from the start of that phase
   * @param back what lets it in again, where it was seared and laid aside until then
   */
  public record Entry(StageRole when, int phase, Duration after, Optional<MovePlace> back) {
    /** Whether it is in when the simmer starts. */
    public boolean atFirst() {
      return when == StageRole.PREPARE || when == StageRole.REDUCE && phase == 0 && after.isZero();
    }
  }

  /**
   * Where a move stands.
   *
   * @param stage place of its stage
   * @param move place in that stage
   */
  public record MovePlace(int stage, int move) {}

  /** Of a formula. */
  public static SimmerPhases of(Formula formula) {
    List<SimmerPhase> phases = new ArrayList<>();
    List<Integer> together = new ArrayList<>();
    int last = lastSimmer(formula.stages());
    for (int place = 0; place <= last; place++) {
      Stage stage = formula.stages().get(place);
      if (stage.role() == StageRole.REDUCE) {
        together.add(place);
        StageEnd end = stage.course().end();
        if (place == last || !(end instanceof StageEnd.Unsaid)) {
          StageEnd until = end instanceof StageEnd.Unsaid ? new StageEnd.Thick() : end;
          phases.add(new SimmerPhase(together, stage, until));
          together = new ArrayList<>();
        }
      }
    }
    return new SimmerPhases(formula, phases);
  }

  private static int lastSimmer(List<Stage> stages) {
    int last = -1;
    for (int place = 0; place < stages.size(); place++) {
      last = stages.get(place).role() == StageRole.REDUCE ? place : last;
    }
    return last;
  }

  /** The phase that answers for the hour: the last that ends by its thickness, else the last. */
  public int answering() {
    for (int i = all.size() - 1; i >= 0; i--) {
      if (all.get(i).until() instanceof StageEnd.Thick) {
        return i;
      }
    }
    return Math.max(0, all.size() - 1);
  }

  /**
   * Whether the wanted thickness ends it, or nothing simmers at all; else clocks and cues do, and
   * the thickness follows.
   */
  public boolean thickens() {
    return all.isEmpty() || all.stream().anyMatch(phase -> phase.until() instanceof StageEnd.Thick);
  }

  /** The phase that a stage belongs to; 0 for any that does not simmer. */
  public int phaseOf(int stage) {
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).stages().contains(stage)) {
        return i;
      }
    }
    return 0;
  }

  /** When a portion is in the pot: what is seared and taken out again comes when it comes back. */
  public Entry entry(Portion portion) {
    return back(portion)
        .orElseGet(
            () ->
                new Entry(
                    portion.role(), phaseOf(portion.stage()), after(portion), Optional.empty()));
  }

  private static Duration after(Portion portion) {
    return portion.role() == StageRole.REDUCE ? portion.after() : Duration.ZERO;
  }

  private Optional<Entry> back(Portion portion) {
    String id = portion.ingredient().id();
    boolean seared = portion.role() == StageRole.PREPARE;
    if (!seared || find(portion.stage(), id, PieceMove.Way.OUT).isEmpty()) {
      return Optional.empty();
    }
    for (int place = portion.stage() + 1; place < formula.stages().size(); place++) {
      Optional<MovePlace> back = find(place, id, PieceMove.Way.BACK);
      if (back.isPresent()) {
        return back.map(this::entry);
      }
    }
    return Optional.empty();
  }

  private Optional<MovePlace> find(int stage, String id, PieceMove.Way way) {
    List<PieceMove> moves = formula.stages().get(stage).course().moves();
    for (int i = 0; i < moves.size(); i++) {
      if (moves.get(i).ingredientId().equals(id) && moves.get(i).way() == way) {
        return Optional.of(new MovePlace(stage, i));
      }
    }
    return Optional.empty();
  }

  private Entry entry(MovePlace back) {
    Stage stage = formula.stages().get(back.stage());
    boolean simmers = stage.role() == StageRole.REDUCE;
    Duration after = simmers ? stage.course().moves().get(back.move()).afterStart() : Duration.ZERO;
    return new Entry(stage.role(), phaseOf(back.stage()), after, Optional.of(back));
  }

  /** Ingredients whose pieces leave the pot, or come back to it, while it simmers. */
  public Set<String> moved() {
    Set<String> moved = new HashSet<>();
    for (SimmerPhase phase : all) {
      for (int place : phase.stages()) {
        formula.stages().get(place).course().moves().stream()
            .map(PieceMove::ingredientId)
            .forEach(moved::add);
      }
    }
    return moved;
  }
}
