package urnstew.core.pantry;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.units.Mass;

class BuyingTest {
  private static final Buying CANS = new Buying(1, List.of(pack(400, false), pack(2890, false)));

  @ParameterizedTest
  @CsvSource({
    "1200, 100, 800", // one of three cans is opened
    "1200, 400, 800", // just one can is used up
    "1200, 900, 0",
    "5780, 100, 2890", // two large ones, and not small ones
    "1000, 100, 0", // made up of no size: all that is left counts as opened
  })
  void shutPacksOfALotStayShut(double lot, double taken, double shut) {
    assertEquals(shut, CANS.staysShut(Mass.ofGrams(lot), Mass.ofGrams(taken)).grams(), 1e-9);
  }

  @Test
  void looseGoodsHaveNothingToOpen() {
    Buying loose = new Buying(0.9, List.of(pack(100, true)));
    assertEquals(250, loose.staysShut(Mass.ofGrams(300), Mass.ofGrams(50)).grams(), 1e-9);
  }

  private static Pack pack(double grams, boolean loose) {
    return new Pack("of " + grams, Mass.ofGrams(grams), loose, Optional.empty());
  }
}
