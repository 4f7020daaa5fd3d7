package urnstew.core.serving.part;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import urnstew.core.serving.part.EggDough.Feel;
import urnstew.core.serving.part.PolentaPot.Grind;
import urnstew.core.serving.part.WhiteSauce.Thickness;
import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Check-value m13, trade rows P-10 and P-11, and every part both ways. */
class PartsTest {
  private static final Mass EGG = Mass.ofGrams(50);

  /** m13. */
  @Test
  void threeEggsAreSoftAndTwoAreDry() {
    Mass flour = Mass.ofGrams(250);
    assertEquals(Feel.SOFT, new EggDough(flour, EGG.times(3)).feel());
    EggDough dry = new EggDough(flour, EGG.times(2));
    assertEquals(Feel.DRY, dry.feel());
    assertTrue(dry.moreWet().grams() >= 45 && dry.moreWet().grams() <= 50);
    assertEquals(Feel.SUPPLE, new EggDough(flour, EGG.times(2).plus(dry.moreWet())).feel());
  }

  /** P-10: about a hundred grams an egg, of 50 to 56 g flesh, can be rolled. */
  @ParameterizedTest
  @CsvSource({"50", "53", "56"})
  void aHundredGramsAnEgg(double egg) {
    EggDough dough = new EggDough(Mass.ofGrams(100), Mass.ofGrams(egg));
    assertTrue(dough.feel() == Feel.FIRM || dough.feel() == Feel.SUPPLE, dough.feel().name());
    assertTrue(dough.startWith().compareTo(dough.flour()) < 0);
    Mass[] feel = EggDough.forEggs(1, Mass.ofGrams(egg)).byFeel();
    assertTrue(feel[0].grams() < 100 && feel[1].grams() > 100, feel[0] + " to " + feel[1]);
  }

  @Test
  void doughBothWays() {
    EggDough four = EggDough.forEggs(4, EGG);
    assertEquals(4, EggDough.forFlour(four.flour(), EGG).eggs().grams() / 50, 1e-9);
    assertEquals(four.mass().grams(), EggDough.forDough(four.mass(), EGG).mass().grams(), 1e-6);
    Length thin = Length.ofMillimeters(1);
    Area rolled = four.rolledTo(thin);
    assertEquals(four.mass().grams(), EggDough.forArea(rolled, thin).grams(), 1e-6);
    assertEquals(Feel.SUPPLE, four.feel());
  }

  /** P-11: thin 3 to 4 %, medium 5 to 6, thick 6.5 to 9; fat equal or a little more. */
  @ParameterizedTest
  @CsvSource({"3,THIN", "4,THIN", "5,MEDIUM", "6,MEDIUM", "6.5,THICK", "9,THICK"})
  void thicknessByFlour(double percent, Thickness thickness) {
    WhiteSauce sauce = WhiteSauce.of(new Mass(1), Mass.ofGrams(10 * percent));
    assertEquals(thickness, sauce.hot(false));
    assertTrue(sauce.cold(false).compareTo(thickness) >= 0);
    double fat = sauce.fat().kilograms() / sauce.flour().kilograms();
    assertTrue(fat >= 1 && fat <= 1.2);
  }

  @ParameterizedTest
  @EnumSource
  void whiteSauceBothWays(Thickness thickness) {
    WhiteSauce sauce = WhiteSauce.ofMilk(new Mass(1), thickness);
    assertEquals(thickness, sauce.hot(false));
    assertEquals(1, WhiteSauce.ofFlour(sauce.flour(), thickness).milk().kilograms(), 1e-9);
    WhiteSauce made = WhiteSauce.ofSauce(sauce.mass(true), thickness, true);
    assertEquals(1, made.milk().kilograms(), 1e-9);
    assertTrue(sauce.mass(true).compareTo(sauce.mass(false)) < 0);
  }

  @ParameterizedTest
  @EnumSource
  void polentaBothWays(Grind grind) {
    PolentaPot pot = PolentaPot.ofGrain(Mass.ofGrams(400), 4.5, grind);
    assertEquals(400, PolentaPot.ofCooked(pot.cooked(), 4.5, grind).grain().grams(), 1e-6);
    assertTrue(pot.cooked().kilograms() < 2.2 && pot.cooked().kilograms() > 1.9);
    assertTrue(PolentaPot.ofGrain(Mass.ofGrams(400), 4, grind).cuts() && !pot.cuts());
    assertEquals(pot.cooked().kilograms() / 1080, pot.in(new Area(0.1)).meters() * 0.1, 1e-9);
  }

  @Test
  void whatSharesAnOven() {
    OvenNeighbour bread =
        OvenNeighbour.shipped().stream()
            .filter(one -> one.id().equals("garlic-bread"))
            .findFirst()
            .orElseThrow();
    Temperature tray = Temperature.ofCelsius(175);
    assertTrue(bread.goesInAt(tray));
    assertTrue(!bread.goesInAt(Temperature.ofCelsius(240)));
    assertTrue(bread.minutesAt(tray).likely().compareTo(bread.minutes().likely()) > 0);
    EquipmentTime roller =
        EquipmentTime.shipped().stream()
            .filter(one -> one.equipment().equals("roller"))
            .findFirst()
            .orElseThrow();
    assertTrue(roller.of(new Mass(2)).compareTo(roller.of(new Mass(1))) > 0);
  }

  @Test
  void badInputNamesItsField() {
    assertEquals(
        "eggCount", assertThrows(InvalidInput.class, () -> EggDough.forEggs(-2, EGG)).parameter());
    assertEquals(
        "flourOnMilk",
        assertThrows(InvalidInput.class, () -> WhiteSauce.of(new Mass(1), Mass.ofGrams(400)))
            .parameter());
    assertEquals(
        "waterToGrain",
        assertThrows(InvalidInput.class, () -> PolentaPot.ofGrain(new Mass(1), 12, Grind.QUICK))
            .parameter());
  }
}
