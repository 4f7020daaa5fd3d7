package urnstew.core.sauce;

import java.util.ArrayList;
import java.util.List;

/**
 * Pieces of one kind that are told apart from all others, since they leave a pot and come back.
 *
 * @param key names the kind
 * @param pieces as they are now
 */
public record PieceKind(String key, Pieces pieces) {
  public PieceKind times(double factor) {
    return new PieceKind(key, pieces.times(factor));
  }

  /** A share of those of one kind. */
  public static List<PieceKind> ofKind(List<PieceKind> some, String key, double share) {
    return some.stream()
        .filter(kind -> kind.key().equals(key))
        .map(kind -> kind.times(share))
        .toList();
  }

  /** All of them, with only a share left of one kind. */
  public static List<PieceKind> parted(List<PieceKind> some, String key, double leftShare) {
    List<PieceKind> rest = new ArrayList<>();
    for (PieceKind kind : some) {
      if (!kind.key().equals(key)) {
        rest.add(kind);
      } else if (leftShare > 0) {
        rest.add(kind.times(leftShare));
      }
    }
    return rest;
  }

  /** Both together. */
  public static List<PieceKind> joined(List<PieceKind> some, List<PieceKind> more) {
    List<PieceKind> all = new ArrayList<>(some);
    all.addAll(more);
    return all;
  }
}
