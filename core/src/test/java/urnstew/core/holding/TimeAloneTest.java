package urnstew.core.holding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.holding.TimeAlone.State;
import urnstew.core.rules.RuleSet;
import urnstew.units.InvalidInput;

/** FDA Food Code 2022, 3-501.19: four hours from hot, six from cold below 21 °C. */
class TimeAloneTest {
  private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");
  private static final RuleSet CODE = rules("food-code-2022");
  private static final RuleSet UK = rules("uk-practice");

  private static RuleSet rules(String id) {
    return RuleSet.shipped(id).orElseThrow();
  }

  private static Instant after(double hours) {
    return NOON.plusSeconds(Math.round(hours * 3600));
  }

  private static State state(TimeAlone food, double hours, HoldReading... readings) {
    return food.at(after(hours), List.of(readings)).state();
  }

  @ParameterizedTest
  @CsvSource({
    "food-code-2022,false,4",
    "food-code-2022,true,6",
    "uk-practice,false,2",
    "uk-practice,true,4"
  })
  void theClockRunsWhateverItIsReadAt(String set, boolean fromCold, double hours) {
    TimeAlone food = new TimeAlone(NOON, fromCold, rules(set));
    HoldReading hot = new HoldReading(after(hours - 0.5), fromCold ? 4 : 80, 0.5);
    assertEquals(State.SERVE, state(food, hours - 0.01, hot));
    assertEquals(State.DISCARD, state(food, hours, hot), "no reading makes it longer");
    assertEquals(after(hours), food.at(NOON, List.of()).discard());
  }

  @Test
  void whatStartedColdAndGotWarmIsThrownAwayAtOnce() {
    TimeAlone food = new TimeAlone(NOON, true, CODE);
    HoldReading cool = new HoldReading(after(1), 20.4, 0.5);
    HoldReading warm = new HoldReading(after(2), 20.6, 0.5);
    assertEquals(State.SERVE, state(food, 3, cool));
    assertEquals(State.DISCARD, state(food, 2, cool, warm), "the error is added");
    assertEquals(after(2), food.at(after(3), List.of(warm, cool)).discard());
    assertTrue(new TimeAlone(NOON, true, UK).top().isEmpty(), "the British code has no such top");
    assertTrue(new TimeAlone(NOON, false, CODE).top().isEmpty(), "hot food only gets colder");
  }

  @ParameterizedTest
  @CsvSource({
    "false,57.5,0.5,true",
    "false,57.4,0.5,false",
    "true,4.5,0.5,true",
    "true,4.6,0.5,false",
    "false,20,0.5,false"
  })
  void itStartsHotOrColdAsFarAsTheThermometerShows(
      boolean fromCold, double celsius, double error, boolean starts) {
    if (starts) {
      TimeAlone food = TimeAlone.starting(NOON, fromCold, celsius, error, CODE);
      assertEquals(Duration.ofHours(fromCold ? 6 : 4), food.allowed());
    } else {
      InvalidInput fault =
          assertThrows(
              InvalidInput.class, () -> TimeAlone.starting(NOON, fromCold, celsius, error, CODE));
      assertEquals("celsius", fault.parameter());
    }
  }

  /** More readings never let anything be served that fewer would not. */
  @Test
  void readingsNeverSoftenTheRule() {
    Random random = new Random(11);
    for (int i = 0; i < 1000; i++) {
      TimeAlone food = new TimeAlone(NOON, random.nextBoolean(), random.nextBoolean() ? CODE : UK);
      List<HoldReading> readings = new ArrayList<>();
      Instant at = after(8 * random.nextDouble());
      Instant discard = food.at(at, readings).discard();
      for (int n = 0; n < 4; n++) {
        readings.add(
            new HoldReading(after(7 * random.nextDouble()), 30 * random.nextDouble(), 0.5));
        TimeAlone.Outlook next = food.at(at, readings);
        assertTrue(!next.discard().isAfter(discard));
        assertEquals(at.isBefore(next.discard()) ? State.SERVE : State.DISCARD, next.state());
        discard = next.discard();
      }
    }
  }
}
