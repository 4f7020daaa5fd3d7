package urnstew.core.reduction;

import java.util.List;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PieceKind;
import urnstew.core.sauce.PotContents;

/**
 * What a pot holds, and what of its pieces stands beside it.
 *
 * @param in the pot
 * @param aside out of it
 */
record Charge(Filling in, List<PieceKind> aside) {
  Charge {
    aside = List.copyOf(aside);
  }

  PotContents all() {
    return in.all();
  }

  Charge plus(Filling more) {
    return new Charge(in.plus(more), aside);
  }

  /** With so much of the sauce left. */
  Charge withSauceTimes(double share) {
    PotContents was = in.rest();
    PotContents left =
        new PotContents(was.sauce().times(share), was.thickeningKilograms() * share, was.pieces());
    return new Charge(new Filling(left, in.kinds()), aside);
  }

  Charge out(String key, double share) {
    return new Charge(
        new Filling(in.rest(), PieceKind.parted(in.kinds(), key, 1 - share)),
        PieceKind.joined(aside, PieceKind.ofKind(in.kinds(), key, share)));
  }

  Charge back(String key, double share) {
    return new Charge(
        new Filling(in.rest(), PieceKind.joined(in.kinds(), PieceKind.ofKind(aside, key, share))),
        PieceKind.parted(aside, key, 1 - share));
  }
}
