package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
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
        .filter(portion -> portion.role() == StageRole.FINISH)
        .forEach(
            portion -> add(in, portion.ingredient(), portion.mass(), asPoured.comesOut(portion)));
    return new PiecesInPot(in);
  }

  /** The same, of lines as they were poured. */
  static PiecesInPot before(BatchHistory history, ResolvedFormula asPoured, double seconds) {
    List<Piece> in = new ArrayList<>();
    for (Portion portion : asPoured.portions()) {
      boolean later =
          portion.role() == StageRole.FINISH
              || portion.role() == StageRole.REDUCE && portion.after().toSeconds() > seconds;
      if (!later) {
        add(in, portion.ingredient(), portion.mass(), asPoured.comesOut(portion));
      }
    }
    for (Added added : history.counting(Added.class)) {
      if (history.simmerSeconds(added.at()) <= seconds) {
        add(in, added.ingredient(), added.mass(), added.ingredient().servedApartShare() > 0);
      }
    }
    for (PiecesTakenOut out : history.counting(PiecesTakenOut.class)) {
      if (history.simmerSeconds(out.at()) < seconds) {
        in.removeIf(piece -> leaves(piece, out));
      }
    }
    return new PiecesInPot(in);
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
  static boolean leaves(Piece piece, PiecesTakenOut out) {
    return out.which().isEmpty() ? piece.comesOut() : out.which().contains(piece.ingredient().id());
  }

  Pieces together(Predicate<Piece> which) {
    return all.stream().filter(which).map(Piece::raw).reduce(Pieces.NONE, Pieces::plus);
  }
}
