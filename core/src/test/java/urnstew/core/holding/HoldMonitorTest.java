package urnstew.core.holding;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.rules.RuleSet;

/** Food Code 3-501.16, 3-403.11 and 3-501.19; England Regulations 2013, Schedule 4. */
class HoldMonitorTest {
  private static final RuleSet CODE = RuleSet.shipped("food-code-2022").orElseThrow();
  private static final RuleSet UK = RuleSet.shipped("uk-practice").orElseThrow();

  /** Readings as hour=°C, from the start of the hold on; the thermometer may be 0.5 K out. */
  @ParameterizedTest
  @CsvSource({
    "food-code-2022,1=66,1.5,HOT",
    "food-code-2022,1=66,2.5,TO_READ",
    "food-code-2022,1=57.2,1.1,REHEAT",
    "food-code-2022,1=57.5,1.1,HOT",
    "food-code-2022,1=66 2=50,2.5,REHEAT",
    "food-code-2022,1=66 2=50,3.5,DISCARD",
    "food-code-2022,1=66 2=45 2.2=59,2.5,REHEAT",
    "food-code-2022,1=66 2=45 2.2=59 2.9=76,3.5,HOT",
    "food-code-2022,1=66 2=45 2.2=59 3.2=76,3.5,DISCARD",
    "food-code-2022,3.5=50,3.6,DISCARD",
    "food-code-2022,1=66 2=50 3=75,3.5,HOT",
    "food-code-2022,1=66 2=50 5.5=75,6,DISCARD",
    "uk-practice,1=66 2=60,2.5,REHEAT",
    "uk-practice,1=66 2=60,3.5,DISCARD",
    "uk-practice,1=66 2=60 2.5=76,3,HOT",
    "uk-practice,1=66 2=60 2.5=76 3=61,3.1,DISCARD",
    "food-code-2022,1=66 2=50 2.5=76 3=50,3.1,REHEAT",
    "scotland-practice,1=66 2=60 2.5=76,2.6,REHEAT",
    "scotland-practice,1=66 2=60 2.5=83,2.6,HOT"
  })
  void theRule(String set, String readings, double now, HoldOutlook.State state) {
    HoldOutlook outlook =
        HoldMonitor.at(at(now), at(0), readings(readings), RuleSet.shipped(set).orElseThrow());
    assertEquals(state, outlook.state());
  }

  @Test
  void clocksRunFromTheLastHotReading() {
    List<HoldReading> readings = readings("1=66 2=50");
    HoldOutlook code = HoldMonitor.at(at(2.1), at(0), readings, CODE);
    assertEquals(at(1), code.lastHot());
    assertEquals(Optional.of(at(3)), code.act(), "reheated within two hours");
    assertEquals(at(3), code.discard(), "or thrown away");
    assertEquals(
        at(3), HoldMonitor.at(at(2.1), at(0), readings, UK).discard(), "one period of two");
  }

  private static List<HoldReading> readings(String text) {
    List<HoldReading> all = new ArrayList<>();
    for (String each : text.split(" ")) {
      String[] parts = each.split("=");
      all.add(new HoldReading(at(Double.parseDouble(parts[0])), Double.parseDouble(parts[1]), 0.5));
    }
    return all;
  }

  private static Instant at(double hours) {
    return Samples.NOON.plusSeconds(Math.round(hours * 3600));
  }
}
