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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.holding.HoldOutlook.State;
import urnstew.core.rules.RuleSet;

/**
 * Law 4: random holds against a checker that walks minute by minute and knows only the words of the
 * rule: below the limit it is reheated to 74 °C (75 °C) within two hours, or thrown away; in the
 * United Kingdom it may be below once only. A hold is never called hot on less.
 */
class HoldRuleTest {
  private static final int CASES = 3_000;

  private record Words(String set, double limit, double reheat, int mayFall) {}

  @ParameterizedTest
  @CsvSource({"food-code-2022,57,74,1000", "uk-practice,63,75,1", "scotland-practice,63,82,1"})
  void minuteByMinute(String set, double limit, double reheat, int mayFall) {
    Words words = new Words(set, limit, reheat, mayFall);
    RuleSet rules = RuleSet.shipped(set).orElseThrow();
    SplittableRandom chance = new SplittableRandom(3_501_016);
    Set<State> seen = EnumSet.noneOf(State.class);
    for (int i = 0; i < CASES; i++) {
      int now = chance.nextInt(1, 9 * 60);
      double[] read = new double[now + 1];
      Arrays.fill(read, Double.NaN);
      List<HoldReading> readings = new ArrayList<>();
      for (int k = chance.nextInt(9); k > 0; k--) {
        int at = chance.nextInt(now + 1);
        if (Double.isNaN(read[at])) {
          read[at] = Math.round(chance.nextDouble(45, 95));
          readings.add(new HoldReading(at(at), read[at], 0));
        }
      }
      State expected = byTheMinute(read, words);
      State found = HoldMonitor.at(at(now), at(0), readings, rules).state();
      assertEquals(expected, found, "case " + i);
      seen.add(found);
    }
    assertTrue(seen.containsAll(EnumSet.allOf(State.class)), "every state was met: " + seen);
  }

  private static State byTheMinute(double[] read, Words words) {
    int shownHot = 0;
    int falls = 0;
    boolean down = false;
    for (int minute = 0; minute < read.length; minute++) {
      if (Double.isNaN(read[minute])) {
        continue;
      }
      boolean overTime = minute - shownHot > 120;
      if (down && overTime) {
        return State.DISCARD;
      }
      boolean mended = down && read[minute] >= words.reheat();
      boolean hot = !down && read[minute] >= words.limit();
      if (!down && !hot) {
        falls++;
        down = true;
        if (overTime || falls > words.mayFall()) {
          return State.DISCARD;
        }
      }
      if (mended || hot) {
        down = false;
        shownHot = minute;
      }
    }
    int since = read.length - 1 - shownHot;
    if (down) {
      return since > 120 ? State.DISCARD : State.REHEAT;
    }
    return since > 60 ? State.TO_READ : State.HOT;
  }

  private static Instant at(int minute) {
    return Samples.NOON.plusSeconds(60L * minute);
  }
}
