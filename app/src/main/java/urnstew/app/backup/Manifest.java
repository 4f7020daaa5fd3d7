package urnstew.app.backup;

import java.time.Instant;
import java.util.Map;
import java.util.Objects;

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
    String format, int version, String schema, Instant madeAt, Map<String, Integer> rows) {
  static final String FORMAT = "urn-stew-backup";
  static final int VERSION = 1;
  static final String FILE = "manifest.json";

  Manifest {
    Objects.requireNonNull(format);
    Objects.requireNonNull(schema);
    Objects.requireNonNull(madeAt);
    rows = Map.copyOf(rows);
  }
}
