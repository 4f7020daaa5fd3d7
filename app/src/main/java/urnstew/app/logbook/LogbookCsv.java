package urnstew.app.logbook;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import urnstew.app.platform.SafeCells;

/** The logbook as a table. */
final class LogbookCsv {
  private static final CSVFormat FORMAT =
      SafeCells.format(
          "id",
          "name",
          "formula",
          "pot",
          "started_at",
          "ended_at",
          "planned_end",
          "planned_kilograms",
          "final_kilograms",
          "evaporation_factor",
          "readings",
          "cost",
          "note");

  private LogbookCsv() {}

  static String write(List<LogbookEntry> entries) {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
      for (LogbookEntry entry : entries) {
        printer.printRecord(
            SafeCells.of(
                entry.id(),
                entry.name(),
                entry.formulaId(),
                entry.vesselName(),
                entry.startedAt(),
                entry.endedAt(),
                entry.plannedEnd(),
                entry.plannedMassKilograms(),
                entry.finalMassKilograms(),
                entry.evaporationFactor(),
                entry.readings(),
                entry.cost(),
                entry.note()));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toString();
  }
}
