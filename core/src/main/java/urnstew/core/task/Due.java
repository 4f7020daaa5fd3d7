package urnstew.core.task;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;

/**
 * When a task is due, and from when on it calls. All moments are absolute, so that a device which
 * hears nothing of the server any more still knows by its own clock what is due.
 *
 * @param earliest edge of the band
 * @param at likely moment
 * @param latest edge of the band
 * @param day where only the day counts
 * @param waitFrom moment from which it asks for somebody
 * @param alarmFrom moment from which it cannot wait; empty where it always can
 * @param over moment from which it is no matter any more; empty where that never comes
 */
public record Due(
    Instant earliest,
    Instant at,
    Instant latest,
    Optional<LocalDate> day,
    Instant waitFrom,
    Optional<Instant> alarmFrom,
    Optional<Instant> over) {
  /** Told so long before (common practice: time to finish what the hands are in). */
  public static final Duration AHEAD = Duration.ofMinutes(15);

  /** At a moment: late from then on. */
  public static Due at(Instant moment) {
    return at(moment, moment, moment);
  }

  /** Likely at a moment, within a band; late once the likely moment is past. */
  public static Due at(Instant earliest, Instant likely, Instant latest) {
    return new Due(
        earliest,
        likely,
        latest,
        Optional.empty(),
        likely.minus(AHEAD),
        Optional.of(likely),
        Optional.empty());
  }

  /** Over at a moment, and so to be done some time before it. */
  public static Due before(Instant end, Duration lastCall) {
    Instant call = end.minus(lastCall);
    return new Due(
        end, end, end, Optional.empty(), call.minus(AHEAD), Optional.of(call), Optional.empty());
  }

  /** From a moment on, whenever there are hands. */
  public static Due fromThen(Instant moment) {
    return new Due(
        moment, moment, moment, Optional.empty(), moment, Optional.empty(), Optional.empty());
  }

  /** Late since one moment, and to be done by another at the latest. */
  public static Due overdue(Instant since, Instant by) {
    return new Due(since, by, by, Optional.empty(), since, Optional.of(since), Optional.empty());
  }

  /** On a day at the latest: it asks on that day, and is late when the day is over. */
  public static Due onDay(LocalDate day, ZoneId zone) {
    Instant begins = day.atStartOfDay(zone).toInstant();
    Instant ends = day.plusDays(1).atStartOfDay(zone).toInstant();
    return new Due(
        begins,
        day.atTime(LocalTime.of(23, 59, 59)).atZone(zone).toInstant(),
        ends,
        Optional.of(day),
        begins,
        Optional.of(ends),
        Optional.empty());
  }

  /** The same, no matter any more from a moment on. */
  public Due until(Instant end) {
    return new Due(earliest, at, latest, day, waitFrom, alarmFrom, Optional.of(end));
  }

  /** How loudly it calls at a moment. */
  public Attention attention(Instant now) {
    if (alarmFrom.filter(from -> !now.isBefore(from)).isPresent()) {
      return Attention.ALARM;
    }
    return now.isBefore(waitFrom) ? Attention.NEXT : Attention.WAIT;
  }

  /** Whether it still matters. */
  public boolean matters(Instant now) {
    return over.filter(end -> !now.isBefore(end)).isEmpty();
  }
}
