package urnstew.core.holding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.holding.HoldOutlook.State;
import urnstew.core.rules.RuleSet;

/**
 * Random holds against a checker that walks minute by minute and knows only the words of the rule.
 */
class HoldRuleTest {
  private static final RuleSet CODE = RuleSet.shipped("food-code-2022").orElseThrow();
  private static final int CASES = 3_000;
  private static final double LIMIT = 57;

  @Test
  void minuteByMinute() {
    SplittableRandom chance = new SplittableRandom(3_501_016);
    Set<State> seen = EnumSet.noneOf(State.class);
    for (int i = 0; i < CASES; i++) {
      int now = chance.nextInt(1, 9 * 60);
      double[] read = new double[now + 1];
      Arrays.fill(read, Double.NaN);
      List<HoldReading> readings = new ArrayList<>();
      for (int k = chance.nextInt(7); k > 0; k--) {
        int at = chance.nextInt(now + 1);
        if (Double.isNaN(read[at])) {
          read[at] = Math.round(chance.nextDouble(45, 75));
          readings.add(new HoldReading(at(at), read[at], 0));
        }
      }
      State expected = byTheMinute(read);
      State found = HoldWatch.at(at(now), at(0), readings, CODE).state();
      assertEquals(expected, found, "case " + i);
      seen.add(found);
    }
    assertTrue(seen.containsAll(EnumSet.allOf(State.class)), "every state was met: " + seen);
  }

  private static State byTheMinute(double[] read) {
    int lastHot = 0;
    boolean cold = false;
    for (int minute = 0; minute < read.length; minute++) {
      if (!Double.isNaN(read[minute])) {
        if (cold && minute > lastHot + 240) {
          return State.DISCARD;
        }
        cold = read[minute] < LIMIT;
        lastHot = cold ? lastHot : minute;
      }
    }
    int since = read.length - 1 - lastHot;
    if (!cold) {
      return since > 60 ? State.TO_READ : State.HOT;
    }
    return since > 240 ? State.DISCARD : since > 120 ? State.SERVE_NOW : State.REHEAT;
  }

  private static Instant at(int minute) {
    return Samples.NOON.plusSeconds(60L * minute);
  }
}
