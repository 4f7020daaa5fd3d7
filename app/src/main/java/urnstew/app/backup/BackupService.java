package urnstew.app.backup;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.platform.Clash;
import urnstew.units.InvalidInput;

/**
 * Writes the whole kitchen into a zip of JSON files, and reads such a zip into an empty kitchen.
 */
@Service
public class BackupService {
  private static final String FORMAT = "urn-stew-backup";
  private static final int VERSION = 1;
  private static final String MANIFEST = "manifest.json";
  private static final String FOLDER = "tables/";
  private static final long LARGEST_BYTES = 1L << 30;

  private final BackupMapper mapper;
  private final JsonMapper json;
  private final Clock clock;

  BackupService(BackupMapper mapper, JsonMapper json, Clock clock) {
    this.mapper = mapper;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What a backup says of itself.
   *
   * @param format always the same word
   * @param version of the format
   * @param schema version of the tables
   * @param madeAt when
   * @param rows of each table
   */
  record Manifest(
      String format, int version, String schema, Instant madeAt, Map<String, Integer> rows) {}

  /** What was read back. */
  public record Restored(int tables, long rows) {}

  /** The whole kitchen, at one moment. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public byte[] backup() {
    Map<String, Integer> counts = new TreeMap<>();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (String table : BackupTables.ALL) {
        List<String> rows = mapper.rows(table);
        counts.put(table, rows.size());
        put(zip, FOLDER + table + ".json", "[\n" + String.join(",\n", rows) + "\n]\n");
      }
      Manifest manifest =
          new Manifest(
              FORMAT,
              VERSION,
              mapper.schemaVersion(),
              clock.instant().truncatedTo(ChronoUnit.SECONDS),
              counts);
      put(zip, MANIFEST, json.writerWithDefaultPrettyPrinter().writeValueAsString(manifest));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  private static void put(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  /** Reads a backup into an empty kitchen: all of it, or nothing. */
  @Transactional
  public Restored restore(byte[] file) {
    Map<String, String> parts = unzipped(file);
    Manifest manifest = manifest(parts);
    for (String table : BackupTables.ALL) {
      checkRows(table, parts.get(FOLDER + table + ".json"), manifest);
    }
    requireEmpty();
    BackupTables.FROM_THE_START.forEach(mapper::empty);
    long rows = 0;
    for (String table : BackupTables.ALL) {
      rows += fill(table, parts);
    }
    return new Restored(BackupTables.ALL.size(), rows);
  }

  private long fill(String table, Map<String, String> parts) {
    try {
      return mapper.fill(table, parts.getOrDefault(FOLDER + table + ".json", "[]"));
    } catch (DataAccessException e) {
      throw broken(
          "broken-rows",
          "The rows of '" + table + "' do not fit together with the rest.",
          "Take another backup; nothing was changed.");
    }
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

  private static Map<String, String> unzipped(byte[] file) {
    Map<String, String> parts = new HashMap<>();
    long size = 0;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        byte[] bytes = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, LARGEST_BYTES - size));
        size += bytes.length;
        if (size >= LARGEST_BYTES) {
          throw broken(
              "too-large", "The file unpacks to more than 1 GB.", "Choose a backup of Urn Stew.");
        }
        parts.put(entry.getName(), new String(bytes, StandardCharsets.UTF_8));
      }
    } catch (IOException | IllegalArgumentException e) {
      throw broken(
          "broken-file",
          "The file is broken or cut off.",
          "Take another backup; nothing was changed.");
    }
    return parts;
  }

  private Manifest manifest(Map<String, String> parts) {
    String text = parts.get(MANIFEST);
    if (text == null) {
      throw broken(
          "foreign",
          "This is no backup of Urn Stew: it has no " + MANIFEST + ".",
          "Choose the zip that 'Save a backup' gave.");
    }
    Manifest manifest;
    try {
      manifest = json.readValue(text, Manifest.class);
    } catch (JacksonException e) {
      throw broken(
          "broken-file",
          "Its " + MANIFEST + " cannot be read.",
          "Take another backup; nothing was changed.");
    }
    String schema = mapper.schemaVersion();
    if (!manifest.format().equals(FORMAT) || manifest.version() != VERSION) {
      throw broken(
          "foreign",
          "This file is of another kind or version.",
          "Choose the zip that 'Save a backup' gave.");
    }
    if (!manifest.schema().equals(schema)) {
      throw broken(
          "other-release",
          "The backup is of release " + manifest.schema() + ", this is release " + schema + ".",
          "Restore it with the release that made it, then renew that.");
    }
    return manifest;
  }

  private void checkRows(String table, @Nullable String text, Manifest manifest) {
    Integer promised = manifest.rows().get(table);
    if (text == null || promised == null) {
      throw broken(
          "incomplete",
          "The table '" + table + "' is missing.",
          "Take another backup; nothing was changed.");
    }
    JsonNode rows;
    try {
      rows = json.readTree(text);
    } catch (JacksonException e) {
      throw broken(
          "broken-file",
          "The table '" + table + "' cannot be read.",
          "Take another backup; nothing was changed.");
    }
    if (!rows.isArray() || rows.size() != promised) {
      throw broken(
          "incomplete",
          "The table '"
              + table
              + "' has "
              + rows.size()
              + " rows and not the "
              + promised
              + " it was saved with.",
          "Take another backup; nothing was changed.");
    }
    List<String> columns = mapper.columns(table);
    for (JsonNode row : rows) {
      if (row.size() != columns.size() || !columns.stream().allMatch(row::has)) {
        throw broken(
            "broken-rows",
            "A row of '" + table + "' has other columns.",
            "Take another backup; nothing was changed.");
      }
    }
  }

  private static InvalidInput broken(String code, String message, String remedy) {
    return new InvalidInput("file", code, message, "a whole backup of this release", remedy);
  }
}
