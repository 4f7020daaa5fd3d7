package urnstew.app.batch;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.core.batch.Unfinished;
import urnstew.core.formula.ResolvedFormula.Portion;

/**
 * What would still be to come of a pot that is stopped now.
 *
 * @param from the stage that it is in
 * @param stages those that are still to come, that one first
 * @param lines what is still to go in
 */
public record StoppingView(String from, List<String> stages, List<StillToComeView> lines) {
  /**
   * So much of one thing.
   *
   * @param line of the formula, for whoever says that it is in; absent where some of it is
   */
  public record StillToComeView(@Nullable Integer line, String name, double massKilograms) {}

  static StoppingView of(Unfinished stopped) {
    List<StillToComeView> lines = new ArrayList<>();
    for (Portion portion : stopped.toCome()) {
      int line = stopped.whole().portions().indexOf(portion);
      lines.add(
          new StillToComeView(
              line < 0 ? null : line, portion.ingredient().name(), portion.mass().kilograms()));
    }
    return new StoppingView(stopped.from(), stopped.stages(), lines);
  }
}
