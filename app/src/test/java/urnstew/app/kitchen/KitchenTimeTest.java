package urnstew.app.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

class KitchenTimeTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Zurich");
  private static final Instant EVENING = Instant.parse("2026-01-10T19:00:00Z"); // 20:00 there

  @Test
  void anHourWithoutADateIsTheNextOneToCome() {
    assertEquals(
        Instant.parse("2026-01-11T01:00:00Z"),
        KitchenTime.toCome(LocalTime.of(2, 0), null, ZONE, EVENING));
    assertEquals(
        Instant.parse("2026-01-10T20:30:00Z"),
        KitchenTime.toCome(LocalTime.of(21, 30), null, ZONE, EVENING));
  }

  @Test
  void anExplicitDateIsTakenAsItIs() {
    assertEquals(
        Instant.parse("2026-01-10T17:30:00Z"),
        KitchenTime.toCome(LocalTime.of(18, 30), LocalDate.of(2026, 1, 10), ZONE, EVENING));
  }

  @Test
  void anHourGoneIsTheLastOne() {
    assertEquals(
        Instant.parse("2026-01-10T18:45:00Z"),
        KitchenTime.gone(LocalTime.of(19, 45), ZONE, EVENING));
    assertEquals(
        Instant.parse("2026-01-09T22:00:00Z"),
        KitchenTime.gone(LocalTime.of(23, 0), ZONE, EVENING));
  }
}
