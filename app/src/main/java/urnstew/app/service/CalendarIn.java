package urnstew.app.service;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.Temporal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import urnstew.units.InvalidInput;

/** A calendar that comes back from somebody's tablet; RFC 5545. */
final class CalendarIn {
  private CalendarIn() {}

  /**
   * When its events begin, by their identity; those of whole days are passed over.
   *
   * @param zone of hours that name none
   * @throws InvalidInput {@code calendar} if it is none
   */
  static Map<String, Instant> begins(String text, ZoneId zone) {
    Map<String, Instant> begins = new HashMap<>();
    try {
      Calendar calendar = new CalendarBuilder().build(new StringReader(text));
      for (VEvent event : calendar.<VEvent>getComponents(Component.VEVENT)) {
        Optional<Temporal> start =
            Optional.ofNullable(event.<Temporal>getDateTimeStart()).map(DtStart::getDate);
        event
            .getUid()
            .ifPresent(
                uid ->
                    start
                        .flatMap(one -> instant(one, zone))
                        .ifPresent(at -> begins.put(uid.getValue(), at)));
      }
    } catch (IOException | ParserException | RuntimeException e) {
      throw none(e);
    }
    return begins;
  }

  private static Optional<Instant> instant(Temporal start, ZoneId zone) {
    if (start instanceof LocalDateTime local) {
      return Optional.of(local.atZone(zone).toInstant());
    }
    try {
      return Optional.of(Instant.from(start));
    } catch (DateTimeException wholeDay) {
      return Optional.empty();
    }
  }

  private static InvalidInput none(Exception why) {
    return new InvalidInput(
        "calendar",
        "not-a-calendar",
        "This file is no calendar.",
        "an iCalendar file (.ics)",
        "Save the calendar as a file anew, then send that.");
  }
}
