package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.formula.AlcoholLeft.Method;

/** Check-values h01 to h11: USDA Table of Nutrient Retention Factors, release 6, exact. */
class AlcoholLeftTest {
  @ParameterizedTest
  @CsvSource({
    "NOT_HEATED,0,100",
    "FLAMED,0,75",
    "STIRRED_IN,15,40",
    "STIRRED_IN,30,35",
    "STIRRED_IN,60,25",
    "STIRRED_IN,90,20",
    "STIRRED_IN,120,10",
    "STIRRED_IN,150,5"
  })
  void publishedShares(Method method, int minutes, double percent) {
    assertEquals(
        percent, AlcoholLeft.published(method, Duration.ofMinutes(minutes)).percent(), 1e-9);
  }

  @Test
  void itFallsWithTimeAndNeverToNothing() {
    double before = 1.01;
    for (int minutes = 0; minutes < 600; minutes += 7) {
      double left = AlcoholLeft.published(Method.STIRRED_IN, Duration.ofMinutes(minutes)).value();
      assertTrue(left <= before && left >= 0.05, minutes + " min: " + left);
      before = left;
    }
    AlcoholLeft dry = AlcoholLeft.between(1e-9, Duration.ofHours(5));
    assertTrue(dry.least().value() > 0, "no claim of none");
  }

  @Test
  void theRangeSpansTableAndPot() {
    AlcoholLeft covered = AlcoholLeft.between(0.8, Duration.ofMinutes(60));
    assertEquals(0.25, covered.least().value(), 1e-9);
    assertEquals(0.8, covered.most().value(), 1e-9);
  }
}
