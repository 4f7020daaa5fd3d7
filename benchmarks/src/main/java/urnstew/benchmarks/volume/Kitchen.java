package urnstew.benchmarks.volume;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.IntFunction;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/** The database of a kitchen, filled by COPY with copies of the demo's batches. */
final class Kitchen {
  private static final long SEED = 20_261_126;
  private static final Duration YEARS = Duration.ofDays(8 * 365);
  private static final List<String> SAUCES =
      List.of(
          "Plain marinara", "Ridge ragù", "Harbour braise", "Garden pomodoro", "Smoky arrabbiata");
  private static final List<String> NOTES =
      List.of(
          "coats the spoon",
          "a little sharp",
          "sat five minutes longer",
          "thin at first",
          "good colour",
          "fewer chillies next time");

  private final Connection database;
  private final Random random = new Random(SEED);

  Kitchen(Connection database) {
    this.database = database;
  }

  /** Finished batches of eight years. */
  void fill(int batches) throws SQLException, IOException {
    Map<String, String> template = row("select * from batch where status = 'FINISHED' limit 1");
    List<String> vessels = column("select id from vessel");
    Instant now = Instant.now();
    copy(
        "batch",
        List.copyOf(template.keySet()),
        batches,
        number -> {
          Map<String, String> batch = new LinkedHashMap<>(template);
          Instant started = now.minusSeconds(random.nextLong(YEARS.toSeconds()) + 86_400);
          Instant ended = started.plusSeconds(3600 + random.nextInt(7200));
          batch.put("id", id());
          batch.put("name", SAUCES.get(random.nextInt(SAUCES.size())));
          batch.put("vessel_id", vessels.get(random.nextInt(vessels.size())));
          batch.put("started_at", started.toString());
          batch.put("planned_end", ended.plusSeconds(random.nextInt(1800) - 900).toString());
          batch.put("ended_at", ended.toString());
          batch.put("readings", String.valueOf(random.nextInt(6)));
          batch.put("evaporation_factor", String.valueOf(0.7 + random.nextDouble()));
          batch.put("note", note(number));
          return batch;
        });
  }

  /** One note in a thousand has a word of its own. */
  private String note(int number) {
    String note =
        NOTES.get(random.nextInt(NOTES.size())) + ", " + NOTES.get(random.nextInt(NOTES.size()));
    return number % 1000 == 0 ? note + ", batch kx" + number : note;
  }

  /** Batches on the stove that a scale has weighed all the time, and their ids. */
  List<String> withReadings(int batches, int readings) throws SQLException, IOException {
    Map<String, String> template =
        row("select * from batch where status = 'SIMMERING' and id::text like '%41' limit 1");
    Instant began = Instant.now().minus(Duration.ofHours(3));
    template.put(
        "snapshot",
        one(
            "select jsonb_set(snapshot, '{clock,startedAt}', to_jsonb('"
                + began
                + "'::text)) from batch where id = '"
                + template.get("id")
                + "'"));
    template.put("started_at", began.toString());
    template.put("planned_end", began.plus(Duration.ofHours(2)).toString());
    template.put("next_sequence", String.valueOf(readings + 1));
    List<String> ids = new ArrayList<>();
    copy(
        "batch",
        List.copyOf(template.keySet()),
        batches,
        number -> {
          Map<String, String> batch = new LinkedHashMap<>(template);
          batch.put("id", id());
          ids.add(batch.get("id"));
          return batch;
        });
    Weighings weighings =
        new Weighings(
            row(
                "select * from batch_event where kind = 'READING_TAKEN' and payload #>> '{measurement,kind}' = 'Weighed' limit 1"),
            began.plus(Duration.ofMinutes(40)),
            random);
    for (String batch : ids) {
      copy(
          "batch_event",
          weighings.columns(),
          readings,
          number -> weighings.of(batch, number, readings, id()));
    }
    return ids;
  }

  /** As autovacuum would leave it. */
  void settle() throws SQLException {
    try (Statement statement = database.createStatement()) {
      statement.execute("vacuum analyze batch");
      statement.execute("vacuum analyze batch_event");
      System.out.printf(
          "%s batches, %s events, %s%n",
          one("select count(*) from batch"),
          one("select count(*) from batch_event"),
          one("select pg_size_pretty(pg_database_size(current_database()))"));
    }
  }

  private String id() {
    return new UUID(random.nextLong(), random.nextLong()).toString();
  }

  private void copy(
      String table, List<String> columns, int rows, IntFunction<Map<String, String>> row)
      throws SQLException {
    long from = System.nanoTime();
    CopyIn copy =
        database
            .unwrap(PGConnection.class)
            .getCopyAPI()
            .copyIn("copy " + table + " (" + String.join(", ", columns) + ") from stdin");
    for (int number = 1; number <= rows; number++) {
      Map<String, String> values = row.apply(number);
      byte[] line =
          CopyText.line(columns.stream().map(values::get).toList())
              .getBytes(StandardCharsets.UTF_8);
      copy.writeToCopy(line, 0, line.length);
    }
    copy.endCopy();
    if (rows > 20_000) {
      System.out.printf(
          "copied %d rows into %s in %.0f s%n", rows, table, (System.nanoTime() - from) / 1e9);
    }
  }

  private Map<String, String> row(String query) throws SQLException {
    try (Statement statement = database.createStatement();
        ResultSet found = statement.executeQuery(query)) {
      if (!found.next()) {
        throw new IllegalStateException("The demo kitchen has no such row: " + query);
      }
      Map<String, String> row = new LinkedHashMap<>();
      for (int i = 1; i <= found.getMetaData().getColumnCount(); i++) {
        row.put(found.getMetaData().getColumnName(i), found.getString(i));
      }
      return row;
    }
  }

  private List<String> column(String query) throws SQLException {
    try (Statement statement = database.createStatement();
        ResultSet found = statement.executeQuery(query)) {
      List<String> values = new ArrayList<>();
      while (found.next()) {
        values.add(found.getString(1));
      }
      return values;
    }
  }

  private String one(String query) throws SQLException {
    return column(query).get(0);
  }
}
