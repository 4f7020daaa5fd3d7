package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** Batches that an earlier release started go on simmering after the update. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class MigrationIT {
  private static final String V3 = "/db/migration/V3__preparation_and_take_outs.sql";

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  MigrationIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  @Test
  void aPotOfTheSecondReleaseIsReadByTheThird() throws IOException {
    UUID id = UUID.randomUUID();
    Instant lit = Instant.now().minus(Duration.ofMinutes(30));
    String plan = Requests.plan(app).replace("plain-marinara", "ridge-ragu");
    app.post(
        "/api/batches",
        """
        {"id":"%s","plan":%s,"timeScale":1,%s}"""
            .formatted(id, plan, Requests.stamp(lit)));
    asTheSecondReleaseKeptIt(id);
    database.execute(updateOfSnapshots());
    assertEquals(
        "PT1980S",
        database.queryForObject(
            "select snapshot ->> 'preparation' from batch where id = ?", String.class, id),
        "14, 16 and 3 minutes");
    assertEquals(200, app.get("/api/batches/" + id).status());
    String stirred =
        "{\"id\":\"%s\",\"step\":\"stir\",%s}"
            .formatted(UUID.randomUUID(), Requests.stamp(Instant.now()));
    assertEquals(201, app.post("/api/batches/" + id + "/steps", stirred).status());
  }

  /** No preparation, no techniques, sixteen minutes of browning, nothing believed of the body. */
  private void asTheSecondReleaseKeptIt(UUID id) {
    database.update(
        """
        update batch set snapshot = jsonb_set(
          (snapshot - 'preparation') #- '{inputs,prior,powerMean}' #- '{inputs,prior,bodyMean}' #- '{inputs,prior,bodyDeviation}',
          '{inputs,formula,formula,stages}',
          (select jsonb_agg((stage - 'technique') || case stage ->> 'technique'
              when 'BROWN' then '{"time": "PT16M"}'::jsonb else '{}'::jsonb end order by place)
            from jsonb_array_elements(snapshot #> '{inputs,formula,formula,stages}')
              with ordinality as stages (stage, place)))
        where id = ?
        """,
        id);
  }

  private static String updateOfSnapshots() throws IOException {
    try (InputStream file = Objects.requireNonNull(MigrationIT.class.getResourceAsStream(V3), V3)) {
      String sql = new String(file.readAllBytes(), StandardCharsets.UTF_8);
      int from = sql.indexOf("update batch set snapshot");
      return sql.substring(from, sql.indexOf(';', from)) + " and not snapshot ? 'preparation'";
    }
  }
}
