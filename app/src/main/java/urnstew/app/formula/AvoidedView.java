package urnstew.app.formula;

import java.util.List;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Pantry;

/** Something that this kitchen leaves out, and what brings it in. */
public record AvoidedView(String words, List<String> causes) {
  /** What of the kitchen's avoid list is in some portions. */
  public static List<AvoidedView> of(List<Avoid> avoids, List<Portion> portions, Pantry pantry) {
    return avoids.stream()
        .map(avoid -> new AvoidedView(avoid.words(pantry), Declaration.hits(avoid, portions)))
        .filter(avoided -> !avoided.causes().isEmpty())
        .toList();
  }
}
