package urnstew.app.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.ibatis.cursor.Cursor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes the whole kitchen into a zip of JSON files. Rows pass through one by one, so that its size
 * is that of the disk.
 */
@Service
public class BackupService {
  private final BackupMapper mapper;
  private final JsonMapper json;
  private final Clock clock;

  BackupService(BackupMapper mapper, JsonMapper json, Clock clock) {
    this.mapper = mapper;
    this.json = json;
    this.clock = clock;
  }

  /** Writes the whole kitchen, as it is at one moment. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void backup(OutputStream into) {
    Map<String, Integer> counts = new TreeMap<>();
    try (ZipOutputStream zip = new ZipOutputStream(into, StandardCharsets.UTF_8)) {
      for (String table : BackupTables.ALL) {
        zip.putNextEntry(new ZipEntry(BackupFile.entry(table)));
        counts.put(table, write(table, zip));
        zip.closeEntry();
      }
      Manifest manifest =
          new Manifest(
              Manifest.FORMAT,
              Manifest.VERSION,
              mapper.schemaVersion(),
              clock.instant().truncatedTo(ChronoUnit.SECONDS),
              counts);
      zip.putNextEntry(new ZipEntry(Manifest.FILE));
      put(zip, json.writerWithDefaultPrettyPrinter().writeValueAsString(manifest));
      zip.closeEntry();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private int write(String table, OutputStream zip) throws IOException {
    int count = 0;
    put(zip, "[\n");
    try (Cursor<String> rows = mapper.rows(table, mapper.key(table))) {
      for (String row : rows) {
        put(zip, count == 0 ? row : ",\n" + row);
        count++;
      }
    }
    put(zip, "\n]\n");
    return count;
  }

  private static void put(OutputStream zip, String text) throws IOException {
    zip.write(text.getBytes(StandardCharsets.UTF_8));
  }
}
