package urnstew.core.pantry;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** What an opened pack asks for. */
public final class PackTasks {
  private PackTasks() {}

  /**
   * To be used up, or past its date.
   *
   * @param useBy last day of use
   * @return empty while that is more than a day ahead
   */
  public static Optional<Task> of(Subject pack, LocalDate useBy, Instant now, ZoneId zone) {
    LocalDate today = LocalDate.ofInstant(now, zone);
    if (useBy.isAfter(today.plusDays(1))) {
      return Optional.empty();
    }
    Due due = Due.onDay(useBy, zone);
    return Optional.of(
        useBy.isBefore(today)
            ? Task.of("throw-away", Kind.THROW_AWAY, pack, "open for too long", due, Effort.NONE)
            : Task.of("use", Kind.USE, pack, "open: use it up", due, Effort.NONE));
  }
}
