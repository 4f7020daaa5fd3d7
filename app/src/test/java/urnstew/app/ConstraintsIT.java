package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;

/** The database holds by itself what the core promises, whoever writes. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ConstraintsIT {
  private final JdbcTemplate database;

  @Autowired
  ConstraintsIT(JdbcTemplate database) {
    this.database = database;
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "update kitchen set altitude_meters = 9000",
        "update kitchen set currency = 'euro'",
        "insert into kitchen select gen_random_uuid(), name, altitude_meters, altitude_text,"
            + " room_celsius, relative_humidity, zone, currency, units, pint,"
            + " scale_error_kilograms, scale_error_text, dip_error_meters, dip_error_text, demo,"
            + " version from kitchen",
        "update vessel set depth_meters = 10",
        "update vessel set name = ''",
        "update heat_source set kind = 'BONFIRE'",
        "update batch set status = 'FINISHED' where ended_at is null",
        "update batch set time_scale = 0",
        // A weighing without its scale's error, an end that strikes out, a reading from nowhere.
        "insert into batch_event (batch_id, sequence, id, kind, happened_at, typed_at, sent_at,"
            + " received_at, actor, reading_source, gross_kilograms, tare_kilograms)"
            + " select id, 90, gen_random_uuid(), 'WEIGHED', started_at, started_at, started_at,"
            + " started_at, 'test', 'TYPED', 5, 0 from batch limit 1",
        "insert into batch_event (batch_id, sequence, id, kind, happened_at, typed_at, sent_at,"
            + " received_at, actor, reading_id) select batch_id, 91, gen_random_uuid(),"
            + " 'FINISHED', typed_at, typed_at, typed_at, typed_at, 'test', id from batch_event"
            + " limit 1",
        "insert into batch_event (batch_id, sequence, id, kind, happened_at, typed_at, sent_at,"
            + " received_at, actor, depth_meters, depth_error_meters) select batch_id, 92,"
            + " gen_random_uuid(), 'DIPPED', typed_at, typed_at, typed_at, typed_at, 'test', 0.05,"
            + " 0.002 from batch_event limit 1"
      })
  void refuses(String sql) {
    assertThrows(DataIntegrityViolationException.class, () -> database.update(sql));
  }
}
