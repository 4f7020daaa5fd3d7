package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sauce.Pieces;
import urnstew.units.Mass;

/**
 * Which pieces are in a pot by what went in, and which of them somebody lifts out: steaks, shells,
 * thighs, the halved onion that a stage takes out; not olives or diced carrot, which go with every
 * spoon.
 *
 * @param all in the order in which they went in
 */
public record PiecesInPot(List<Piece> all) {
  public PiecesInPot {
    all = List.copyOf(all);
  }

  /**
   * Pieces of one kind.
   *
   * @param ingredient what
   * @param raw as they went in
   * @param comesOut whether they are lifted out whole
   */
  public record Piece(Ingredient ingredient, Pieces raw, boolean comesOut) {}

  /** What is in just before a moment. */
  public static PiecesInPot before(BatchHistory history, Instant at) {
    ResolvedFormula formula = history.snapshot().inputs().formula();
    ResolvedFormula asPoured = new BatchLines(history, formula).asPoured();
    PiecesInPot simmered = before(history, asPoured, history.simmerSeconds(at));
    return history.finished().isEmpty() ? simmered : simmered.withFinish(asPoured);
  }

  /** Off the heat the finish is in: fish that went in last cools with the rest. */
  private PiecesInPot withFinish(ResolvedFormula asPoured) {
    List<Piece> in = new ArrayList<>(all);
    asPoured.portions().stream()
        .filter(portion -> asPoured.phases().entry(portion).when() == StageRole.FINISH)
        .forEach(
            portion -> add(in, portion.ingredient(), portion.mass(), asPoured.comesOut(portion)));
    return new PiecesInPot(in);
  }

  /** The same, of lines as they were poured. */
  static PiecesInPot before(BatchHistory history, ResolvedFormula asPoured, double seconds) {
    Told told = new Told(history);
    List<Act> acts = new ArrayList<>();
    for (int line = 0; line < asPoured.portions().size(); line++) {
      Portion portion = asPoured.portions().get(line);
      boolean comesOut = asPoured.comesOut(portion);
      acts.add(
          new Act(
              told.lineSeconds(line),
              in -> add(in, portion.ingredient(), portion.mass(), comesOut)));
    }
    for (Added added : history.counting(Added.class)) {
      boolean comesOut = added.ingredient().servedApartShare() > 0;
      acts.add(
          new Act(
              history.simmerSeconds(added.at()),
              in -> add(in, added.ingredient(), added.mass(), comesOut)));
    }
    moves(asPoured, told, acts);
    for (PiecesTakenOut out : history.counting(PiecesTakenOut.class)) {
      acts.add(
          new Act(
              Math.nextUp(history.simmerSeconds(out.at())),
              in -> in.removeIf(piece -> leaves(piece, out))));
    }
    List<Piece> in = new ArrayList<>();
    acts.stream()
        .filter(act -> act.seconds() <= seconds)
        .sorted(Comparator.comparingDouble(Act::seconds))
        .forEach(act -> act.on().accept(in));
    return new PiecesInPot(in);
  }

  /** Something that happens to what is in. */
  private record Act(double seconds, Consumer<List<Piece>> on) {}

  /** What stages take out all of, and let in again. */
  private static void moves(ResolvedFormula asPoured, Told told, List<Act> acts) {
    for (SimmerPhase phase : asPoured.phases().all()) {
      for (int stage : phase.stages()) {
        List<PieceMove> moves = asPoured.formula().stages().get(stage).course().moves();
        for (int i = 0; i < moves.size(); i++) {
          PieceMove move = moves.get(i);
          if (move.share().value() >= 1) {
            acts.add(new Act(told.moveSeconds(stage, i), in -> moved(in, move, asPoured)));
          }
        }
      }
    }
  }

  private static void moved(List<Piece> in, PieceMove move, ResolvedFormula asPoured) {
    in.removeIf(piece -> piece.ingredient().id().equals(move.ingredientId()));
    if (move.way() == PieceMove.Way.BACK) {
      asPoured.portions().stream()
          .filter(portion -> portion.ingredient().id().equals(move.ingredientId()))
          .forEach(
              portion -> add(in, portion.ingredient(), portion.mass(), asPoured.comesOut(portion)));
    }
  }

  /** Ingredients of which pieces were ever taken out by an entry. */
  static Set<String> movedIn(BatchHistory history) {
    Set<String> moved = new HashSet<>();
    for (PiecesTakenOut out : history.counting(PiecesTakenOut.class)) {
      before(history, out.at()).leaving(out).forEach(moved::add);
    }
    return moved;
  }

  /** Ingredients of which an entry takes the pieces out. */
  Set<String> leaving(PiecesTakenOut out) {
    return all.stream()
        .filter(piece -> leaves(piece, out))
        .map(piece -> piece.ingredient().id())
        .collect(Collectors.toSet());
  }

  /** Of a formula that was made elsewhere; what is thrown away is out. */
  public static PiecesInPot of(ResolvedFormula formula) {
    List<Piece> in = new ArrayList<>();
    for (Portion portion : formula.portions()) {
      if (!formula.isDiscarded(portion)) {
        add(in, portion.ingredient(), portion.mass(), formula.comesOut(portion));
      }
    }
    return new PiecesInPot(in);
  }

  /** The heaviest single piece of those that stay whole, where its kind has a usual one. */
  public Optional<Mass> heaviest() {
    return all.stream()
        .filter(Piece::comesOut)
        .flatMap(piece -> piece.ingredient().measuring().piece().stream())
        .map(urnstew.core.pantry.Piece::mass)
        .max(Comparator.naturalOrder());
  }

  /** Those that stay whole, but have no usual size: somebody has to measure one. */
  public List<String> unsized() {
    return all.stream()
        .filter(Piece::comesOut)
        .map(Piece::ingredient)
        .filter(ingredient -> ingredient.measuring().piece().isEmpty())
        .map(Ingredient::name)
        .distinct()
        .toList();
  }

  private static void add(List<Piece> in, Ingredient what, Mass mass, boolean comesOut) {
    Pieces raw = what.contents(mass).pieces();
    if (raw.whole().total().kilograms() > 0) {
      in.add(new Piece(what, raw, comesOut));
    }
  }

  /**
   * Whether an entry takes these out: those that it names, or all that come out where it names
   * none.
   */
  private static boolean leaves(Piece piece, PiecesTakenOut out) {
    return out.which().isEmpty() ? piece.comesOut() : out.which().contains(piece.ingredient().id());
  }
}
