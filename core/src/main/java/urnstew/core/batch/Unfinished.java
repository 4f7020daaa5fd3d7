package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.formula.Cues;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageHeat;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.pantry.Ingredient;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PieceKind;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A batch that was stopped before it was done: what is kept of it, and what is still to come.
 * Whoever goes on with it, or with a part of it, cooks the rest as a formula of its own, of which
 * what is kept is the first line.
 *
 * @param whole the formula as it was cooked until then, and as it was meant to go on
 * @param phase of the simmer in which it was stopped
 * @param elapsedSeconds of that phase
 * @param sauce what is kept, without pieces that are still to be moved
 * @param kinds pieces that stand beside the pot, or are still to be lifted out
 * @param beside of these, those that stand beside the pot until they come back, or are served
 * @param toCome what is still to go in
 */
public record Unfinished(
    ResolvedFormula whole,
    int phase,
    double elapsedSeconds,
    PotContents sauce,
    List<PieceKind> kinds,
    Set<String> beside,
    List<Portion> toCome) {
  /** A stage that is as good as over still takes so long, min (assumption). */
  private static final long LEAST_MINUTES = 1;

  private static final Stage TOGETHER =
      new Stage(
          "Together again",
          StageRole.FINISH,
          Technique.FINISH,
          new StageHeat(StageHeat.Level.OFF, Optional.empty(), false, Optional.empty()),
          Lid.OFF,
          StageCourse.PLAIN,
          Duration.ZERO,
          new MassFraction(0),
          List.of(),
          List.of(),
          Cues.NONE,
          List.of(),
          "",
          "",
          Optional.empty());

  public Unfinished {
    kinds = List.copyOf(kinds);
    beside = Set.copyOf(beside);
    toCome = List.copyOf(toCome);
  }

  /** Of a batch that was stopped; empty of any other. */
  public static Optional<Unfinished> of(BatchHistory history) {
    OptionalDouble seconds = history.stoppedSeconds();
    return seconds.isEmpty()
        ? Optional.empty()
        : Optional.of(at(history, history.finished().orElseThrow(), seconds.getAsDouble()));
  }

  private static Unfinished at(BatchHistory stopped, Finished end, double seconds) {
    BatchParts parts = Forecaster.parts(stopped, end.at());
    ReductionCurve fall = parts.fall();
    PotState then = fall.at(seconds);
    ResolvedFormula whole = parts.asPoured();
    SimmerPhases phases = whole.phases();
    int phase = 0;
    for (int k = 1; k < phases.all().size(); k++) {
      phase = fall.phaseStart(k).orElse(Double.POSITIVE_INFINITY) <= seconds ? k : phase;
    }
    double elapsedSeconds = seconds - fall.phaseStart(phase).orElse(0.0);
    List<Integer> later = parts.toCome(seconds);
    Set<String> beside = new HashSet<>();
    List<PieceKind> kinds = new ArrayList<>();
    for (PieceKind aside : then.aside()) {
      kinds.add(aside);
      beside.add(aside.key());
    }
    for (int line : later) {
      Portion portion = whole.portions().get(line);
      if (phases.entry(portion).back().isPresent()) {
        PotContents seared = whole.later(portion, Set.of()).all();
        kinds.add(new PieceKind(portion.ingredient().id(), seared.pieces()));
        beside.add(portion.ingredient().id());
      }
    }
    for (String leaving : leaving(whole, phase, elapsedSeconds, stopped)) {
      if (kinds.stream().noneMatch(kind -> kind.key().equals(leaving))) {
        kinds.addAll(inThePot(whole, leaving));
      }
    }
    PotContents sauce = then.contents();
    for (PieceKind kind : kinds) {
      sauce = beside.contains(kind.key()) ? sauce : sauce.without(kind.pieces().whole());
    }
    return new Unfinished(
        whole,
        phase,
        elapsedSeconds,
        weighed(sauce, end, then),
        kinds,
        beside,
        later.stream()
            .map(line -> whole.portions().get(line))
            .filter(portion -> phases.entry(portion).back().isEmpty())
            .toList());
  }

  /** What is still to be lifted out of the pot: to wait beside it, or to be thrown away. */
  private static Set<String> leaving(
      ResolvedFormula whole, int phase, double elapsedSeconds, BatchHistory stopped) {
    Set<String> leaving = new HashSet<>();
    movesFrom(whole, phase, elapsedSeconds).stream()
        .filter(move -> move.way() == PieceMove.Way.OUT)
        .map(PieceMove::ingredientId)
        .forEach(leaving::add);
    if (stopped.counting(PiecesTakenOut.class).isEmpty()) {
      whole.portions().stream()
          .filter(whole::isDiscarded)
          .map(portion -> portion.ingredient().id())
          .forEach(leaving::add);
    }
    return leaving;
  }

  /** A scale knows better: only water leaves. */
  private static PotContents weighed(PotContents sauce, Finished end, PotState then) {
    double water =
        sauce.sauce().waterKilograms()
            + end.finalMass()
                .map(mass -> mass.kilograms() - then.contents().total().kilograms())
                .orElse(0.0);
    return new PotContents(
        sauce.sauce().withWater(Math.max(0, water)), sauce.thickeningKilograms(), sauce.pieces());
  }

  /** Moves that are still to come, in the order of the work. */
  private static List<PieceMove> movesFrom(
      ResolvedFormula whole, int phase, double elapsedSeconds) {
    List<PieceMove> moves = new ArrayList<>();
    for (int place = 0; place < whole.formula().stages().size(); place++) {
      moves.addAll(movesOf(whole, place, phase, elapsedSeconds));
    }
    return moves;
  }

  private static List<PieceMove> movesOf(
      ResolvedFormula whole, int place, int phase, double elapsedSeconds) {
    Stage stage = whole.formula().stages().get(place);
    if (!isToCome(whole, place, phase)) {
      return List.of();
    }
    boolean running = isRunning(whole, place, phase);
    return stage.course().moves().stream()
        .filter(
            move -> !running || move.atTheEnd() || move.afterStart().toSeconds() > elapsedSeconds)
        .toList();
  }

  private static boolean isToCome(ResolvedFormula whole, int place, int phase) {
    StageRole role = whole.formula().stages().get(place).role();
    return role == StageRole.FINISH
        || role == StageRole.REDUCE && whole.phases().phaseOf(place) >= phase;
  }

  private static boolean isRunning(ResolvedFormula whole, int place, int phase) {
    return whole.formula().stages().get(place).role() == StageRole.REDUCE
        && whole.phases().phaseOf(place) == phase;
  }

  /** Pieces of a kind as they are when they have given what they give. */
  private static List<PieceKind> inThePot(ResolvedFormula whole, String ingredient) {
    return whole.portions().stream()
        .filter(portion -> portion.ingredient().id().equals(ingredient))
        .map(portion -> whole.later(portion, Set.of()).all().cooked().pieces())
        .map(pieces -> new PieceKind(ingredient, pieces))
        .toList();
  }

  /** Title of the stage in which it was stopped; empty where nothing simmers. */
  public String from() {
    return whole.phases().all().isEmpty() ? "" : whole.phases().all().get(phase).last().title();
  }

  /** Titles of the stages that are still to come, the one in which it was stopped first. */
  public List<String> stages() {
    return IntStream.range(0, whole.formula().stages().size())
        .filter(place -> isToCome(whole, place, phase))
        .mapToObj(place -> whole.formula().stages().get(place).title())
        .toList();
  }

  /** All that is kept, with pieces that come back. */
  public PotContents contents() {
    return kinds.stream()
        .map(kind -> new PotContents(Composition.NOTHING, 0, kind.pieces()))
        .reduce(sauce, PotContents::plus);
  }

  /** What is kept. */
  public Mass mass() {
    return contents().total();
  }

  /**
   * What is still to be cooked, at the size of the batch.
   *
   * @param kept what is kept, as an ingredient
   * @param caution before the first stage, as how to warm it up again
   */
  public ResolvedFormula rest(Ingredient kept, String caution) {
    List<Stage> stages = new ArrayList<>();
    List<Portion> portions = new ArrayList<>();
    for (int place = 0; place < whole.formula().stages().size(); place++) {
      if (isToCome(whole, place, phase)) {
        List<Portion> here = new ArrayList<>();
        boolean first = stages.isEmpty();
        if (first) {
          here.addAll(kept(kept, place));
        }
        here.addAll(back(place));
        here.addAll(toCome(place));
        Stage stage = stage(place, first ? caution : "");
        int at = stages.size();
        here.stream().map(portion -> portion.in(stage, at)).forEach(portions::add);
        stages.add(stage.with(here.stream().map(Unfinished::written).toList()));
      }
    }
    together(stages, portions);
    return new ResolvedFormula(whole.formula().with(stages), portions);
  }

  /** Pieces that wait beside the pot for the plate are there when it is done. */
  private void together(List<Stage> stages, List<Portion> portions) {
    List<String> back =
        movesFrom(whole, phase, elapsedSeconds).stream()
            .filter(this::isBack)
            .map(PieceMove::ingredientId)
            .toList();
    List<PieceKind> waiting =
        kinds.stream()
            .filter(kind -> beside.contains(kind.key()) && !back.contains(kind.key()))
            .toList();
    if (waiting.isEmpty()) {
      return;
    }
    int last = whole.formula().stages().size() - 1;
    List<Portion> here =
        waiting.stream()
            .map(kind -> line(kind, last, Duration.ZERO))
            .map(portion -> portion.in(TOGETHER, stages.size()))
            .toList();
    portions.addAll(here);
    stages.add(TOGETHER.with(here.stream().map(Unfinished::written).toList()));
  }

  /** What is kept, with pieces that will leave it told apart. */
  private List<Portion> kept(Ingredient kept, int place) {
    List<Portion> all = new ArrayList<>();
    all.add(line(kept, sauce, place, Duration.ZERO, "kept"));
    for (PieceKind kind : kinds) {
      if (!beside.contains(kind.key())) {
        all.add(line(kind, place, Duration.ZERO));
      }
    }
    return all;
  }

  private List<Portion> toCome(int place) {
    return toCome.stream()
        .filter(portion -> portion.stage() == place)
        .map(
            portion ->
                isRunning(whole, place, phase) ? portion.entering(left(portion.after())) : portion)
        .toList();
  }

  /** Pieces beside the pot go in where they come back. */
  private List<Portion> back(int place) {
    return movesOf(whole, place, phase, elapsedSeconds).stream()
        .filter(this::isBack)
        .flatMap(
            move ->
                PieceKind.ofKind(kinds, move.ingredientId(), move.share().value()).stream()
                    .map(
                        kind ->
                            line(
                                kind,
                                place,
                                isRunning(whole, place, phase)
                                    ? left(move.afterStart())
                                    : move.afterStart())))
        .toList();
  }

  private boolean isBack(PieceMove move) {
    return move.way() == PieceMove.Way.BACK && beside.contains(move.ingredientId());
  }

  /** What is left of a time that counts from the start of the phase in which it was stopped. */
  private Duration left(Duration after) {
    return Duration.ofSeconds(Math.max(0, after.toSeconds() - Math.round(elapsedSeconds)));
  }

  private Stage stage(int place, String caution) {
    Stage was = whole.formula().stages().get(place);
    boolean running = isRunning(whole, place, phase);
    Duration time = running ? left(was.time()) : was.time();
    boolean timed = !was.time().isZero();
    Stage rest =
        was.lasting(timed && time.isZero() ? Duration.ofMinutes(LEAST_MINUTES) : time)
            .going(
                was.course()
                    .until(was.course().end().times(whole.scaleFactor()))
                    .moving(moves(place)));
    return caution.isEmpty()
        ? rest
        : rest.minding(was.caution().isEmpty() ? caution : caution + "; " + was.caution());
  }

  private List<PieceMove> moves(int place) {
    boolean running = isRunning(whole, place, phase);
    return movesOf(whole, place, phase, elapsedSeconds).stream()
        .filter(move -> !isBack(move))
        .map(move -> running && !move.atTheEnd() ? move.at(left(move.afterStart())) : move)
        .toList();
  }

  private Portion line(PieceKind kind, int place, Duration after) {
    Portion was =
        whole.portions().stream()
            .filter(one -> one.ingredient().id().equals(kind.key()))
            .findFirst()
            .orElseThrow();
    PotContents pieces = new PotContents(Composition.NOTHING, 0, kind.pieces());
    return line(was.ingredient(), pieces, place, after, was.note());
  }

  private Portion line(
      Ingredient of, PotContents contents, int place, Duration after, String note) {
    return new Portion(
        of,
        contents.total(),
        whole.formula().stages().get(place).role(),
        place,
        "",
        after,
        note,
        new MassFraction(1),
        1,
        Optional.of(MadePart.kept(whole.formula(), contents)));
  }

  private static Stage.Line written(Portion portion) {
    return new Stage.Line(
        portion.ingredient().id(),
        portion.mass(),
        "",
        portion.after(),
        portion.note(),
        portion.firstDose(),
        Optional.empty());
  }
}
