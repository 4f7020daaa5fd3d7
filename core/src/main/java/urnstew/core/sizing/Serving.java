package urnstew.core.sizing;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Use;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Mass;

/**
 * What one eater gets, by use and school. Common practice: a light hand gives sauce up to the
 * weight of the dry pasta, a generous one two to four times it.
 *
 * @param use what the sauce is for
 * @param style how much
 * @param sauce for each
 * @param beside pasta, sheets or protein that it goes with, for each; zero where nothing does
 * @param why what it rests on
 */
public record Serving(Use use, Style style, Mass sauce, Mass beside, String why) {
  private static final List<Serving> SHIPPED =
      ReferenceTable.rows("servings").stream().map(Serving::serving).toList();

  /** What one eater gets. */
  public static Serving of(Use use, Style style) {
    return SHIPPED.stream()
        .filter(serving -> serving.use() == use && serving.style() == style)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("No serving is shipped for " + use));
  }

  /** What an eater of a formula usually gets, by the first thing that it is for. */
  public static Serving usualOf(Formula formula) {
    Use use =
        formula.uses().stream()
            .filter(each -> each != Use.FREEZE)
            .findFirst()
            .orElse(Use.DRY_PASTA);
    return of(use, Style.USUAL);
  }

  private static Serving serving(CSVRecord row) {
    return new Serving(
        Use.valueOf(row.get("use")),
        Style.valueOf(row.get("style")),
        Mass.ofGrams(Double.parseDouble(row.get("sauce_grams"))),
        Mass.ofGrams(Double.parseDouble(row.get("beside_grams"))),
        row.get("why"));
  }
}
