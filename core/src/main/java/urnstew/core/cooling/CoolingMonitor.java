package urnstew.core.cooling;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import urnstew.core.rules.CoolingMark;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;

/**
 * Watches a cooling by the rule.
 *
 * <p>The clock starts at the earliest moment at which the warmest place can have fallen to the
 * rule's temperature: not before the last reading above it, nor before the fast side of what is
 * known. A mark is shown by a reading that, with the thermometer's error added, lies at or below it
 * in time. Before that, it is in time if the slow side makes it. Readings mend the likely course to
 * both sides; the slow side they can only slow further, or start again from what was read, all of
 * it as warm as the warmest place.
 */
public final class CoolingMonitor {
  private final CoolingHistory history;
  private final RuleSet rules;
  private final boolean reheated;
  private final CoolingBounds bounds;

  private CoolingMonitor(CoolingHistory history, RuleSet rules, boolean reheated) {
    this.history = history;
    this.rules = rules;
    this.reheated = reheated;
    this.bounds = CoolingBounds.of(history, rules.of(Limit.COOL_LAST).value());
  }

  /**
   * Fits the courses to what was read: the part that takes time, and holds until the next entry.
   */
  public static CoolingMonitor of(CoolingHistory history, RuleSet rules) {
    return new CoolingMonitor(history.sinceReheated(), rules, history.reheated());
  }

  /** How it stands at a moment. */
  public CoolingOutlook at(Instant now) {
    OptionalDouble clock = clockSeconds();
    List<MarkOutlook> marks = new ArrayList<>();
    if (clock.isPresent()) {
      for (CoolingMark mark : rules.coolingMarks(history.start().celsius())) {
        marks.add(outlook(mark, history.after(clock.getAsDouble()), now));
      }
    }
    CoolingVerdict verdict = verdict(marks);
    Optional<Instant> from =
        clock.isPresent() ? Optional.of(history.after(clock.getAsDouble())) : Optional.empty();
    return new CoolingOutlook(
        verdict,
        action(verdict, marks, from, now),
        from,
        from.filter(start -> !start.isAfter(now)).isPresent(),
        marks,
        bounds.likely(),
        bounds.slow(),
        bounds.speed());
  }

  /** The earliest that the clock can have started, s from the start. */
  private OptionalDouble clockSeconds() {
    double from = rules.of(Limit.COOL_FROM).value();
    OptionalDouble earliest = bounds.fast().secondsTo(from);
    double lastHot =
        history.readings().stream()
            .filter(reading -> reading.celsius() - reading.errorKelvins() >= from)
            .mapToDouble(reading -> history.seconds(reading.at()))
            .max()
            .orElse(0);
    if (!bounds.fastHolds()) {
      return OptionalDouble.of(lastHot);
    }
    return earliest.isPresent()
        ? OptionalDouble.of(Math.max(earliest.getAsDouble(), lastHot))
        : OptionalDouble.empty();
  }

  private MarkOutlook outlook(CoolingMark mark, Instant clock, Instant now) {
    Instant deadline = clock.plus(mark.within());
    Optional<Instant> shown =
        history.readings().stream()
            .filter(reading -> reading.celsius() + reading.errorKelvins() <= mark.celsius())
            .map(CoolingEvent.Read::at)
            .filter(at -> !at.isAfter(deadline))
            .findFirst();
    return new MarkOutlook(
        mark,
        deadline,
        shown.isPresent() ? MarkOutlook.State.SHOWN : unread(mark, deadline, now),
        shown,
        instant(bounds.likely().secondsTo(mark.celsius())),
        instant(bounds.slow().secondsTo(mark.celsius())));
  }

  private Optional<Instant> instant(OptionalDouble seconds) {
    return seconds.isPresent()
        ? Optional.of(history.after(seconds.getAsDouble()))
        : Optional.empty();
  }

  private MarkOutlook.State unread(CoolingMark mark, Instant deadline, Instant now) {
    boolean tooWarmThen =
        history.readings().stream()
            .anyMatch(
                reading ->
                    !reading.at().isBefore(deadline)
                        && reading.celsius() - reading.errorKelvins() > mark.celsius());
    if (tooWarmThen) {
      return MarkOutlook.State.MISSED;
    }
    if (now.isAfter(deadline)) {
      return past(mark, deadline);
    }
    if (inTime(bounds.slow(), bounds.slowAlone(), mark, deadline)) {
      return MarkOutlook.State.IN_TIME;
    }
    return inTime(bounds.likely(), bounds.likely(), mark, deadline)
        ? MarkOutlook.State.IN_DOUBT
        : MarkOutlook.State.TOO_LATE;
  }

  private MarkOutlook.State past(CoolingMark mark, Instant deadline) {
    if (!inTime(bounds.slow(), bounds.slowAlone(), mark, deadline)) {
      return MarkOutlook.State.MISSED;
    }
    boolean readSince =
        history.readings().stream()
            .anyMatch(
                reading ->
                    reading.at().isAfter(deadline)
                        && reading.celsius() + reading.errorKelvins() <= mark.celsius());
    return readSince ? MarkOutlook.State.RECKONED : MarkOutlook.State.TO_READ;
  }

  /** Before the deadline, or within the time from its own start of the clock. */
  private boolean inTime(
      CoolingCourse course, CoolingCourse whole, CoolingMark mark, Instant deadline) {
    OptionalDouble reached = course.secondsTo(mark.celsius());
    if (reached.isPresent() && reached.getAsDouble() <= history.seconds(deadline)) {
      return true;
    }
    OptionalDouble takes = whole.secondsBetween(rules.of(Limit.COOL_FROM).value(), mark.celsius());
    return takes.isPresent() && takes.getAsDouble() <= mark.within().toSeconds();
  }

  private CoolingVerdict verdict(List<MarkOutlook> marks) {
    List<MarkOutlook.State> states = marks.stream().map(MarkOutlook::state).toList();
    if (states.contains(MarkOutlook.State.MISSED)) {
      return CoolingVerdict.MISSED;
    }
    if (!states.isEmpty() && states.stream().allMatch(MarkOutlook.State.SHOWN::equals)) {
      return CoolingVerdict.PASSED;
    }
    if (states.isEmpty()
        || history.standing().endsAtOrAbove(rules.of(Limit.COOL_LAST).value())
            && unmet(marks.get(marks.size() - 1))) {
      return CoolingVerdict.NEVER;
    }
    if (states.contains(MarkOutlook.State.TOO_LATE)) {
      return CoolingVerdict.WILL_MISS;
    }
    if (states.contains(MarkOutlook.State.IN_DOUBT) || states.contains(MarkOutlook.State.TO_READ)) {
      return CoolingVerdict.MAY_MISS;
    }
    return states.contains(MarkOutlook.State.IN_TIME)
        ? CoolingVerdict.MAKES_IT
        : CoolingVerdict.RECKONED;
  }

  private static boolean unmet(MarkOutlook mark) {
    return mark.state() != MarkOutlook.State.SHOWN && mark.state() != MarkOutlook.State.RECKONED;
  }

  private CorrectiveAction action(
      CoolingVerdict verdict, List<MarkOutlook> marks, Optional<Instant> clock, Instant now) {
    boolean toRead = marks.stream().anyMatch(mark -> mark.state() == MarkOutlook.State.TO_READ);
    return switch (verdict) {
      case MISSED -> CorrectiveAction.DISCARD;
      case PASSED, RECKONED -> CorrectiveAction.PUT_AWAY;
      case MAKES_IT -> CorrectiveAction.GO_ON;
      case MAY_MISS, WILL_MISS, NEVER ->
          toRead
              ? CorrectiveAction.READ_NOW
              : mayReheat(clock, now)
                  ? CorrectiveAction.COOL_FASTER_OR_REHEAT
                  : CorrectiveAction.COOL_FASTER;
    };
  }

  /** Only before the first mark's time is over, once, and where the rule set allows it. */
  private boolean mayReheat(Optional<Instant> clock, Instant now) {
    Duration first = rules.coolingMarks(history.start().celsius()).get(0).within();
    boolean early = clock.map(start -> !now.isAfter(start.plus(first))).orElse(true);
    return early && !reheated && rules.allows(Limit.COOL_AGAIN);
  }
}
