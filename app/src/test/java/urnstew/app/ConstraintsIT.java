package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import urnstew.app.platform.store.StoredColumns;

/** The database holds by itself what the core promises, whoever writes. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ConstraintsIT {
  private static final String EVENT =
      "insert into batch_event (batch_id, sequence, id, happened_at, typed_at, sent_at,"
          + " received_at, actor, kind, payload, reading_source) select id, 90,"
          + " gen_random_uuid(), started_at, started_at, started_at, started_at, 'test', ";

  private final JdbcTemplate database;
  private final List<StoredColumns> forms;

  @Autowired
  ConstraintsIT(JdbcTemplate database, List<StoredColumns> forms) {
    this.database = database;
    this.forms = forms;
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "update kitchen set altitude_meters = 9000",
        "update kitchen set currency = 'euro'",
        "insert into kitchen (id, name, altitude_meters, altitude_text, room_celsius,"
            + " relative_humidity, zone, currency, units, pint, scale_error_kilograms,"
            + " scale_error_text, dip_error_meters, dip_error_text, demo, version)"
            + " select gen_random_uuid(), name, altitude_meters, altitude_text, room_celsius,"
            + " relative_humidity, zone, currency, units, pint, scale_error_kilograms,"
            + " scale_error_text, dip_error_meters, dip_error_text, demo, version from kitchen",
        "update vessel set depth_meters = 10",
        "update vessel set name = ''",
        "update heat_source set kind = 'BONFIRE'",
        "update batch set status = 'FINISHED' where ended_at is null",
        "update batch set time_scale = 0",
        "update oven set height_meters = 0",
        "update oven set hottest_celsius = 500",
        "update kitchen_measure set name = 'Two words'",
        "update kitchen_measure set mass_kilograms = 0",
        "update kitchen_measure set name = 'ladle', ingredient_id = null where name = 'handful'",
        "update kitchen set loose_below_fraction = 0.2",
        "update heat_source set measured_power_watts = label_power_watts + 1",
        "update vessel set oven_limit_celsius = 20",
        // A reading from nowhere, an end that says it is a reading, nothing poured.
        EVENT + "'READING_TAKEN', '{\"kind\":\"ReadingTaken\"}', null from batch limit 1",
        EVENT + "'FINISHED', '{\"kind\":\"ReadingTaken\"}', null from batch limit 1",
        EVENT
            + "'POURED', '{\"kind\":\"Poured\",\"mass\":{\"kilograms\":-1}}', null from batch limit 1",
        EVENT
            + "'POURED', '{\"schema\":1,\"document\":{\"kind\":\"Poured\",\"mass\":{\"kilograms\":-1}}}',"
            + " null from batch limit 1",
        EVENT + "'STRUCK_OUT', '{\"kind\":\"StruckOut\"}', 'TYPED' from batch limit 1"
      })
  void refuses(String sql) {
    assertThrows(DataIntegrityViolationException.class, () -> database.update(sql));
  }

  /** A restore reads all of them; answers of the idempotency store are not documents. */
  @Test
  void everyDocumentHasItsForm() {
    Set<String> kept =
        new TreeSet<>(
            database.queryForList(
                "select table_name || '.' || column_name from information_schema.columns"
                    + " where table_schema = 'public' and data_type = 'jsonb'"
                    + " and table_name <> 'write_receipt'",
                String.class));
    Set<String> known =
        forms.stream()
            .flatMap(each -> each.all().stream())
            .map(column -> column.table() + "." + column.column())
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(kept, known);
  }
}
