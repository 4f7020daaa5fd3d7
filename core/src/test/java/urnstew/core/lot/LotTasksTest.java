package urnstew.core.lot;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.lot.LotTasks.Today;
import urnstew.core.pantry.PackTasks;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;

/** Food Code 3-501.17: seven days, the day of making counted. */
class LotTasksTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Zurich");
  private static final Subject LOT = new Subject(Place.TUBS, "l", "Base");
  private static final Today TODAY =
      new Today(
          Instant.parse("2026-03-09T15:00:00Z"),
          ZONE,
          RuleSet.shipped("food-code-2022").orElseThrow());

  /** Made on a day of March; seen on the ninth in the afternoon. */
  @ParameterizedTest
  @CsvSource({
    "2,THROW_AWAY,ALARM",
    "3,USE,WAIT",
    "4,USE,NEXT",
    "5,,",
  })
  void aTubAsksOnItsLastDays(int made, Task.Kind kind, String loud) {
    List<Task> tasks =
        LotTasks.of(LOT, LotDates.madeOn(day(made)), Optional.empty(), () -> 29, TODAY);
    assertEquals(kind == null ? List.of() : List.of(kind), kinds(tasks));
    tasks.forEach(
        task -> assertEquals(loud, task.due().attention(TODAY.now()).name(), task.what()));
  }

  @Test
  void aFrozenTubAsksOnlyToBeMovedInTime() {
    LotDates frozen = new LotDates(day(1), Optional.of(day(1)), Optional.empty());
    assertEquals(List.of(), LotTasks.of(LOT, frozen, Optional.empty(), () -> 29, TODAY));
    Instant soon = Instant.parse("2026-03-10T15:00:00Z");
    assertEquals(
        List.of(Task.Kind.MOVE_TO_THAW),
        kinds(LotTasks.of(LOT, frozen, Optional.of(soon), () -> 29, TODAY)));
    Instant far = Instant.parse("2026-03-20T15:00:00Z");
    assertEquals(List.of(), LotTasks.of(LOT, frozen, Optional.of(far), () -> 29, TODAY));
  }

  /** An hour before midnight UTC it is the next day already where this kitchen stands. */
  @Test
  void aPackAsksByTheKitchensDay() {
    Subject pack = new Subject(Place.PACK, "s", "Cream");
    Instant late = Instant.parse("2026-03-09T23:30:00Z");
    assertEquals(Task.Kind.THROW_AWAY, PackTasks.of(pack, day(9), late, ZONE).orElseThrow().kind());
    assertEquals(Task.Kind.USE, PackTasks.of(pack, day(10), late, ZONE).orElseThrow().kind());
    assertEquals(Task.Kind.USE, PackTasks.of(pack, day(11), late, ZONE).orElseThrow().kind());
    assertEquals(Optional.empty(), PackTasks.of(pack, day(12), late, ZONE));
  }

  private static LocalDate day(int ofMarch) {
    return LocalDate.of(2026, 3, ofMarch);
  }

  private static List<Task.Kind> kinds(List<Task> tasks) {
    return tasks.stream().map(Task::kind).toList();
  }
}
