package urnstew.app.sizing;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import urnstew.app.platform.SafeCells;
import urnstew.app.serving.ServedBeside;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;

/**
 * The dishes of a meal as a table: what goes in, pot by pot and stage by stage, and what goes with
 * them.
 */
final class DishesCsv {
  private static final CSVFormat FORMAT =
      SafeCells.format(
          "pot", "stage", "ingredient", "note", "after_minutes", "grams", "first_grams");

  private DishesCsv() {}

  static String write(Meal meal) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
      for (Meal.Common common : meal.bases()) {
        if (common.base().made().isPresent()) {
          pot(printer, "base " + common.base().name(), common.base().made().orElseThrow().batch());
        }
      }
      for (Meal.Served served : meal.dishes()) {
        String name = served.dish().batch().formula().name();
        if (served.from().isPresent()) {
          var variant = served.from().orElseThrow().variant();
          String base = served.from().orElseThrow().base().formula().name();
          double grams = variant.share().grams();
          printer.printRecord(
              SafeCells.of(
                  name,
                  variant.joinsAt(),
                  base,
                  "share of the base",
                  "0",
                  number(grams),
                  number(grams)));
        }
        pot(printer, name, served.batch());
        for (ServedBeside one : served.besides()) {
          pot(printer, "with " + name, one.beside().batch());
        }
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }

  private static void pot(CSVPrinter printer, String name, ResolvedFormula batch)
      throws IOException {
    for (Portion portion : batch.portions()) {
      double grams = portion.mass().grams();
      printer.printRecord(
          SafeCells.of(
              name,
              portion.stageTitle(),
              portion.ingredient().name(),
              portion.note(),
              portion.after().toMinutes(),
              number(grams),
              number(grams * portion.firstDose().value())));
    }
  }

  private static String number(double grams) {
    return String.format(Locale.ROOT, "%.1f", grams);
  }
}
