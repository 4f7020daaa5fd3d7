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
  private static final String V5 = "/db/migration/V5__rounding.sql";
  private static final String V4 = "/db/migration/V4__pantry_and_formulas.sql";
  private static final String V10 = "/db/migration/V10__volume.sql";

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  MigrationIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  @Test
  void aPotOfTheSecondReleaseIsReadByThisOne() throws IOException {
    UUID id = UUID.randomUUID();
    Instant lit = Instant.now().minus(Duration.ofMinutes(30));
    String plan = Requests.plan(app).replace("plain-marinara", "ridge-ragu");
    assertEquals(
        201,
        app.post(
                "/api/batches",
                """
                {"id":"%s","plan":%s,"timeScale":1,%s}"""
                    .formatted(id, plan, Requests.stamp(lit)))
            .status());
    asBeforeEnvelopes();
    asTheThirdReleaseKeptIt(id);
    asTheSecondReleaseKeptIt(id);
    database.execute(updateOfThirdRelease());
    database.execute(updateOfFourthRelease());
    database.execute(statement(V5, "update batch", ";"));
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

  @Test
  void readingsOfTheNinthReleaseAreDrawnWhereTheyWere() throws IOException {
    UUID id = UUID.randomUUID();
    Instant lit = Instant.now().minus(Duration.ofHours(2));
    app.post(
        "/api/batches",
        """
        {"id":"%s","plan":%s,"timeScale":1,%s}"""
            .formatted(id, Requests.plan(app), Requests.stamp(lit)));
    UUID read = UUID.randomUUID();
    String weighed =
        "{\"id\":\"%s\",\"grossKilograms\":5.2,\"source\":\"TYPED\",\"enteredText\":\"5.2 kg\",%s}"
            .formatted(read, Requests.stamp(lit.plus(Duration.ofMinutes(70))));
    assertEquals(201, app.post("/api/batches/" + id + "/readings", weighed).status());
    String now = points(id);
    double at = readAt(id);
    asBeforeEnvelopes();
    database.update(
        """
        update batch set forecast = (forecast - 'reads') || jsonb_build_object('marks',
            jsonb_build_object(?::text, 5.2)),
          planned = jsonb_set(planned, '{forecast}', (planned -> 'forecast') - 'reads' || '{"marks": {}}')
        where id = ?
        """,
        read.toString(),
        id);
    database.execute(statement(V10, "create function points_of_marks", "update batch set"));
    database.execute(statement(V10, "update batch set\n  forecast", "drop function"));
    database.execute("drop function points_of_marks");
    assertEquals(now, points(id));
    assertEquals(at, readAt(id), 0.01);
    assertEquals(200, app.get("/api/batches/" + id).status());
  }

  /** All of them, as a migration meets all of them. */
  private void asBeforeEnvelopes() {
    database.update(
        "update batch set snapshot = opened(snapshot), planned = opened(planned),"
            + " forecast = opened(forecast)");
    database.execute("alter table batch_event disable trigger batch_event_is_append_only");
    database.update("update batch_event set payload = opened(payload)");
    database.execute("alter table batch_event enable trigger batch_event_is_append_only");
  }

  /** How many readings are drawn, and what is said of them. */
  private String points(UUID id) {
    return Objects.requireNonNull(
        database.queryForObject(
            """
            select string_agg((r ->> 'kilograms') || ' ' || (r ->> 'ofMass') || ' ' || (r ->> 'odd'), ', ')
            from batch, jsonb_array_elements(opened(forecast) -> 'reads') r where id = ?
            """,
            String.class,
            id));
  }

  /** When the first of them was read, s. */
  private double readAt(UUID id) {
    return Objects.requireNonNull(
        database.queryForObject(
            "select extract(epoch from (opened(forecast) #>> '{reads,0,at}')::timestamptz) from batch where id = ?",
            Double.class,
            id));
  }

  /** No preparation, no techniques, sixteen minutes of browning, nothing believed of the body. */
  private void asTheSecondReleaseKeptIt(UUID id) {
    database.update(
        """
        update batch set model_version = '2', snapshot = jsonb_set(
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

  /** Ingredients of eleven parts, stages without heat, portions without a place, one pack rule. */
  private void asTheThirdReleaseKeptIt(UUID id) {
    database.update(
        """
        update batch set snapshot = jsonb_set(snapshot, '{inputs}',
          (snapshot -> 'inputs') - 'buying' || jsonb_build_object('wholePacks', false,
            'need', (snapshot #> '{inputs,need}') - 'onTheTable' - 'holdLoss',
            'formula', jsonb_build_object(
              'formula', (snapshot #> '{inputs,formula,formula}') - 'family' - 'uses' - 'choices'
                || jsonb_build_object('stages', (
                  select jsonb_agg(stage - 'heat' - 'lid' - 'cues' - 'takeOuts' - 'caution' - 'pause'
                    - 'school' || jsonb_build_object('readyCue', stage #> '{cues,ready}',
                      'tooFarCue', stage #> '{cues,tooFar}', 'lines', (
                        select jsonb_agg(line - 'entered' - 'firstDose' - 'school' order by at)
                        from jsonb_array_elements(stage -> 'lines') with ordinality as l (line, at)))
                    order by place)
                  from jsonb_array_elements(snapshot #> '{inputs,formula,formula,stages}')
                    with ordinality as s (stage, place))),
              'portions', (
                select jsonb_agg(portion - 'stage' - 'firstDose' - 'keptShare'
                  || jsonb_build_object('ingredient', (portion -> 'ingredient') - 'kind' - 'taste'
                    - 'measuring' - 'buying' - 'labelling' - 'provenance' || jsonb_build_object(
                      'spoonDensity', portion #> '{ingredient,measuring,spoonDensity}',
                      'piece', '{"name": "clove", "net": {"kilograms": 0.003}}'::jsonb,
                      'packs', '[{"name": "28 oz can", "net": {"kilograms": 0.794}}]'::jsonb,
                      'source', 'a table')) order by place)
                from jsonb_array_elements(snapshot #> '{inputs,formula,portions}')
                  with ordinality as p (portion, place))))),
          planned = jsonb_set(planned, '{plan}', (planned -> 'plan') - 'purchases' - 'cost'
            - 'declaration' || '{"sooner": [], "later": []}'::jsonb)
        where id = ?
        """,
        id);
  }

  private static String updateOfThirdRelease() throws IOException {
    return statement(V3, "update batch set snapshot", ";") + " and not snapshot ? 'preparation'";
  }

  private static String updateOfFourthRelease() throws IOException {
    return statement(V4, "create function ingredient_of_release_4", "drop function ingredient")
        + "drop function ingredient_of_release_4(jsonb)";
  }

  private static String statement(String file, String first, String end) throws IOException {
    try (InputStream text = Objects.requireNonNull(MigrationIT.class.getResourceAsStream(file))) {
      String sql = new String(text.readAllBytes(), StandardCharsets.UTF_8);
      int from = sql.indexOf(first);
      return sql.substring(from, sql.indexOf(end, from));
    }
  }
}
