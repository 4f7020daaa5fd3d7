package urnstew.app.formula;

import java.util.List;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Intake;
import urnstew.core.pantry.Pantry;

/** Something that this kitchen leaves out, and what brings it in. */
public record AvoidedView(String words, List<String> causes) {
  /** What of the kitchen's avoid list is in some portions. */
  public static List<AvoidedView> of(List<Avoid> avoids, List<Portion> portions, Pantry pantry) {
    return ofIntakes(avoids, Declaration.intakes(portions), pantry);
  }

  /** The same of what somebody eats. */
  public static List<AvoidedView> ofIntakes(
      List<Avoid> avoids, List<Intake> intakes, Pantry pantry) {
    return avoids.stream()
        .map(avoid -> new AvoidedView(avoid.words(pantry), Declaration.hits(avoid, intakes)))
        .filter(avoided -> !avoided.causes().isEmpty())
        .toList();
  }
}
