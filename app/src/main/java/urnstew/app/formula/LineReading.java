package urnstew.app.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.FormulaSheet.LineSheet;
import urnstew.core.formula.PastedLine;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.pantry.Pantry;

/**
 * What became of one line of a pasted list.
 *
 * @param text the line
 * @param line what was understood; absent where something is unclear
 * @param name of the ingredient; absent with it
 * @param question what is unclear; absent where all is understood
 * @param couldBe ingredients that may be meant
 */
record LineReading(
    String text,
    @Nullable LineSheet line,
    @Nullable String name,
    @Nullable String question,
    List<Named> couldBe) {

  /** An ingredient by key and name. */
  record Named(String id, String name) {}

  static LineReading of(PastedLine line, Pantry pantry) {
    if (line instanceof Understood read) {
      return new LineReading(
          read.text(),
          new LineSheet(
              read.ingredientId(),
              read.mass().kilograms(),
              read.entered(),
              0,
              read.note(),
              1,
              null),
          pantry.ingredient(read.ingredientId()).name(),
          null,
          List.of());
    }
    Unclear unclear = (Unclear) line;
    return new LineReading(
        unclear.text(),
        null,
        null,
        unclear.question(),
        unclear.couldBe().stream().map(id -> new Named(id, pantry.ingredient(id).name())).toList());
  }
}
