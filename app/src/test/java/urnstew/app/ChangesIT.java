package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Scanner;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.RunningApplication.Answer;

/** What is written is told to whoever listens, and under whose name it was written is kept. */
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
class ChangesIT {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final Instant NOW = Instant.now();

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  ChangesIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  /** A screen that listens; what it was told since it was opened. */
  private static final class Listening implements AutoCloseable {
    private final InputStream stream;
    private final BlockingQueue<JsonNode> hints = new LinkedBlockingQueue<>();

    Listening(RunningApplication app) throws Exception {
      stream =
          HttpClient.newHttpClient()
              .send(app.request("/api/changes").build(), BodyHandlers.ofInputStream())
              .body();
      Thread reading = new Thread(this::read);
      reading.setDaemon(true);
      reading.start();
    }

    private void read() {
      try (Scanner lines = new Scanner(stream)) {
        while (lines.hasNextLine()) {
          String line = lines.nextLine();
          if (line.startsWith("data:")) {
            hints.add(JSON.readTree(line.substring(5)));
          }
        }
      }
    }

    /** The next hint of a topic. */
    JsonNode next(String topic) throws InterruptedException {
      while (true) {
        JsonNode hint = Objects.requireNonNull(hints.poll(5, TimeUnit.SECONDS), "nothing was told");
        if (hint.at("/topic").asString().equals(topic)) {
          return hint;
        }
      }
    }

    @Override
    public void close() throws IOException {
      stream.close();
    }
  }

  private String pot() {
    return app.get("/api/batches").body().at("/0/id").asString();
  }

  private Answer stir(String pot, UUID id, String... headers) {
    String body = "{\"id\":\"%s\",\"step\":\"stir\",%s}";
    return app.post(
        "/api/batches/" + pot + "/steps", body.formatted(id, Requests.stamp(NOW)), headers);
  }

  @Test
  void everyScreenHearsOfAWriteAtOnceAndOfAReplayNothing() throws Exception {
    String pot = pot();
    try (Listening one = new Listening(app);
        Listening other = new Listening(app)) {
      UUID id = UUID.randomUUID();
      assertEquals(201, stir(pot, id).status());
      assertEquals(pot, one.next("batches").at("/id").asString());
      assertEquals(pot, other.next("batches").at("/id").asString());
      one.hints.clear();
      assertEquals(201, stir(pot, id).status(), "the same again");
      assertEquals(404, stir(UUID.randomUUID().toString(), UUID.randomUUID()).status());
      assertEquals(null, one.hints.poll(700, TimeUnit.MILLISECONDS), "nothing was changed");
    }
  }

  @Test
  void aTransactionNotesAThingOnceWithItsActorAndDevice() {
    String pot = pot();
    UUID device = UUID.randomUUID();
    assertEquals(201, stir(pot, UUID.randomUUID(), "Urnstew-Device", device.toString()).status());
    List<Map<String, Object>> noted =
        database.queryForList("select topic, subject, actor from change where device = ?", device);
    assertEquals(
        List.of(Map.of("topic", "batches", "subject", pot, "actor", "kitchen")),
        noted,
        "an entry and its forecast are one change");
    Answer strange = stir(pot, UUID.randomUUID(), "Urnstew-Device", "the one at the window");
    assertEquals(422, strange.status());
    assertEquals("/Urnstew-Device", strange.pointer());
  }

  @Test
  void aRefusedWriteNotesNothingAndWhatIsNotedStays() {
    UUID device = UUID.randomUUID();
    Answer refused =
        stir(UUID.randomUUID().toString(), device, "Urnstew-Device", device.toString());
    assertEquals(404, refused.status());
    assertEquals(
        0L,
        database.queryForObject(
            "select count(*) from change where device = ?", Long.class, device));
    for (String attempt : List.of("update change set actor = 'x'", "delete from change")) {
      assertThrows(DataAccessException.class, () -> database.update(attempt), attempt);
    }
  }

  /** Every table that a screen shows is watched; a new one is, or is named here with its reason. */
  @Test
  void everyTableIsWatched() {
    List<String> unwatched =
        database.queryForList(
            """
            select t.table_name from information_schema.tables t
            where t.table_schema = 'public' and t.table_type = 'BASE TABLE'
              and not exists (select 1 from information_schema.triggers g
                where g.event_object_schema = 'public' and g.event_object_table = t.table_name
                  and g.trigger_name = 'noted')
            order by 1
            """,
            String.class);
    assertEquals(
        List.of("change", "flyway_schema_history", "write_receipt"),
        unwatched,
        "the log itself, the schema's history, and what was sent already");
  }

  /** The stream is open although nothing happens, and is told that hints may have been missed. */
  @Test
  void whereTheListeningConnectionBreaksEverythingIsSaidToBeOther() throws Exception {
    try (Listening screen = new Listening(app)) {
      int ended =
          database
              .queryForList(
                  "select pg_terminate_backend(pid) from pg_stat_activity"
                      + " where query ilike 'listen urnstew_change%' or query = 'select 1'"
                      + " and datname = current_database()",
                  Boolean.class)
              .size();
      assertTrue(ended > 0, "nobody listens");
      screen.next("everything");
      String pot = pot();
      assertEquals(201, stir(pot, UUID.randomUUID()).status());
      assertEquals(pot, screen.next("batches").at("/id").asString());
    }
  }
}
