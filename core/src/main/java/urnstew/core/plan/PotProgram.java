package urnstew.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageEnd;
import urnstew.core.formula.StageRole;
import urnstew.core.reduction.Change;
import urnstew.core.reduction.Phase;
import urnstew.core.reduction.PhaseEnd;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * The simmer of a batch as a program for its pot: each phase of the formula with its heat, lid,
 * additions, pieces that come and go, and its end.
 */
public final class PotProgram {
  /** Of what was seared and laid aside, by the time that it comes back (assumption). */
  private static final Temperature LAID_ASIDE = Temperature.ofCelsius(40);

  /** Of what was kept since an earlier day, as it comes out of the cold (assumption). */
  private static final Temperature KEPT = Temperature.ofCelsius(5);

  /** How long a phase lasts that says neither minutes nor anything else, s (assumption). */
  private static final double A_MOMENT = 60;

  private final SimmerSetting setting;
  private final List<StageSetting> otherwise;
  private final ResolvedFormula batch;
  private final SimmerPhases phases;
  private final Set<String> apart;
  private final Map<String, Double> told;

  private PotProgram(
      SimmerSetting setting,
      List<StageSetting> otherwise,
      ResolvedFormula batch,
      Set<String> apart,
      Map<String, Double> told) {
    this.setting = setting;
    this.otherwise = otherwise;
    this.batch = batch;
    this.phases = batch.phases();
    this.apart = new HashSet<>(apart);
    this.apart.addAll(phases.moved());
    this.told = told;
  }

  /** As planned. */
  public static Program of(PlanInputs inputs, ResolvedFormula batch) {
    return of(inputs, batch, Set.of(), Map.of());
  }

  /**
   * The same where some of it was told already.
   *
   * @param apart ingredients whose pieces somebody moved
   * @param told seconds from the start of the simmer at which lines ({@code line-3}), pieces
   *     ({@code move-5-0}) and phases ({@code phase-1}) were in, moved or begun
   */
  public static Program of(
      PlanInputs inputs, ResolvedFormula batch, Set<String> apart, Map<String, Double> told) {
    return new PotProgram(inputs.setting(), inputs.stages(), batch, apart, told).program();
  }

  /** Key of a line of the formula. */
  public static String line(int line) {
    return "line-" + line;
  }

  /** Key of the start of a phase. */
  public static String phase(int phase) {
    return "phase-" + phase;
  }

  /** Key of pieces that a stage moves. */
  public static String move(int stage, int move) {
    return "move-" + stage + "-" + move;
  }

  private Program program() {
    List<Phase> all = new ArrayList<>();
    List<Change> done = new ArrayList<>();
    for (int place = 0; place < Math.max(1, phases.all().size()); place++) {
      all.add(phase(place, done));
    }
    Program pot = Program.of(setting, batch.intoThePot()).from(batch.intoThePot(apart));
    return pot.through(all).with(done).from(start());
  }

  /** Room temperature, but for what was kept in the cold; by mass. */
  private Temperature start() {
    double kept = 0;
    double all = 0;
    for (Portion portion : batch.portions()) {
      if (phases.entry(portion).atFirst()) {
        all += portion.mass().kilograms();
        kept += isKept(portion) ? portion.mass().kilograms() : 0;
      }
    }
    double room = setting.surroundings().room().celsius();
    double cold = all == 0 ? 0 : kept / all;
    return Temperature.ofCelsius(room + cold * (KEPT.celsius() - room));
  }

  private static boolean isKept(Portion portion) {
    return portion.made().filter(part -> !part.isMadeNow()).isPresent();
  }

  private Temperature warmth(Portion portion, Entry entry) {
    if (isKept(portion)) {
      return KEPT;
    }
    return entry.back().isPresent() ? LAID_ASIDE : setting.surroundings().room();
  }

  /**
   * One phase; the plan's own heat and lid are those of the phase that answers for the hour.
   *
   * @param done gets what was told
   */
  private Phase phase(int place, List<Change> done) {
    if (phases.all().isEmpty()) {
      return Phase.of(setting.heating(), setting.lid(), new PhaseEnd.Thick());
    }
    SimmerPhase phase = phases.all().get(place);
    List<Change> planned = new ArrayList<>();
    additions(place, planned, done);
    if (place > 0) {
      moves(phases.all().get(place - 1), true, planned, done);
    }
    moves(phase, false, planned, done);
    Phase own =
        place == phases.answering()
            ? Phase.of(setting.heating(), setting.lid(), end(place, phase))
            : Phase.of(phase.last().heat().heating(), phase.last().lid(), end(place, phase));
    return otherwise.stream()
        .filter(other -> other.phase() == place && place != phases.answering())
        .findFirst()
        .map(other -> own.with(other.heating(), other.lid()))
        .orElse(own)
        .with(planned);
  }

  private void additions(int place, List<Change> planned, List<Change> done) {
    for (int line = 0; line < batch.portions().size(); line++) {
      Portion portion = batch.portions().get(line);
      Entry entry = phases.entry(portion);
      boolean here = entry.when() == StageRole.REDUCE && entry.phase() == place;
      if (here && !entry.atFirst()) {
        Double at = told.get(key(line, entry));
        double seconds = at == null ? entry.after().toSeconds() : at;
        (at == null ? planned : done)
            .add(new Change.Added(seconds, batch.later(portion, apart), warmth(portion, entry)));
      }
    }
  }

  /** What is told of a line that comes later: itself, or that its seared pieces are back. */
  public static String key(int line, Entry entry) {
    return entry.back().map(back -> move(back.stage(), back.move())).orElse(line(line));
  }

  /**
   * Pieces that a phase moves.
   *
   * @param atTheEnd those that wait for its end: the first that happens in the phase after it
   */
  private void moves(SimmerPhase phase, boolean atTheEnd, List<Change> planned, List<Change> done) {
    for (int stage : phase.stages()) {
      List<PieceMove> moves = batch.formula().stages().get(stage).course().moves();
      for (int i = 0; i < moves.size(); i++) {
        PieceMove move = moves.get(i);
        Double at = told.get(move(stage, i));
        if (move.atTheEnd() == atTheEnd) {
          double seconds = at == null ? move.afterStart().toSeconds() : at;
          (at == null ? planned : done).add(change(move, seconds));
        }
      }
    }
  }

  private static Change change(PieceMove move, double seconds) {
    return move.way() == PieceMove.Way.OUT
        ? new Change.PiecesOut(seconds, move.ingredientId(), move.share().value())
        : new Change.PiecesBack(seconds, move.ingredientId(), move.share().value(), LAID_ASIDE);
  }

  /** As the formula says it, or when a later phase was told to have begun. */
  private PhaseEnd end(int place, SimmerPhase phase) {
    for (int later = place + 1; later < phases.all().size(); later++) {
      Double at = told.get(phase(later));
      if (at != null) {
        return new PhaseEnd.At(at);
      }
    }
    return end(phase.until(), phase.last());
  }

  private PhaseEnd end(StageEnd until, Stage stage) {
    if (until instanceof StageEnd.ThickAs as) {
      return new PhaseEnd.ThickAs(as.solids());
    }
    if (until instanceof StageEnd.DownToMass down) {
      return new PhaseEnd.DownToMass(new Mass(down.mass().kilograms() * batch.scaleFactor()));
    }
    if (until instanceof StageEnd.DownToVolume down) {
      return new PhaseEnd.DownToVolume(
          new Volume(down.volume().cubicMeters() * batch.scaleFactor()));
    }
    if (until instanceof StageEnd.DownToDepth down) {
      return new PhaseEnd.DownToDepth(down.depth());
    }
    if (until instanceof StageEnd.Warm warm) {
      return new PhaseEnd.Warm(warm.temperature());
    }
    if (until instanceof StageEnd.AllIn) {
      return new PhaseEnd.After(A_MOMENT);
    }
    return until instanceof StageEnd.Thick
        ? new PhaseEnd.Thick()
        : new PhaseEnd.After(stage.time().toSeconds());
  }
}
