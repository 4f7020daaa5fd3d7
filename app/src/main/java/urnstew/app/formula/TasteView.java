package urnstew.app.formula;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import urnstew.core.balance.Band;
import urnstew.core.balance.InPot;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.balance.Taste;
import urnstew.core.balance.TasteProfile;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;

/** One string, in its own unit, with the band that the style likes. */
public record TasteView(Taste taste, double now, double after, double low, double high) {
  /** All strings of a pot. */
  public static List<TasteView> of(TasteProfile now, TasteProfile after, Family family) {
    return Arrays.stream(Taste.values()).map(taste -> of(taste, now, after, family)).toList();
  }

  /** All strings of a formula that is not begun; none where it is too dry to be sour. */
  static List<TasteView> of(ResolvedFormula formula) {
    InPot pot = InPot.beforeTheFinish(formula);
    RemainingProcess course =
        RemainingProcess.of(formula, formula.formula().target(), Optional.empty());
    return of(pot, course.after(pot), formula.formula().family());
  }

  /** All strings of what a pot is now and then; none where it is too dry to be sour. */
  public static List<TasteView> of(InPot now, InPot after, Family family) {
    try {
      return of(TasteProfile.of(now), TasteProfile.of(after), family);
    } catch (OutOfModelRange dry) {
      return List.of();
    }
  }

  private static TasteView of(Taste taste, TasteProfile now, TasteProfile after, Family family) {
    Band band = Band.of(family, taste);
    return new TasteView(taste, taste.on(now), taste.on(after), band.low(), band.high());
  }
}
