package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** The whole kitchen into a file, and into an empty database. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BackupIT {
  private static final String CHANGES = "tables/change.json";

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  BackupIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private static Map<String, String> parts(byte[] zip) throws Exception {
    Map<String, String> parts = new TreeMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        parts.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return parts;
  }

  private static byte[] zip(Map<String, String> parts) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, String> part : parts.entrySet()) {
        out.putNextEntry(new ZipEntry(part.getKey()));
        out.write(part.getValue().getBytes(StandardCharsets.UTF_8));
      }
    }
    return bytes.toByteArray();
  }

  private byte[] backup() throws Exception {
    return app.bytes("/api/backup");
  }

  private HttpResponse<String> restore(byte[] file) {
    return app.send(
        app.request("/api/backup")
            .header("content-type", "application/zip")
            .POST(BodyPublishers.ofByteArray(file)));
  }

  private List<String> tables() {
    return database.queryForList(
        "select table_name from information_schema.tables where table_schema = 'public'"
            + " and table_type = 'BASE TABLE' and table_name <> 'flyway_schema_history'",
        String.class);
  }

  private void emptied() {
    database.execute("truncate " + String.join(", ", tables()) + " cascade");
  }

  /** Every table there is goes along; restored, the kitchen is equal. */
  @Test
  void anEqualKitchenAndNothingFromABrokenFile() throws Exception {
    byte[] before = backup();
    Map<String, String> was = parts(before);
    assertEquals(1 + tables().size(), was.size(), "no table is forgotten");
    assertTrue(was.getOrDefault("tables/batch_event.json", "").length() > 100);
    HttpResponse<String> full = restore(before);
    assertEquals(409, full.statusCode(), "not into a kitchen that is in use");
    assertArrayEquals(table(was), table(parts(backup())), "and nothing was changed");
    emptied();
    try {
      refusedUnchanged(before, was);
    } finally {
      HttpResponse<String> restored = restore(before);
      assertEquals(200, restored.statusCode(), restored.body());
    }
    Map<String, String> is = parts(backup());
    assertArrayEquals(table(was), table(is), "equal");
    assertTrue(isGoneOn(is).startsWith(isGoneOn(was)), "who changed what goes on where it ended");
    assertEquals(200, app.get("/api/kitchen").status());
    assertTrue(app.get("/api/logbook").body().at("/entries").size() > 0);
  }

  private void refusedUnchanged(byte[] file, Map<String, String> was) throws Exception {
    assertFault(new byte[] {1, 2, 3}, "no backup of Urn Stew");
    byte[] cut = new byte[file.length / 2];
    System.arraycopy(file, 0, cut, 0, cut.length);
    assertFault(cut, "broken or cut off");
    assertFault(changed(was, "manifest.json", t -> t.replace("urn-stew-backup", "other")), "kind");
    assertFault(
        changed(
            was,
            "manifest.json",
            t -> t.replaceAll("\"schema\" : \"\\d+\"", "\"schema\" : \"99\"")),
        "release 99");
    assertFault(
        changed(
            was, "manifest.json", t -> t.replaceAll("\"schema\" : \"\\d+\"", "\"schema\" : null")),
        "cannot be read");
    assertFault(
        changed(was, "manifest.json", t -> t.replaceAll("\"meal\" : \\d+", "\"meal\" : null")),
        "cannot be read");
    assertFault(
        changed(
            changed(was, "tables/kitchen.json", t -> "[]"),
            "manifest.json",
            t -> t.replaceAll("\"kitchen\" : 1", "\"kitchen\" : 0")),
        "settings are missing");
    assertFault(
        changed(
            was,
            "tables/batch.json",
            t ->
                t.replaceFirst(
                    "\"forecast\": \\{\"schema\": (\\d+), \"document\": \\{",
                    "\"forecast\": {\"schema\": $1, \"document\": {}, \"was\": {")),
        "cannot be read");
    assertFault(changed(was, "tables/vessel.json", t -> "[]"), "rows and not");
    assertFault(
        changed(was, "tables/vessel.json", t -> t.replace("\"metal\"", "\"stuff\"")),
        "other columns");
    assertFault(
        changed(was, "tables/vessel.json", t -> t.replace("STAINLESS_STEEL", "PAPER")),
        "do not fit");
    Map<String, String> without = new TreeMap<>(was);
    without.remove("tables/lot.json");
    assertFault(zip(without), "'lot' is missing");
  }

  private static byte[] changed(byte[] zip, String name, UnaryOperator<String> how)
      throws Exception {
    return changed(parts(zip), name, how);
  }

  private static byte[] changed(Map<String, String> parts, String name, UnaryOperator<String> how)
      throws Exception {
    Map<String, String> other = new TreeMap<>(parts);
    other.put(name, how.apply(parts.getOrDefault(name, "")));
    return zip(other);
  }

  private void assertFault(byte[] file, String says) throws Exception {
    HttpResponse<String> answer = restore(file);
    assertEquals(422, answer.statusCode(), answer.body());
    assertTrue(answer.body().contains(says), answer.body());
    assertTrue(answer.body().contains("\"pointer\":\"/file\""), answer.body());
    assertEquals(0L, database.queryForObject("select count(*) from vessel", Long.class));
  }

  private static String isGoneOn(Map<String, String> parts) {
    return parts
        .getOrDefault(CHANGES, "")
        .replaceAll("\"version\": \\d+", "")
        .replaceAll("\\s*]\\s*$", "");
  }

  private static Object[] table(Map<String, String> parts) {
    return parts.entrySet().stream()
        .filter(part -> part.getKey().startsWith("tables/") && !part.getKey().equals(CHANGES))
        .map(part -> part.getKey() + part.getValue())
        .toArray();
  }
}
