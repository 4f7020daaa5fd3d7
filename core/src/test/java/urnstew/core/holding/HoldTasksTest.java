package urnstew.core.holding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Attention;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** What is held or stands out calls as its rule says, by every rule set that is shipped. */
class HoldTasksTest {
  private static final Subject POT = new Subject(Place.HELD_HOT, "h", "Marinara");

  private static Instant at(double hours) {
    return Samples.NOON.plusSeconds(Math.round(hours * 3600));
  }

  @Test
  void whatFellOrWasNotReadCallsNow() {
    Random random = new Random(3);
    Set<HoldOutlook.State> met = EnumSet.noneOf(HoldOutlook.State.class);
    for (int evening = 0; evening < 200; evening++) {
      List<HoldReading> readings = new ArrayList<>();
      double hour = 0;
      while (hour < 6) {
        hour += 0.2 + 1.4 * random.nextDouble();
        if (random.nextInt(4) > 0) {
          double celsius =
              random.nextInt(5) == 0 ? 50 + random.nextInt(35) : 64 + random.nextInt(20);
          readings.add(new HoldReading(at(hour), celsius, 0.5));
        }
        String set = random.nextBoolean() ? "food-code-2022" : "uk-practice";
        HoldOutlook outlook =
            HoldMonitor.at(at(hour + 0.01), at(0), readings, RuleSet.shipped(set).orElseThrow());
        Task task = HoldTasks.of(POT, outlook);
        met.add(outlook.state());
        Attention loud = task.due().attention(at(hour + 0.01));
        assertEquals(
            outlook.state() != HoldOutlook.State.HOT,
            loud == Attention.ALARM,
            outlook + " calls " + loud);
        assertEquals(outlook.state() == HoldOutlook.State.DISCARD, task.kind() == Kind.THROW_AWAY);
        assertTrue(!task.due().at().isAfter(outlook.discard()), "never later than the rule");
      }
    }
    assertEquals(EnumSet.allOf(HoldOutlook.State.class), met);
  }

  @Test
  void whatStandsOutIsCalledForBeforeItsTimeIsOver() {
    TimeAlone out = new TimeAlone(at(0), false, RuleSet.shipped("food-code-2022").orElseThrow());
    Instant end = at(0).plus(out.allowed());
    Task serve = HoldTasks.of(POT, out.at(at(1), List.of()));
    assertEquals(Attention.NEXT, serve.due().attention(at(1)));
    assertEquals(Attention.ALARM, serve.due().attention(end.minus(Duration.ofMinutes(15))));
    Task away = HoldTasks.of(POT, out.at(end, List.of()));
    assertEquals(Kind.THROW_AWAY, away.kind());
    assertEquals(Attention.ALARM, away.due().attention(end));
  }
}
