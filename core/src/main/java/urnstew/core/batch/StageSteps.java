package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import urnstew.core.batch.NextStep.Kind;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.PotProgram;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.units.Mass;

/** What the stages of the formula ask for while it simmers: each at its time, told or likely. */
final class StageSteps {
  private final ReductionCurve likely;
  private final List<BatchLine> lines;
  private final ResolvedFormula formula;
  private final SimmerPhases phases;
  private final Told history;
  private final Map<String, Double> told;
  private final List<NextStep> steps = new ArrayList<>();
  private final List<NextStep> byTheClock = new ArrayList<>();

  StageSteps(BatchHistory history, ReductionCurve likely, List<BatchLine> lines) {
    this.likely = likely;
    this.lines = lines;
    this.formula = history.snapshot().inputs().formula();
    this.phases = formula.phases();
    this.history = new Told(history);
    this.told = this.history.seconds();
    gather();
  }

  List<NextStep> all() {
    return List.copyOf(steps);
  }

  /**
   * Those that change the pot at their minute; where the sauce says when it is time, only somebody
   * who looks at it knows.
   */
  List<NextStep> byTheClock() {
    return List.copyOf(byTheClock);
  }

  private void gather() {
    for (int line = 0; line < lines.size(); line++) {
      addition(line, lines.get(line));
    }
    for (int place = 0; place < phases.all().size(); place++) {
      if (place > 0) {
        phase(place, phases.all().get(place));
      }
      moves(place, phases.all().get(place));
    }
    if (likely.outcome() instanceof Reaches) {
      ResolvedFormula asPoured = BatchLines.asPoured(formula, lines);
      TakeOut.of(asPoured).forEach(this::takeOut);
      Binding.of(asPoured, likely.last().contents().everything()).forEach(this::bind);
    }
  }

  private void addition(int line, BatchLine batchLine) {
    Portion portion = batchLine.portion();
    Entry entry = phases.entry(portion);
    if (entry.when() != StageRole.REDUCE || entry.atFirst() || entry.back().isPresent()) {
      return;
    }
    String key = PotProgram.line(line);
    double at = seconds(key, entry.phase(), entry.after().toSeconds());
    if (Double.isFinite(at)) {
      changing(
          entry.phase(),
          new NextStep(
              key,
              at,
              Kind.ADD,
              portion.ingredient().name(),
              portion.note(),
              batchLine.due().kilograms(),
              batchLine.offered().map(Mass::kilograms).orElse(0.0),
              line,
              batchLine.poured().isPresent()));
    }
  }

  /** Heat and lid are those that the fall ran with: of the formula, or of the plan. */
  private void phase(int place, SimmerPhase phase) {
    String key = PotProgram.phase(place);
    double at = seconds(key, place, 0);
    if (Double.isFinite(at)) {
      PotState then = likely.at(Math.nextUp(at));
      String lid = then.setting().lid().name().toLowerCase(Locale.ROOT);
      String how = "lid " + lid + ", " + then.setting().heating().inWords();
      changing(place, step(key, at, Kind.PHASE, phase.last().title(), how));
    }
  }

  private void moves(int place, SimmerPhase phase) {
    for (int stage : phase.stages()) {
      List<PieceMove> moves = formula.formula().stages().get(stage).course().moves();
      for (int i = 0; i < moves.size(); i++) {
        PieceMove move = moves.get(i);
        String key = PotProgram.move(stage, i);
        int from = place + (move.atTheEnd() ? 1 : 0);
        double at = seconds(key, from, move.afterStart().toSeconds());
        if (Double.isFinite(at)) {
          boolean out = move.way() == PieceMove.Way.OUT;
          changing(from, step(key, at, out ? Kind.OUT : Kind.BACK, words(move), ""));
        }
      }
    }
  }

  private void takeOut(TakeOut out) {
    Double said = told.get(out.key());
    double at = said == null ? likely.last().seconds() : said;
    String what = "Take out: " + out.what();
    steps.add(step(out.key(), at, Kind.TAKE_OUT, what, "if one is missing: " + out.missing()));
  }

  private void bind(Binding binding) {
    Double said = told.get(binding.key());
    double at = said == null ? likely.last().seconds() : said;
    steps.add(step(binding.key(), at, Kind.BIND, binding.what(), binding.how()));
  }

  private String words(PieceMove move) {
    String name =
        formula.portions().stream()
            .map(portion -> portion.ingredient())
            .filter(ingredient -> ingredient.id().equals(move.ingredientId()))
            .map(ingredient -> ingredient.name().toLowerCase(Locale.ROOT))
            .findFirst()
            .orElse(move.ingredientId());
    String some =
        move.share().value() < 1
            ? String.format(Locale.ROOT, "%.0f %% of the %s", move.share().percent(), name)
            : name;
    return move.way() == PieceMove.Way.OUT ? "Out: " + some : "Back in: " + some;
  }

  private double seconds(String key, int phase, double after) {
    Double said = told.get(key);
    if (said != null) {
      return said;
    }
    return phase < phases.all().size()
        ? likely.phaseStart(phase).orElse(Double.POSITIVE_INFINITY) + after
        : likely.last().seconds();
  }

  /**
   * A step by which the pot is another one.
   *
   * @param from phase from whose start its minutes count
   */
  private void changing(int from, NextStep step) {
    steps.add(step);
    if (Double.isFinite(history.phaseSeconds(from))) {
      byTheClock.add(step);
    }
  }

  private NextStep step(String key, double at, Kind kind, String what, String detail) {
    return new NextStep(key, at, kind, what, detail, 0, 0, -1, told.containsKey(key));
  }
}
