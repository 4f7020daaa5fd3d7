package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.RunningApplication.Answer;

/**
 * The database of every release, as it was left by a kitchen that was used, comes up under this
 * one: each page stands, and work goes on. So does a backup of it. The files were taken from the
 * made-up kitchen after the tests of that release had cooked, kept and put away in it.
 */
@SpringBootTest
class ReleasesIT {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private final DataSourceProperties shared;
  private final JdbcTemplate server;

  @Autowired
  ReleasesIT(DataSourceProperties shared, JdbcTemplate server) {
    this.shared = shared;
    this.server = server;
  }

  @ParameterizedTest
  @ValueSource(ints = {12, 14, 15, 18})
  void aKitchenOfThatReleaseGoesOn(int release) throws IOException {
    try (OwnKitchen kitchen = OwnKitchen.of(shared, server, "/releases/" + release + ".sql.gz")) {
      RunningApplication app = kitchen.app();
      List<String> before = pagesStand(app);
      workGoesOn(app);
      emptied(kitchen.database());
      restored(app, "/releases/" + release + "-backup.zip");
      assertEquals(before, pagesStand(app), "the backup shows the same pages");
      workGoesOn(app);
    }
  }

  /**
   * Batches that ran at the upgrade end as they would have: hours, masses and salt that release 18
   * told of its pots are those that this one tells once something more has happened to them. Pots
   * of which pieces were lifted out may move by a few hundredths: release 18 gave what stayed in
   * the water back that it had lost in the pan. Salt of those that serve pieces apart may move by
   * two hundredths: release 18 took the fat that they gave out of the sauce again.
   */
  @Test
  void batchesThatRanEndAsTheyWouldHave() throws IOException {
    try (OwnKitchen kitchen = OwnKitchen.of(shared, server, "/releases/18.sql.gz")) {
      RunningApplication app = kitchen.app();
      workGoesOn(app);
      JsonNode ends = JSON.readTree(getClass().getResourceAsStream("/releases/18-ends.json"));
      assertTrue(ends.size() >= 11, "pots of that release");
      ends.forEachEntry((id, end) -> endsAsTold(app.get("/api/batches/" + id).body(), end));
    }
  }

  private static void endsAsTold(JsonNode batch, JsonNode told) {
    String name = told.at("/name").asString();
    JsonNode forecast = batch.at("/forecast");
    Instant simmers = Instant.parse(forecast.at("/simmerStartedAt").asString());
    Duration then = Duration.between(simmers, Instant.parse(told.at("/thickAt").asString()));
    Duration now = Duration.between(simmers, Instant.parse(forecast.at("/thickAt").asString()));
    boolean lifted = batch.at("/events").findValuesAsString("kind").contains("PIECES_TAKEN_OUT");
    double within = lifted ? 0.04 : 1e-4;
    assertEquals(then.toSeconds(), now.toSeconds(), 1 + within * then.toSeconds(), name);
    for (String figure : List.of("/endMassKilograms", "/saltFraction", "/portions")) {
      double was = told.at(figure).asDouble();
      double off = figure.equals("/saltFraction") ? Math.max(within, 0.02) : within;
      assertEquals(was, forecast.at(figure).asDouble(), off * was, name + figure);
    }
  }

  private static void emptied(JdbcTemplate kitchen) {
    List<String> tables =
        kitchen.queryForList(
            "select table_name from information_schema.tables where table_schema = 'public'"
                + " and table_type = 'BASE TABLE' and table_name <> 'flyway_schema_history'",
            String.class);
    kitchen.execute("truncate " + String.join(", ", tables) + " cascade");
  }

  private void restored(RunningApplication app, String backup) throws IOException {
    try (InputStream file = getClass().getResourceAsStream(backup)) {
      HttpResponse<String> answer =
          app.send(
              app.request("/api/backup")
                  .header("content-type", "application/zip")
                  .POST(BodyPublishers.ofByteArray(Objects.requireNonNull(file).readAllBytes())));
      assertEquals(200, answer.statusCode(), answer.body());
    }
  }

  /** All pages there are, and that none of them is faulty. */
  private static List<String> pagesStand(RunningApplication app) {
    List<String> pages =
        Stream.of(
                Stream.of("/api/kitchen", "/api/pantry/stock", "/api/rule-sets", "/api/lots/ideas"),
                each(app, "/api/batches", "", "/api/batches/%s"),
                each(app, "/api/logbook", "/entries", "/api/batches/%s"),
                each(app, "/api/logbook", "/entries", "/api/batches/%s/as-made"),
                each(app, "/api/batches", "", "/api/keepings/of-batch/%s"),
                each(app, "/api/keepings", "", "/api/keepings/%s"),
                each(app, "/api/lots", "", "/api/lots/%s"),
                each(app, "/api/lots", "", "/api/lots/%s/trace"),
                each(app, "/api/formulas", "", "/api/formulas/%s/sheet"),
                Stream.of("/api/pantry/ingredients"),
                each(app, "/api/meals", "", "/api/meals/%s"))
            .flatMap(all -> all)
            .toList();
    for (String page : pages) {
      Answer shown = app.get(page);
      assertEquals(200, shown.status(), page + " " + shown.body());
      assertTrue(shown.body().findValues("fault").stream().allMatch(JsonNode::isEmpty), page);
    }
    return pages;
  }

  private static Stream<String> each(RunningApplication app, String list, String at, String page) {
    Answer listed = app.get(list);
    assertEquals(200, listed.status(), list + " " + listed.body());
    return Stream.concat(
        Stream.of(list),
        listed.body().at(at).valueStream().map(row -> page.formatted(row.at("/id").asString())));
  }

  /** Every pot that simmers is stirred and read, something is kept, a new pot is lit. */
  private static void workGoesOn(RunningApplication app) {
    List<String> pots =
        app.get("/api/batches").body().valueStream().map(pot -> pot.at("/id").asString()).toList();
    assertTrue(!pots.isEmpty(), "nothing simmers");
    for (String pot : pots) {
      String stirred =
          "{\"id\":\"%s\",\"step\":\"stir\",%s}"
              .formatted(UUID.randomUUID(), Requests.stamp(Instant.now()));
      Answer answer = app.post("/api/batches/" + pot + "/steps", stirred);
      assertEquals(201, answer.status(), answer.body().toString());
      assertEquals(200, app.get("/api/batches/" + pot).status());
    }
  }
}
