package urnstew.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import urnstew.units.InvalidInput;

/** A backup that is read back, row by row: a kitchen of many years does not fit into memory. */
final class BackupFile implements AutoCloseable {
  /** Rows go to the database in lots of about so many characters. */
  private static final int LOT_CHARACTERS = 1 << 21;

  private static final byte[] ZIP = {'P', 'K'};

  private final ZipFile zip;
  private final JsonMapper json;

  private BackupFile(ZipFile zip, JsonMapper json) {
    this.zip = zip;
    this.json = json;
  }

  /**
   * Opens it.
   *
   * @param json reads numbers as they are written
   */
  static BackupFile open(Path file, JsonMapper json) throws IOException {
    try (InputStream start = Files.newInputStream(file)) {
      if (!Arrays.equals(ZIP, start.readNBytes(ZIP.length))) {
        throw foreign();
      }
    }
    try {
      return new BackupFile(new ZipFile(file.toFile()), json);
    } catch (IOException e) {
      throw broken();
    }
  }

  Manifest manifest() {
    ZipEntry entry = zip.getEntry(Manifest.FILE);
    if (entry == null) {
      throw foreign();
    }
    try (InputStream text = zip.getInputStream(entry)) {
      return json.readValue(text, Manifest.class);
    } catch (IOException | JacksonException e) {
      throw fault("broken-file", "Its " + Manifest.FILE + " cannot be read.");
    }
  }

  /**
   * Reads a table.
   *
   * @param columns that every row has
   * @param promised number of rows
   * @param into takes lots of rows, each lot as a JSON array
   */
  long rows(String table, List<String> columns, @Nullable Integer promised, Consumer<String> into) {
    ZipEntry entry = zip.getEntry(entry(table));
    if (entry == null || promised == null) {
      throw fault("incomplete", "The table '" + table + "' is missing.");
    }
    long rows;
    try (InputStream text = zip.getInputStream(entry);
        JsonParser parser = json.createParser(text)) {
      rows = rows(parser, table, columns, into);
    } catch (IOException | JacksonException e) {
      throw fault("broken-file", "The table '" + table + "' cannot be read.");
    }
    if (rows != promised) {
      throw fault(
          "incomplete",
          "The table '%s' has %d rows and not the %d it was saved with."
              .formatted(table, rows, promised));
    }
    return rows;
  }

  private long rows(JsonParser parser, String table, List<String> columns, Consumer<String> into) {
    long rows = 0;
    int characters = 0;
    List<String> lot = new ArrayList<>();
    boolean list = parser.nextToken() == JsonToken.START_ARRAY;
    while (list && parser.nextToken() == JsonToken.START_OBJECT) {
      JsonNode row = json.readTree(parser);
      if (row.size() != columns.size() || !columns.stream().allMatch(row::has)) {
        throw fault("broken-rows", "A row of '" + table + "' has other columns.");
      }
      String text = row.toString();
      lot.add(text);
      characters += text.length();
      rows++;
      if (characters > LOT_CHARACTERS) {
        into.accept(array(lot));
        lot.clear();
        characters = 0;
      }
    }
    if (!lot.isEmpty()) {
      into.accept(array(lot));
    }
    return rows;
  }

  private static String array(List<String> rows) {
    return "[" + String.join(",", rows) + "]";
  }

  static String entry(String table) {
    return "tables/" + table + ".json";
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }

  private static InvalidInput broken() {
    return fault("broken-file", "The file is broken or cut off.");
  }

  private static InvalidInput foreign() {
    return fault(
        "foreign",
        "This is no backup of Urn Stew: it has no " + Manifest.FILE + ".",
        "Choose the zip that 'Save a backup' gave.");
  }

  static InvalidInput fault(String code, String message) {
    return fault(code, message, "Take another backup; nothing was changed.");
  }

  static InvalidInput fault(String code, String message, String remedy) {
    return new InvalidInput("file", code, message, "a whole backup of this release", remedy);
  }
}
