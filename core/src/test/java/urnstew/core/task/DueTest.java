package urnstew.core.task;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static urnstew.core.task.Attention.ALARM;
import static urnstew.core.task.Attention.NEXT;
import static urnstew.core.task.Attention.WAIT;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task.Kind;
import urnstew.units.InvalidInput;

class DueTest {
  private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");
  private static final Subject POT = new Subject(Place.POT, "p", "Pot");

  private static Instant after(int minutes) {
    return NOON.plus(Duration.ofMinutes(minutes));
  }

  private static List<Attention> calls(Due due, int... minutes) {
    return java.util.Arrays.stream(minutes).mapToObj(m -> due.attention(after(m))).toList();
  }

  @Test
  void callsLouderAsItsMomentComes() {
    assertEquals(
        List.of(NEXT, NEXT, WAIT, WAIT, ALARM, ALARM),
        calls(Due.at(after(60)), 0, 44, 45, 59, 60, 600));
    assertEquals(
        List.of(NEXT, WAIT, WAIT, ALARM), calls(Due.before(after(60), after15()), 29, 30, 44, 45));
    assertEquals(List.of(NEXT, WAIT, WAIT), calls(Due.fromThen(after(10)), 9, 10, 600));
    assertEquals(List.of(ALARM, ALARM), calls(Due.overdue(NOON, after(60)), 0, 90));
  }

  private static Duration after15() {
    return Duration.ofMinutes(15);
  }

  /** A day is the kitchen's: in Auckland the second of March begins while it is the first here. */
  @Test
  void aDayIsTheKitchensOwn() {
    ZoneId auckland = ZoneId.of("Pacific/Auckland");
    Due due = Due.onDay(LocalDate.parse("2026-03-02"), auckland);
    assertEquals(NEXT, due.attention(Instant.parse("2026-03-01T10:59:59Z")));
    assertEquals(WAIT, due.attention(Instant.parse("2026-03-01T11:00:00Z")));
    assertEquals(WAIT, due.attention(Instant.parse("2026-03-02T10:59:59Z")));
    assertEquals(ALARM, due.attention(Instant.parse("2026-03-02T11:00:00Z")));
  }

  @Test
  void theListHasWhatCannotWaitFirstAndNothingThatIsOver() {
    Task late = Task.of("late", Kind.ADD, POT, "late", Due.at(after(-3)), Effort.NONE);
    Task lateToo = Task.of("later", Kind.ADD, POT, "late too", Due.at(after(-1)), Effort.NONE);
    Task soon = Task.of("soon", Kind.ADD, POT, "soon", Due.at(after(5)), Effort.NONE);
    Task early = Task.of("hands", Kind.STAGE, POT, "waits", Due.fromThen(after(-9)), Effort.NONE);
    Task over =
        Task.of("over", Kind.STAGE, POT, "over", Due.fromThen(after(-9)).until(NOON), Effort.NONE);
    assertEquals(
        List.of(late, lateToo, early, soon),
        TaskList.inOrder(List.of(soon, over, early, lateToo, late), NOON));
  }

  @Test
  void aBandIsInOrderAndAddsUpAtItsEdges() {
    Span one = Span.about(Duration.ofMinutes(10), 0.2);
    Span both = one.plus(Span.exactly(Duration.ofMinutes(5)));
    assertEquals(Duration.ofMinutes(13), both.least());
    assertEquals(Duration.ofMinutes(17), both.most());
    Duration minute = Duration.ofMinutes(1);
    assertThrows(InvalidInput.class, () -> new Span(minute, Duration.ZERO, minute));
    assertTrue(new Effort(one, Span.NONE).total().equals(one));
  }
}
