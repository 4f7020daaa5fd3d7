package urnstew.app.formula;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import urnstew.core.balance.Band;
import urnstew.core.balance.Bead;
import urnstew.core.balance.Beads;
import urnstew.core.balance.Course;
import urnstew.core.balance.InPot;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;

/** One string, in its own unit, with the band that the style likes. */
public record BeadView(Bead bead, double now, double after, double low, double high) {
  /** All strings of a pot. */
  public static List<BeadView> of(Beads now, Beads after, Family family) {
    return Arrays.stream(Bead.values()).map(bead -> of(bead, now, after, family)).toList();
  }

  /** All strings of a formula that is not begun; none where it is too dry to be sour. */
  static List<BeadView> of(ResolvedFormula formula) {
    InPot pot = InPot.beforeTheFinish(formula);
    Course course = Course.of(formula, formula.formula().target(), Optional.empty());
    try {
      return of(Beads.of(pot), Beads.of(course.after(pot)), formula.formula().family());
    } catch (OutOfModelRange dry) {
      return List.of();
    }
  }

  private static BeadView of(Bead bead, Beads now, Beads after, Family family) {
    Band band = Band.of(family, bead);
    return new BeadView(bead, bead.on(now), bead.on(after), band.low(), band.high());
  }
}
