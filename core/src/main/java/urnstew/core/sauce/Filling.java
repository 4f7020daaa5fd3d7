package urnstew.core.sauce;

import java.util.ArrayList;
import java.util.List;
import urnstew.units.MassFraction;

/**
 * What goes into a pot, with the kinds of pieces that are told apart since something moves them.
 *
 * @param rest sauce and all other pieces
 * @param kinds told apart; one that came in twice stands twice, each with what it has yet to give
 */
public record Filling(PotContents rest, List<PieceKind> kinds) {
  public static final Filling NOTHING = of(PotContents.NOTHING);

  public Filling {
    kinds = List.copyOf(kinds);
  }

  /** With nothing told apart. */
  public static Filling of(PotContents all) {
    return new Filling(all, List.of());
  }

  /** With its pieces told apart by a key. */
  public static Filling apart(PotContents all, String key) {
    return all.pieces().equals(Pieces.NONE)
        ? of(all)
        : new Filling(
            new PotContents(all.sauce(), all.thickeningKilograms(), Pieces.NONE),
            List.of(new PieceKind(key, all.pieces())));
  }

  /** Everything as one. */
  public PotContents all() {
    if (kinds.isEmpty()) {
      return rest;
    }
    Pieces pieces = rest.pieces();
    for (PieceKind kind : kinds) {
      pieces = pieces.plus(kind.pieces());
    }
    return new PotContents(rest.sauce(), rest.thickeningKilograms(), pieces);
  }

  public Filling plus(Filling more) {
    return new Filling(rest.plus(more.rest), PieceKind.joined(kinds, more.kinds));
  }

  public Filling times(double factor) {
    return new Filling(rest.times(factor), kinds.stream().map(kind -> kind.times(factor)).toList());
  }

  /** With a share of all water and alcohol driven off, also out of the pieces. */
  public Filling dried(MassFraction share) {
    List<PieceKind> dry = new ArrayList<>();
    for (PieceKind kind : kinds) {
      dry.add(new PieceKind(kind.key(), kind.pieces().dried(share)));
    }
    return new Filling(rest.dried(share), dry);
  }
}
