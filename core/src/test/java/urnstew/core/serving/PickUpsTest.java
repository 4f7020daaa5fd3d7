package urnstew.core.serving;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.units.InvalidInput;

class PickUpsTest {
  private static final Instant SEVEN = Instant.parse("2026-12-01T19:00:00Z");

  /** Arithmetic: 40 plates in 90 minutes are four every ten minutes, first and last included. */
  @Test
  void fortyPlatesFromSevenToHalfPastEight() {
    PickUps out = PickUps.over(40, SEVEN, SEVEN.plus(Duration.ofMinutes(90)));
    assertEquals(10, out.all().size());
    assertEquals(4, out.most());
    assertEquals(Duration.ofMinutes(10), out.step());
    assertEquals(SEVEN.plus(Duration.ofMinutes(90)), out.last());
  }

  /** Nobody is forgotten and nobody eats twice, of all eaters and of some of them. */
  @ParameterizedTest
  @CsvSource({"1,1,5", "40,17,90", "41,41,90", "7,6,240", "240,100,360", "13,0,25"})
  void everyPlateGoesOutOnce(int covers, int some, int minutes) {
    PickUps out = PickUps.over(covers, SEVEN, SEVEN.plus(Duration.ofMinutes(minutes)));
    assertEquals(covers, out.covers());
    assertEquals(some, out.of(some).covers());
    assertTrue(out.all().size() <= 12);
    for (int place = 0; place < out.all().size(); place++) {
      int plates = out.all().get(place).plates();
      assertTrue(plates >= 0 && out.of(some).all().get(place).plates() >= 0);
      assertTrue(out.of(some).all().get(place).plates() <= plates, "some of those");
    }
  }

  @Test
  void aWindowEndsAfterItBegins() {
    InvalidInput none = assertThrows(InvalidInput.class, () -> PickUps.over(4, SEVEN, SEVEN));
    assertEquals("servedUntilLocalTime", none.parameter());
    assertThrows(InvalidInput.class, () -> PickUps.over(4, SEVEN, SEVEN.plus(Duration.ofHours(7))));
  }
}
