package urnstew.core.cooling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import urnstew.core.task.Attention;
import urnstew.core.task.Figure;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Temperature;

/** Never softer than the code: whatever is at stake calls at once. */
class CoolingTasksTest {
  private static final Subject PANS = new Subject(Place.COOLING, "c", "Ragù");

  private static Task at(double hours, CoolingOutlook outlook) {
    assertTrue(hours >= 0);
    return CoolingTasks.of(PANS, Coolings.START, outlook);
  }

  @Test
  void itsNextMarkIsDueByItsDeadline() {
    CoolingOutlook outlook =
        CoolingMonitor.of(
                Coolings.history(
                    Coolings.ragu(9), Coolings.in(Coolings.TIN, 2, ColdPlace.BLAST_CHILLER)),
                Coolings.CODE)
            .at(Coolings.after(0.5));
    Task task = at(1, outlook);
    assertEquals(Kind.READ_COOLING, task.kind());
    assertEquals(outlook.clockFrom().orElseThrow().plusSeconds(7200), task.due().at(), "two hours");
    assertEquals(Optional.of(new Figure.Warm(Temperature.ofCelsius(21))), task.figure());
  }

  /** On random evenings of one cooling every duty comes up, and each calls as loudly as it must. */
  @Test
  void callsAsLoudlyAsItsDuty() {
    Random random = new Random(7);
    Set<CorrectiveAction> met = EnumSet.noneOf(CorrectiveAction.class);
    for (int evening = 0; evening < 60; evening++) {
      List<CoolingEvent> events = new ArrayList<>();
      double hour = 0.2;
      double celsius = 85;
      double pace = 0.3 + random.nextDouble();
      while (hour < 7) {
        hour += 0.2 + random.nextDouble();
        celsius = 2 + (celsius - 2) * Math.exp(-pace * (0.5 + random.nextDouble()));
        if (random.nextInt(3) > 0) {
          events.add(Coolings.read(hour, celsius));
        }
        double now = hour + 0.01;
        CoolingOutlook outlook = outlook(now, events);
        Task task = at(now, outlook);
        Attention loud = task.due().attention(Coolings.after(now));
        met.add(outlook.action());
        switch (outlook.action()) {
          case DISCARD, READ_NOW, COOL_FASTER, COOL_FASTER_OR_REHEAT ->
              assertEquals(Attention.ALARM, loud, outlook.action() + " of " + events);
          case PUT_AWAY -> assertEquals(Attention.WAIT, loud);
          case GO_ON -> assertEquals(Kind.READ_COOLING, task.kind());
        }
        assertEquals(outlook.action() == CorrectiveAction.DISCARD, task.kind() == Kind.THROW_AWAY);
        Instant deadline = task.due().latest();
        assertTrue(!task.due().at().isAfter(deadline));
      }
    }
    assertTrue(
        met.containsAll(
            EnumSet.of(
                CorrectiveAction.GO_ON,
                CorrectiveAction.READ_NOW,
                CorrectiveAction.PUT_AWAY,
                CorrectiveAction.DISCARD)),
        met.toString());
  }

  private static CoolingOutlook outlook(double now, List<CoolingEvent> events) {
    CoolingSetup setup = Coolings.in(Coolings.TIN, 2, ColdPlace.STILL_REFRIGERATOR);
    return CoolingMonitor.of(
            Coolings.history(Coolings.ragu(9), setup, events.toArray(CoolingEvent[]::new)),
            Coolings.CODE)
        .at(Coolings.after(now));
  }
}
