package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;

/**
 * Where a batch was stopped: what is done of the work, and what is still to come.
 *
 * @param whole the formula as it was cooked until then, and as it was meant to go on
 * @param phase of the simmer in which it was stopped
 * @param elapsedSeconds of that phase
 */
record StopPoint(ResolvedFormula whole, int phase, double elapsedSeconds) {
  /** Moves that are still to come, in the order of the work. */
  List<PieceMove> moves() {
    List<PieceMove> moves = new ArrayList<>();
    for (int place = 0; place < whole.formula().stages().size(); place++) {
      moves.addAll(movesOf(place));
    }
    return moves;
  }

  /** Moves of a stage that are still to come. */
  List<PieceMove> movesOf(int place) {
    Stage stage = whole.formula().stages().get(place);
    if (!isToCome(place)) {
      return List.of();
    }
    boolean running = isRunning(place);
    return stage.course().moves().stream()
        .filter(
            move -> !running || move.atTheEnd() || move.afterStart().toSeconds() > elapsedSeconds)
        .toList();
  }

  /** Whether a stage, or what is left of it, is still to come. */
  boolean isToCome(int place) {
    StageRole role = whole.formula().stages().get(place).role();
    return role == StageRole.FINISH
        || role == StageRole.REDUCE && whole.phases().phaseOf(place) >= phase;
  }

  /** Whether it was stopped in a stage. */
  boolean isRunning(int place) {
    return whole.formula().stages().get(place).role() == StageRole.REDUCE
        && whole.phases().phaseOf(place) == phase;
  }

  /** What is left of a time that counts from the start of the phase in which it was stopped. */
  Duration left(Duration after) {
    return Duration.ofSeconds(Math.max(0, after.toSeconds() - Math.round(elapsedSeconds)));
  }
}
