package urnstew.core.lot;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.IntSupplier;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** What tubs ask for: to be moved in time to thaw, used, or thrown away. */
public final class LotTasks {
  /** Days ahead that tubs are looked after, this one counted. */
  private static final int DAYS_AHEAD = 2;

  private static final Effort MOVE = Effort.ofMinutes(1, 2, 5);

  private LotTasks() {}

  /** When and where it is looked at. */
  public record Today(Instant now, ZoneId zone, RuleSet rules) {
    LocalDate date() {
      return LocalDate.ofInstant(now, zone);
    }
  }

  /** Whether a date is near enough to be told. */
  private static boolean isNear(LocalDate day, LocalDate today) {
    return !day.isAfter(today.plusDays(DAYS_AHEAD - 1L));
  }

  /**
   * What one lot asks for.
   *
   * @param moveBy when it has to leave the freezer to be thawed in time; empty where nobody wants
   *     it
   * @param plates that it is for, about; asked for only where it is told
   */
  public static List<Task> of(
      Subject lot, LotDates dates, Optional<Instant> moveBy, IntSupplier plates, Today today) {
    if (dates.isFrozen()) {
      return moveBy
          .filter(by -> LocalDate.ofInstant(by, today.zone()).compareTo(last(today)) <= 0)
          .map(by -> Task.of("thaw", Kind.MOVE_TO_THAW, lot, "move it to thaw", Due.at(by), MOVE))
          .stream()
          .toList();
    }
    LocalDate day = dates.useBy(today.rules()).orElseThrow();
    if (!isNear(day, today.date())) {
      return List.of();
    }
    Due due = Due.onDay(day, today.zone());
    return List.of(
        day.isBefore(today.date())
            ? Task.of("throw-away", Kind.THROW_AWAY, lot, "past its date: throw it away", due, MOVE)
            : Task.of("use", Kind.USE, lot, "use it", due, Effort.NONE)
                .with(new Figure.Plates(plates.getAsInt())));
  }

  private static LocalDate last(Today today) {
    return today.date().plusDays(DAYS_AHEAD);
  }
}
