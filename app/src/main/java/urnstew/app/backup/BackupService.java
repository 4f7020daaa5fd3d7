package urnstew.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.ibatis.cursor.Cursor;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.platform.Clash;

/**
 * Writes the whole kitchen into a zip of JSON files, and reads such a zip into an empty kitchen.
 * Rows pass through one by one, so that its size is that of the disk.
 */
@Service
public class BackupService {
  private final BackupMapper mapper;
  private final JsonMapper json;
  private final Clock clock;

  BackupService(BackupMapper mapper, JsonMapper json, Clock clock) {
    this.mapper = mapper;
    this.json =
        json.rebuild()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();
    this.clock = clock;
  }

  /** What was read back. */
  public record Restored(int tables, long rows) {}

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

  /** Reads a backup into an empty kitchen: all of it, or nothing. */
  @Transactional
  public Restored restore(InputStream file) {
    try {
      Path kept = Files.createTempFile("urn-stew-restore", ".zip");
      try {
        Files.copy(file, kept, StandardCopyOption.REPLACE_EXISTING);
        return restored(kept);
      } finally {
        Files.delete(kept);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Restored restored(Path kept) throws IOException {
    try (BackupFile file = BackupFile.open(kept, json)) {
      Manifest manifest = fitting(file.manifest());
      requireEmpty();
      BackupTables.FROM_THE_START.forEach(mapper::empty);
      long rows = 0;
      for (String table : BackupTables.ALL) {
        rows +=
            file.rows(
                table, mapper.columns(table), manifest.rows().get(table), lot -> fill(table, lot));
      }
      return new Restored(BackupTables.ALL.size(), rows);
    }
  }

  private void fill(String table, String lot) {
    try {
      mapper.fill(table, lot);
    } catch (DataAccessException e) {
      throw BackupFile.fault(
          "broken-rows", "The rows of '" + table + "' do not fit together with the rest.");
    }
  }

  private Manifest fitting(Manifest manifest) {
    String schema = mapper.schemaVersion();
    if (!manifest.format().equals(Manifest.FORMAT) || manifest.version() != Manifest.VERSION) {
      throw BackupFile.fault(
          "foreign",
          "This file is of another kind or version.",
          "Choose the zip that 'Save a backup' gave.");
    }
    if (!manifest.schema().equals(schema)) {
      throw BackupFile.fault(
          "other-release",
          "The backup is of release " + manifest.schema() + ", this is release " + schema + ".",
          "Restore it with the release that made it, then renew that.");
    }
    return manifest;
  }

  private void requireEmpty() {
    for (String table : BackupTables.ALL) {
      if (!BackupTables.FROM_THE_START.contains(table) && mapper.count(table) > 0) {
        throw new Clash(
            "This kitchen is not empty: it has " + table.replace('_', ' ') + " entries.",
            "Restore into a new installation that was started without the demo.");
      }
    }
  }
}
