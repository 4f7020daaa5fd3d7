package urnstew.core.serving.pasta;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.formula.Use;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.Serving;
import urnstew.core.sizing.Style;
import urnstew.core.thermo.Altitude;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** Check-values i01, i02, i04, i06, i08, m06 to m09; trade rows T-13 and T-14. */
class PastaTest {
  private static final Surroundings HIGH = Surroundings.at(new Altitude(2350));
  private static final PastaAtStove.Way WAY =
      new PastaAtStove.Way(8, 10, Temperature.ofCelsius(12), true);

  private static PastaBatch spaghetti(double kilograms) {
    return new PastaBatch(
        PastaShape.of("spaghetti"), new Mass(kilograms), Temperature.ofCelsius(20));
  }

  private static WaterPot water(double kilograms, double watts, double loss, double boiling) {
    return new WaterPot(
        new Mass(kilograms),
        kilograms * 4186,
        loss,
        new Power(watts),
        0,
        Temperature.ofCelsius(12),
        Temperature.ofCelsius(boiling),
        Temperature.ofCelsius(20));
  }

  /** i01 and m08. */
  @ParameterizedTest
  @CsvSource({"0,2.379", "0.06,2.236"})
  void cookedWeight(double leached, double times) {
    Mass cooked = spaghetti(1).cookedAt(new MassFraction(0.6213), leached);
    assertEquals(times, cooked.kilograms(), 0.01);
  }

  /** i02: 210 to 240 g from 100 g, al dente to soft. */
  @Test
  void everyDryShapeDoubles() {
    for (PastaShape shape : PastaShape.shipped()) {
      if (!shape.isFresh()) {
        PastaBatch batch = new PastaBatch(shape, Mass.ofGrams(100), Temperature.ofCelsius(20));
        double soft = batch.cookedAt(new MassFraction(0.62), 0.055).grams();
        assertTrue(batch.cooked().grams() >= 190 && soft <= 240, shape.id());
      }
    }
    assertTrue(PastaShape.shipped().size() >= 20);
  }

  /** m06. */
  @Test
  void sixteenLitersToTheBoil() {
    double minutes = water(16, 3000, 8, 92.1).toTheBoil().likely().toMillis() / 60_000.0;
    assertEquals(32.6, minutes, 0.03 * 32.6);
  }

  /** A probe that shows what the pot would on this power finds this power again. */
  @Test
  void aProbeInTheWaterTellsOfTheFire() {
    WaterPot weak = water(16, 2400, 8, 92.1);
    double seconds = 600;
    double level = 20 + 2400 / 8.0;
    double shown = level + (12 - level) * Math.exp(-8 * seconds / (16 * 4186));
    WaterPot told =
        water(16, 3000, 8, 92.1).probed(Duration.ofSeconds(600), Temperature.ofCelsius(shown));
    assertEquals(2400, told.power().watts(), 0.1);
    long off = told.toTheBoil().likely().minus(weak.toTheBoil().likely()).toSeconds();
    assertEquals(0, off, 1);
    InvalidInput cold =
        assertThrows(
            InvalidInput.class,
            () -> weak.probed(Duration.ofMinutes(5), Temperature.ofCelsius(10)));
    assertEquals("waterReading", cold.parameter());
  }

  /** m07: eight litres of boiling water weigh 7.66 kg. */
  @Test
  void theDrop() {
    WaterPot.Fall fall = water(8 * 0.958, 3000, 0, 100).dropping(spaghetti(1));
    assertEquals(144_000, fall.joules(), 500);
    assertEquals(4.2, fall.kelvins(), 0.05);
    assertEquals(48, fall.back().toSeconds(), 1);
  }

  /** m09. */
  @ParameterizedTest
  @CsvSource({"33000,1.26", "20000,1.15", "45000,1.37"})
  void slowerUpHigh(double joules, double times) {
    assertEquals(times, PastaMinutes.slowerFactor(Temperature.ofCelsius(92.1), joules), 0.01);
  }

  /** i08: about 0.33 % from 10 g/l. */
  @Test
  void saltTaken() {
    PastaBatch batch = spaghetti(1);
    double share = batch.salt(10).kilograms() / batch.cooked().kilograms();
    assertEquals(0.0033, share, 0.0004);
  }

  /** i06: 80 to 100 g a head; i04: the common ten litres a kilogram are within what is taken. */
  @Test
  void portionsAndWater() {
    double portion = Serving.of(Use.DRY_PASTA, Style.USUAL).beside().grams();
    assertTrue(portion >= 80 && portion <= 100);
    assertEquals(10, new PastaAtStove.Way(10, 10, WAY.waterStart(), true).litersPerKilogram());
  }

  /** 34 covers of 100 g at 2,350 m in a pot of 22 l. */
  @Test
  void forThirtyFour() {
    PastaAtStove stove =
        PastaAtStove.of(spaghetti(3.4), WAY, Samples.pot(0.32, 0.275), Samples.burner(5000), HIGH);
    assertTrue(stove.drops() == 2, "drops " + stove.drops());
    assertEquals(13.6, stove.water().kilograms(), 0.01);
    assertEquals(136, stove.salt().grams(), 0.1);
    assertTrue(stove.litBefore().compareTo(stove.dropBefore().plusMinutes(10)) > 0);
    assertTrue(stove.boilsBefore().least().equals(stove.dropBefore()));
    assertTrue(stove.minutes().out().likely().toSeconds() > 9 * 60);
    assertTrue(stove.tasteBefore().compareTo(stove.outBefore()) > 0);
    double each = stove.stillDrinks().kilograms() / 3.4;
    assertTrue(each > 0.02 && each < 0.08, "drinks " + each);
    assertTrue(stove.starchGramsPerLiterAfter() > 10, "starch in what is left of two drops");
  }

  /** T-13: dry pasta leaves the water 30 to 45 s early for the pan, fresh pasta does not. */
  @Test
  void earlyForThePan() {
    WaterPot pot = water(8, 5000, 0, 100);
    PastaBatch dry = spaghetti(0.8);
    PastaMinutes pan = PastaMinutes.of(dry, pot.boiling(), pot.dropping(dry), true);
    long early = pan.alDente().likely().minus(pan.out().likely()).toSeconds();
    assertTrue(early >= 30 && early <= 45);
    PastaBatch fresh =
        new PastaBatch(
            PastaShape.of("tagliatelle-fresh"), Mass.ofGrams(500), Temperature.ofCelsius(4));
    PastaMinutes its = PastaMinutes.of(fresh, pot.boiling(), pot.dropping(fresh), true);
    assertEquals(its.alDente(), its.out());
    assertTrue(its.out().likely().compareTo(Duration.ofMinutes(5)) < 0);
    PastaBatch frozen = new PastaBatch(fresh.shape(), fresh.dry(), Temperature.ofCelsius(-18));
    PastaMinutes later = PastaMinutes.of(frozen, pot.boiling(), pot.dropping(frozen), true);
    assertTrue(later.out().likely().compareTo(its.out().likely()) > 0);
    assertTrue(pot.dropping(frozen).kelvins() > 1.5 * pot.dropping(fresh).kelvins());
  }

  /** T-14: about nine tenths, lightly oiled, dipped for half a minute to three quarters. */
  @Test
  void parCooked() {
    WaterPot pot = water(16, 5000, 0, 100);
    PastaBatch all = spaghetti(1.6);
    PastaMinutes minutes = PastaMinutes.of(all, pot.boiling(), pot.dropping(all), true);
    ParCooked par = ParCooked.of(all, minutes, 0.9, new Mass(10), pot.boiling());
    assertTrue(par.dip().toSeconds() >= 30 && par.dip().toSeconds() <= 45);
    assertTrue(par.kept().compareTo(all.cooked()) < 0);
    assertEquals(all.cooked().kilograms(), par.kept().plus(par.stillDrinks()).kilograms(), 1e-9);
    assertEquals(0.015, par.oil().kilograms() / par.kept().kilograms(), 0.005);
  }

  /** The ladle reaches the band to a thousandth, whatever sauce, pasta and water, paste too. */
  @Test
  void theLadleReachesTheBand() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(13);
    int ladled = 0;
    int plain = 0;
    for (int i = 0; i < 2000; i++) {
      PotContents sauce =
          PotContents.of(Samples.sauce(random.nextDouble(0.3, 8), random.nextDouble(0.07, 0.2)));
      double kilograms = sauce.total().kilograms();
      Mass drunk = new Mass(random.nextDouble(0, 0.2) * kilograms);
      Mass dried = new Mass(random.nextDouble(0, 0.05) * kilograms);
      MassFraction wanted = new MassFraction(random.nextDouble(0.06, 0.14));
      PanFinish.PastaWater water =
          new PanFinish.PastaWater(
              random.nextDouble(2, i % 5 == 0 ? 300 : 20), random.nextDouble(0, 14));
      PanFinish finish = PanFinish.of(sauce, drunk, dried, water, wanted);
      double reached = finish.sauce().equivalentSolids().value();
      assertEquals(wanted.value(), reached, 0.001 * wanted.value());
      assertTrue(finish.ladle().kilograms() == 0 || finish.boilOff().kilograms() == 0);
      ladled += finish.ladle().kilograms() > 0 ? 1 : 0;
      plain += finish.plain() ? 1 : 0;
      assertFalse(finish.plain() && finish.salt().kilograms() > 0);
      double balance =
          kilograms
              + finish.ladle().kilograms()
              - drunk.kilograms()
              - dried.kilograms()
              - finish.boilOff().kilograms();
      assertEquals(balance, finish.sauce().total().kilograms(), 1e-9 * kilograms);
    }
    assertTrue(ladled > 500);
    assertTrue(plain > 50, "water that is a paste loosens nothing");
  }

  @Test
  void badInputNamesItsField() {
    InvalidInput weak = assertThrows(InvalidInput.class, () -> water(40, 500, 8, 92).toTheBoil());
    assertEquals("burner", weak.parameter());
    assertEquals(
        "shapeId", assertThrows(InvalidInput.class, () -> PastaShape.of("bow")).parameter());
    assertEquals("pasta", assertThrows(InvalidInput.class, () -> spaghetti(0.001)).parameter());
    InvalidInput small =
        assertThrows(
            InvalidInput.class,
            () ->
                PastaAtStove.of(
                    spaghetti(9), WAY, Samples.pot(0.14, 0.1), Samples.burner(5000), HIGH));
    assertEquals("vesselId", small.parameter());
  }
}
