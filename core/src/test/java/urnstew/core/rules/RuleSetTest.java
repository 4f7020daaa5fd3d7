package urnstew.core.rules;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.units.InvalidInput;

/** Check-values c20 to c40 (Food Code 2022; England Regulations 2013, Schedule 4; FSA guidance). */
class RuleSetTest {
  private static final RuleSet CODE = RuleSet.shipped("food-code-2022").orElseThrow();
  private static final RuleSet UK = RuleSet.shipped("uk-practice").orElseThrow();

  @ParameterizedTest
  @CsvSource({
    "food-code-2022,HOT_HOLD,57,3-501.16",
    "food-code-2022,HOT_HOLD_ROAST,54,3-501.16",
    "food-code-2022,COLD_HOLD,5,3-501.16",
    "food-code-2022,COOL_FROM,57,3-501.14",
    "food-code-2022,COOL_FIRST,21,3-501.14",
    "food-code-2022,COOL_FIRST_TIME,7200,3-501.14",
    "food-code-2022,COOL_LAST,5,3-501.14",
    "food-code-2022,COOL_LAST_TIME,21600,3-501.14",
    "food-code-2022,REHEAT,74,3-403.11",
    "food-code-2022,REHEAT_FOR,15,3-403.11",
    "food-code-2022,REHEAT_WITHIN,7200,3-403.11",
    "food-code-2022,REHEAT_PACKED,57,3-403.11",
    "food-code-2022,KEEP_DAYS,7,3-501.17",
    "food-code-2022,WARM_TIME,14400,3-501.19",
    "food-code-2022,COLD_TIME,21600,3-501.19",
    "food-code-2022,COLD_TIME_TOP,21,3-501.19",
    "food-code-2022,COOL_AMBIENT_TIME,14400,3-501.14(B)",
    "food-code-2022,REHEAT_STAND,120,3-403.11(B)",
    "food-code-2022,FISH_FROZEN,-20,3-402.11",
    "food-code-2022,FISH_FROZEN_TIME,604800,3-402.11",
    "scotland-practice,REHEAT,82,Scotland",
    "uk-practice,WARM_PERIODS,1,Schedule 4",
    "uk-practice,HOT_HOLD,63,Schedule 4",
    "uk-practice,WARM_TIME,7200,Schedule 4",
    "uk-practice,COLD_HOLD,8,Schedule 4",
    "uk-practice,COLD_TIME,14400,Schedule 4"
  })
  void limits(String set, Limit limit, double value, String section) {
    Provision says = RuleSet.shipped(set).orElseThrow().of(limit);
    assertEquals(value, says.value());
    assertTrue(says.section().contains(section), says.section());
  }

  @ParameterizedTest
  @CsvSource({
    "food-code-2022,POULTRY_OR_STUFFED,74=0",
    "food-code-2022,MINCED,70=0 68=17 66=60 63=180",
    "food-code-2022,EGGS_AT_ONCE,63=15",
    "food-code-2022,EGGS_TO_HOLD,68=17",
    "uk-practice,POULTRY_OR_STUFFED,80=6 75=30 70=120 65=600 60=2700",
    "uk-practice,MINCED,80=6 75=30 70=120 65=600 60=2700"
  })
  void cooking(String set, CookedFood food, String expected) {
    List<String> says =
        RuleSet.shipped(set).orElseThrow().cooking().stream()
            .filter(each -> each.food() == food)
            .map(each -> Math.round(each.core().celsius()) + "=" + each.heldFor().toSeconds())
            .toList();
    assertEquals(Arrays.asList(expected.split(" ")), says);
  }

  @Test
  void theFirstShippedIsTheDefaultAndEveryLimitHasItsSection() {
    assertEquals(RuleSet.DEFAULT_ID, RuleSet.shipped().get(0).id());
    for (RuleSet set : RuleSet.shipped()) {
      for (Provision each : set.provisions()) {
        assertFalse(each.section().isBlank(), set.id() + " " + each.limit());
        assertTrue(each.value() >= each.limit().least(), set.id() + " " + each.limit());
        assertTrue(each.value() <= each.limit().most(), set.id() + " " + each.limit());
      }
    }
  }

  @Test
  void marksOfCooling() {
    assertEquals(
        List.of(Duration.ofHours(2), Duration.ofHours(6)),
        CODE.coolingMarks().stream().map(CoolingMark::within).toList());
    assertEquals(List.of(8.0), UK.coolingMarks().stream().map(CoolingMark::celsius).toList());
  }

  /** 3-401.11(B)(2), from memory: the cooler the core, the longer it is kept. */
  @Test
  void roastsTradeWarmthForTime() {
    List<CookedTo> rows =
        CODE.cooking().stream().filter(each -> each.food() == CookedFood.ROAST).toList();
    assertEquals(Duration.ZERO, rows.get(0).heldFor());
    assertEquals(Duration.ofMinutes(112), rows.get(rows.size() - 1).heldFor());
    for (int i = 1; i < rows.size(); i++) {
      assertTrue(rows.get(i).core().celsius() < rows.get(i - 1).core().celsius());
      assertTrue(rows.get(i).heldFor().compareTo(rows.get(i - 1).heldFor()) > 0);
    }
  }

  /** 3-501.14(B). */
  @Test
  void whatWasNeverHotHasFourHours() {
    assertEquals(
        List.of(Duration.ofHours(4)),
        CODE.coolingMarks(20).stream().map(CoolingMark::within).toList());
    assertEquals(CODE.coolingMarks(), CODE.coolingMarks(60));
    assertEquals(UK.coolingMarks(), UK.coolingMarks(20));
  }

  @Test
  void aKitchenChangesItsOwnCopyWithAReason() {
    RuleSet own = CODE.copied("ours", "Our own");
    RuleSet stricter = own.changed(Limit.HOT_HOLD, 60, "county code asks for 60");
    assertEquals(60, stricter.of(Limit.HOT_HOLD).value());
    assertEquals("county code asks for 60", stricter.of(Limit.HOT_HOLD).reason());
    assertEquals(57, CODE.of(Limit.HOT_HOLD).value(), "the shipped one stays");
    assertFalse(Limit.HOT_HOLD.laxer(57, 60));
    assertTrue(Limit.HOT_HOLD.laxer(57, 55));
    assertTrue(Limit.KEEP_DAYS.laxer(7, 9));
    assertTrue(Limit.COOL_AGAIN.laxer(0, 1), "a leave is laxer than none");
  }

  @ParameterizedTest
  @CsvSource({
    "HOT_HOLD,60,why,reason,no-reason",
    "HOT_HOLD,120,county code,value,too-large",
    "COOL_FIRST,5,county code,value,marks-out-of-order",
    "COOL_LAST_TIME,3600,county code,value,marks-out-of-order"
  })
  void whatACopyMayNotSay(Limit limit, double value, String why, String field, String code) {
    InvalidInput fault = assertThrows(InvalidInput.class, () -> CODE.changed(limit, value, why));
    assertEquals(field, fault.parameter());
    assertEquals(code, fault.code());
  }

  @Test
  void whatACodeDoesNotSpeakOf() {
    InvalidInput fault =
        assertThrows(InvalidInput.class, () -> UK.changed(Limit.COOL_FIRST, 20, "county code"));
    assertEquals("limit-missing", fault.code());
    assertFalse(UK.allows(Limit.COOL_AGAIN));
  }
}
