package urnstew.app.kitchen;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/** Hours on the kitchen's clock as moments. */
public final class KitchenTime {
  private KitchenTime() {}

  /** The hour on that date, or without a date the next one to come. */
  public static Instant toCome(LocalTime hour, @Nullable LocalDate date, ZoneId zone, Instant now) {
    LocalDate today = now.atZone(zone).toLocalDate();
    if (date != null) {
      return ZonedDateTime.of(date, hour, zone).toInstant();
    }
    Instant sameDay = ZonedDateTime.of(today, hour, zone).toInstant();
    return sameDay.isAfter(now)
        ? sameDay
        : ZonedDateTime.of(today.plusDays(1), hour, zone).toInstant();
  }

  /** The last time that hour was on the clock. */
  public static Instant gone(LocalTime hour, ZoneId zone, Instant now) {
    LocalDate today = now.atZone(zone).toLocalDate();
    Instant sameDay = ZonedDateTime.of(today, hour, zone).toInstant();
    return sameDay.isAfter(now.plusSeconds(60))
        ? ZonedDateTime.of(today.minusDays(1), hour, zone).toInstant()
        : sameDay;
  }
}
