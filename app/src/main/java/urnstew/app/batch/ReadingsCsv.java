package urnstew.app.batch;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.ReadView;
import urnstew.app.platform.SafeCells;

/** The readings of a batch as a table, in SI, each with the text as it was typed. */
final class ReadingsCsv {
  private static final CSVFormat FORMAT =
      SafeCells.format(
          "at",
          "net_kilograms",
          "depth_meters",
          "celsius",
          "soluble_fraction",
          "spread_meters",
          "entered",
          "struck_out");

  private ReadingsCsv() {}

  static String write(List<EventView> events) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
      for (EventView event : events) {
        if (event.kind() == EventRow.Kind.READING_TAKEN) {
          row(printer, event, event.read());
        }
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }

  private static void row(CSVPrinter printer, EventView event, ReadView read) throws IOException {
    @Nullable Object[] cells = {
      event.happenedAt(),
      read.netKilograms(),
      read.depthMeters(),
      read.temperatureCelsius(),
      read.solubleFraction(),
      read.spreadMeters(),
      event.enteredText(),
      event.struckOut()
    };
    printer.printRecord(SafeCells.of(cells));
  }
}
