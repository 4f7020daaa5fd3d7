package urnstew.app.sizing;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import urnstew.app.platform.SafeCells;
import urnstew.core.sizing.PackChoice;
import urnstew.core.sizing.Purchase;
import urnstew.core.sizing.ShoppingList;

/** The shopping list as a table. */
final class ShoppingCsv {
  private static final CSVFormat FORMAT =
      SafeCells.format(
          "ingredient", "needed_grams", "from_stock_grams", "buy", "left_grams", "cost");

  private ShoppingCsv() {}

  static String write(ShoppingList list) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
      for (Purchase item : list.items()) {
        printer.printRecord(
            SafeCells.of(
                item.ingredient().name(),
                grams(item.needed().grams()),
                grams(item.fromStock().grams()),
                bought(item.packs()),
                item.packs().bought().isEmpty() ? "0" : grams(item.packs().left().grams()),
                item.packs().cost().map(Object::toString).orElse("")));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }

  /** Loose goods by weight, others by the pack. */
  static String bought(PackChoice choice) {
    return choice.bought().stream()
        .map(
            one ->
                one.pack().loose()
                    ? grams(one.holds().grams()) + " g"
                    : one.count() + " x " + one.pack().name())
        .collect(Collectors.joining(" + "));
  }

  private static String grams(double value) {
    return String.format(Locale.ROOT, "%.0f", value);
  }
}
