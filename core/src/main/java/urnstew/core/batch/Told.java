package urnstew.core.batch;

import java.util.HashMap;
import java.util.Map;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.PotProgram;

/**
 * What somebody said of the course of a simmer: lines that are in, pieces that were moved, phases
 * that began. What nobody said happens as planned; where only the sauce can say when, never.
 */
final class Told {
  private final Map<String, Double> seconds = new HashMap<>();
  private final ResolvedFormula formula;
  private final SimmerPhases phases;

  Told(BatchHistory history) {
    this.formula = history.snapshot().inputs().formula();
    this.phases = formula.phases();
    for (StepDone done : history.counting(StepDone.class)) {
      seconds.put(done.step(), Math.max(1, history.simmerSeconds(done.at())));
    }
    for (Poured poured : history.counting(Poured.class)) {
      double at = Math.max(1, history.simmerSeconds(poured.at()));
      seconds.put(PotProgram.line(poured.line()), at);
    }
  }

  /** Seconds from the start of the simmer, by the keys of {@link PotProgram}. */
  Map<String, Double> seconds() {
    return Map.copyOf(seconds);
  }

  /** When a line is in the pot, s from the start of the simmer; infinite for the finish. */
  double lineSeconds(int line) {
    Entry entry = phases.entry(formula.portions().get(line));
    if (entry.atFirst()) {
      return 0;
    }
    if (entry.when() == StageRole.FINISH) {
      return Double.POSITIVE_INFINITY;
    }
    Double said = seconds.get(PotProgram.key(line, entry));
    return said == null ? phaseSeconds(entry.phase()) + entry.after().toSeconds() : said;
  }

  /** When pieces are moved, s from the start of the simmer. */
  double moveSeconds(int stage, int move) {
    Double said = seconds.get(PotProgram.move(stage, move));
    if (said != null) {
      return said;
    }
    PieceMove piece = formula.formula().stages().get(stage).course().moves().get(move);
    int phase = phases.phaseOf(stage);
    return piece.atTheEnd()
        ? phaseSeconds(phase + 1)
        : phaseSeconds(phase) + piece.afterStart().toSeconds();
  }

  /** When a phase begins, s from the start of the simmer. */
  double phaseSeconds(int phase) {
    if (phase == 0) {
      return 0;
    }
    Double said = seconds.get(PotProgram.phase(phase));
    if (said != null) {
      return said;
    }
    SimmerPhase before = phases.all().get(phase - 1);
    return before.until().isOfTheSauce()
        ? Double.POSITIVE_INFINITY
        : phaseSeconds(phase - 1) + before.usual().toSeconds();
  }
}
