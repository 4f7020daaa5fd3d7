package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.batch.Unfinished.Lifted;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sauce.PotContents;
import urnstew.units.MassFraction;

/** What is still to be cooked of a batch that was stopped, as a formula of its own. */
final class RestOfBatch {
  /** A stage that is as good as over still takes so long, min (assumption). */
  private static final long LEAST_MINUTES = 1;

  private static final Stage TOGETHER =
      Stage.plain("Together again", StageRole.FINISH, Technique.FINISH);

  private final Unfinished of;
  private final StopPoint stop;
  private final ResolvedFormula whole;

  RestOfBatch(Unfinished of) {
    this.of = of;
    this.stop = of.stop();
    this.whole = of.whole();
  }

  /**
   * What is still to be cooked, at the size of the batch.
   *
   * @param kept what is kept, as an ingredient
   * @param caution before the first stage, as how to warm it up again
   */
  ResolvedFormula of(Ingredient kept, String caution) {
    List<Stage> stages = new ArrayList<>();
    List<Portion> portions = new ArrayList<>();
    for (int place = 0; place < whole.formula().stages().size(); place++) {
      if (stop.isToCome(place)) {
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
        stages.add(stage.with(here.stream().map(RestOfBatch::written).toList()));
      }
    }
    together(stages, portions);
    return new ResolvedFormula(whole.formula().with(stages), portions);
  }

  /** Pieces that wait beside the pot for the plate are there when it is done. */
  private void together(List<Stage> stages, List<Portion> portions) {
    List<String> back =
        stop.moves().stream().filter(this::isBack).map(PieceMove::ingredientId).toList();
    List<Lifted> waiting =
        of.lifted().stream().filter(kind -> kind.beside() && !back.contains(kind.key())).toList();
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
    stages.add(TOGETHER.with(here.stream().map(RestOfBatch::written).toList()));
  }

  /** What is kept, with pieces that will leave it told apart. */
  private List<Portion> kept(Ingredient kept, int place) {
    List<Portion> all = new ArrayList<>();
    all.add(line(ofTheSauce(kept), of.sauce().contents(), place, Duration.ZERO, "kept"));
    for (Lifted kind : of.lifted()) {
      if (!kind.beside()) {
        all.add(line(kind.inTheTub(), place, Duration.ZERO));
      }
    }
    return all;
  }

  /** Pieces bring their own salt and taste with them. */
  private Ingredient ofTheSauce(Ingredient kept) {
    double out = of.sauce().mass().kilograms();
    return of.lifted().isEmpty() || out == 0
        ? kept
        : kept.as(
            of.sauce().contents().everything().times(1 / out),
            new MassFraction(of.sauce().saltKilograms() / out),
            of.sauce().taste().times(1 / out));
  }

  private List<Portion> toCome(int place) {
    return of.toCome().stream()
        .filter(portion -> placeOf(portion) == place)
        .map(
            portion ->
                stop.isRunning(place) ? portion.entering(stop.left(portion.after())) : portion)
        .toList();
  }

  /** What waits for the tasting waits on where its own stage is over. */
  private int placeOf(Portion portion) {
    return stop.isToCome(portion.stage()) ? portion.stage() : whole.formula().stages().size() - 1;
  }

  /** Pieces beside the pot go in where they come back. */
  private List<Portion> back(int place) {
    return stop.movesOf(place).stream()
        .filter(this::isBack)
        .flatMap(
            move -> {
              Duration after =
                  stop.isRunning(place) ? stop.left(move.afterStart()) : move.afterStart();
              return of.lifted().stream()
                  .filter(kind -> kind.key().equals(move.ingredientId()))
                  .map(kind -> line(kind.share(move.share().value()), place, after));
            })
        .toList();
  }

  private boolean isBack(PieceMove move) {
    return move.way() == PieceMove.Way.BACK
        && of.lifted().stream()
            .anyMatch(kind -> kind.beside() && kind.key().equals(move.ingredientId()));
  }

  private Stage stage(int place, String caution) {
    Stage was = whole.formula().stages().get(place);
    boolean running = stop.isRunning(place);
    Duration time = running ? stop.left(was.time()) : was.time();
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
    boolean running = stop.isRunning(place);
    return stop.movesOf(place).stream()
        .filter(move -> !isBack(move))
        .map(move -> running && !move.atTheEnd() ? move.at(stop.left(move.afterStart())) : move)
        .toList();
  }

  private Portion line(Lifted kind, int place, Duration after) {
    return line(kind.ingredient(), kind.contents(), place, after, kind.note());
  }

  private Portion line(
      Ingredient what, PotContents contents, int place, Duration after, String note) {
    return new Portion(
        what,
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
