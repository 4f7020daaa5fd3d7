package urnstew.app.service;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.Temporal;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import urnstew.app.service.BenchView.BenchWorkView;

/**
 * Works as a calendar, with an alarm for each; RFC 5545. What comes again with the next plan has
 * the same identity, so that a calendar moves it and does not have it twice.
 */
record ServiceCalendar(BenchView bench, Optional<String> cook) {
  /** Time to come to it. */
  private static final Duration AHEAD = Duration.ofMinutes(2);

  private static final Duration LEAST = Duration.ofMinutes(1);

  byte[] ics() {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Urn Stew//Service//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    bench.work().stream()
        .filter(work -> work.by() != null)
        .filter(work -> cook.map(name -> name.equals(work.by())).orElse(true))
        .map(this::event)
        .forEach(calendar::add);
    StringWriter text = new StringWriter();
    try {
      new CalendarOutputter(false).output(calendar, text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString().getBytes(StandardCharsets.UTF_8);
  }

  private VEvent event(BenchWorkView work) {
    Instant least = work.begins().plus(LEAST);
    Temporal ends = work.handsUntil().isAfter(least) ? work.handsUntil() : least;
    String words = work.task().name() + ": " + work.task().what();
    VEvent event = new VEvent((Temporal) work.begins(), ends, words);
    event.add(new Uid(uid(work.task().key())));
    event.add(new Description(work.by() + where(work)));
    VAlarm alarm = new VAlarm(AHEAD.negated());
    alarm.add(ImmutableAction.DISPLAY);
    alarm.add(new Description(words));
    event.add(alarm);
    return event;
  }

  /** Of a work, by its key. */
  static String uid(String key) {
    return UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)) + "@urn-stew";
  }

  private String where(BenchWorkView work) {
    return work.holds().stream()
        .flatMap(hold -> bench.lanes().stream().filter(lane -> lane.id().equals(hold.laneId())))
        .map(lane -> ", " + lane.name())
        .distinct()
        .collect(Collectors.joining());
  }
}
