package urnstew.core.pantry;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the tables that are shipped with the core. */
public final class ReferenceTable {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setCommentMarker('#').setHeader().setSkipHeaderRecord(true).get();

  private ReferenceTable() {}

  /** All rows of {@code reference/<name>.csv}. */
  public static List<CSVRecord> rows(String name) {
    String path = "/reference/" + name + ".csv";
    try (InputStream file = ReferenceTable.class.getResourceAsStream(path)) {
      if (file == null) {
        throw new IllegalStateException("The shipped table " + path + " is missing.");
      }
      return FORMAT.parse(new InputStreamReader(file, StandardCharsets.UTF_8)).getRecords();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
