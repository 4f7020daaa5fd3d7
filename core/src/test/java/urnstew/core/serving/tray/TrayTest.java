package urnstew.core.serving.tray;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.serving.tray.TrayAdvice.Kind;
import urnstew.core.serving.tray.TrayAdvice.Verdict;
import urnstew.core.serving.tray.TrayMoisture.Laid;
import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Check-value m14, trade rows T-15 and T-16, and the water of every tray counted once. */
class TrayTest {
  private static final RectangularShape HALF = TraySize.shipped().get(2).inside();
  private static final Temperature OVEN = Temperature.ofCelsius(185);
  private static final Laid DRY = new Laid(Sheet.of("dry-no-boil"), Mass.ofGrams(250));

  private static TrayLayer filling(String name, double grams, double solids, double band) {
    return new TrayLayer(
        name, Mass.ofGrams(grams), MassFraction.ofPercent(solids), MassFraction.ofPercent(band));
  }

  private static TrayMoisture moisture(Laid sheets, List<TrayLayer> fillings, double open) {
    return TrayMoisture.of(List.of(sheets), fillings, HALF.floor(), OVEN, false, 60, open);
  }

  /** m14: 900 g of free water, 60 min covered, 15 open: drink 225 to 300 g, surplus. */
  @Test
  void drySheetsDrinkTheirOwnWeight() {
    List<TrayLayer> sauces = List.of(filling("sauce and cheeses", 1800, 7, 14));
    TrayMoisture balance = moisture(DRY, sauces, 15);
    assertEquals(0.9, balance.givesKilograms(), 1e-9);
    assertTrue(
        balance.drinksKilograms() > 0.225 && balance.drinksKilograms() < 0.3,
        "drinks " + balance.drinksKilograms());
    assertEquals(0.225, balance.drinksLeastKilograms(), 0.01);
    assertEquals(0.3, balance.drinksMostKilograms(), 0.01);
    TrayAdvice advice = TrayAdvice.of(balance, 15, Mass.ZERO);
    assertEquals(Verdict.WET, advice.verdict());
    assertTrue(balance.surplusKilograms() > 0.3);
  }

  @Test
  void waterIsCountedOnce() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(14);
    for (int i = 0; i < 1000; i++) {
      Sheet sheet = Sheet.shipped().get(random.nextInt(Sheet.shipped().size()));
      Laid laid = new Laid(sheet, new Mass(random.nextDouble(0.05, 3)));
      List<TrayLayer> fillings =
          List.of(
              filling("a", random.nextDouble(100, 5000), random.nextDouble(4, 20), 14),
              filling("b", random.nextDouble(100, 3000), random.nextDouble(20, 50), 50));
      TrayMoisture balance = moisture(laid, fillings, random.nextDouble(0, 30));
      double before = laid.mass().kilograms() * sheet.water().value();
      double after =
          laid.mass().kilograms()
              * (1 - sheet.water().value())
              / (1 - sheet.drinksTo().value())
              * sheet.drinksTo().value();
      for (TrayLayer filling : fillings) {
        double solids = filling.mass().kilograms() * filling.solids().value();
        before += filling.mass().kilograms() - solids;
        after += solids / filling.atLeast().value() - solids;
      }
      assertEquals(before, after + balance.losesKilograms() + balance.surplusKilograms(), 1e-9);
    }
  }

  /** T-16: a tray that lacks water is mended by each way that it is told. */
  @Test
  void everyWayOutMendsIt() {
    List<TrayLayer> tight = List.of(filling("sauce", 900, 12, 14));
    TrayMoisture lacks = moisture(DRY, tight, 15);
    TrayAdvice advice = TrayAdvice.of(lacks, 15, Mass.ZERO);
    assertEquals(Verdict.SHORT, advice.verdict());
    double more = amount(advice, Kind.LET_DOWN);
    TrayMoisture thinner = moisture(DRY, List.of(tight.get(0).with(more)), 15);
    assertEquals(0, thinner.surplusKilograms(), 1e-9);
    List<TrayLayer> thin = List.of(filling("sauce", 1500, 7, 14));
    TrayMoisture wet = moisture(DRY, thin, 5);
    TrayAdvice less = TrayAdvice.of(wet, 5, new Mass(2));
    double open = amount(less, Kind.OPEN_LONGER);
    TrayMoisture longer =
        TrayMoisture.of(List.of(DRY), thin, HALF.floor(), OVEN, false, 60 - open, 5 + open);
    assertEquals(0, longer.surplusKilograms(), 1e-5, "to the millisecond");
    assertEquals(wet.surplusKilograms(), amount(less, Kind.DRAIN), 1e-9);
  }

  /** Kilograms of water, or minutes. */
  private static double amount(TrayAdvice advice, Kind kind) {
    TrayAdvice.Way way =
        advice.ways().stream().filter(one -> one.kind() == kind).findFirst().orElseThrow();
    return way.time().isZero() ? way.water().kilograms() : way.time().toMillis() / 60_000.0;
  }

  @Test
  void whatIsLaidIsAllThatGoesIn() {
    List<TrayLayer> fillings =
        List.of(filling("sauce", 1200, 9, 14), filling("white", 700, 20, 25));
    TrayBuild build = TrayBuild.of(HALF, DRY, 4, fillings);
    double laid = build.layers().stream().mapToDouble(one -> one.mass().kilograms()).sum();
    assertEquals(0.25 + 1.2 + 0.7, laid, 1e-9);
    int sheets = build.layers().stream().mapToInt(TrayBuild.Layer::count).sum();
    assertEquals(Math.round(0.25 / DRY.sheet().size().orElseThrow().mass().kilograms()), sheets);
    assertTrue(build.filled().compareTo(build.line()) <= 0);
    InvalidInput full =
        assertThrows(
            InvalidInput.class,
            () -> TrayBuild.of(HALF, DRY, 4, List.of(filling("sauce", 6000, 9, 14))));
    assertEquals("tray", full.parameter());
  }

  /** T-15: 175 to 190 °C, covered, open for the last quarter, about an hour for a deep one. */
  @Test
  void aTrayInTheOven() {
    TrayBake bake = bake(50, 20, 185, 1);
    double minutes = bake.total().likely().toSeconds() / 60.0;
    assertTrue(minutes > 40 && minutes < 75, minutes + " min");
    assertEquals(0.25, bake.open().toSeconds() / 60.0 / minutes, 0.01);
    assertTrue(bake.total().least().compareTo(bake.total().likely()) < 0);
    assertTrue(bake.hotFor().toMinutes() >= 15, "hot for " + bake.hotFor());
    assertTrue(total(50, 4, 185, 1) > total(50, 20, 185, 1));
    assertTrue(total(60, 20, 185, 1) > total(50, 20, 185, 1));
    assertTrue(total(50, 20, 200, 1) < total(50, 20, 185, 1));
    assertTrue(total(50, 20, 185, 3) > total(50, 20, 185, 1));
  }

  private static long total(double depth, double start, double oven, int trays) {
    return bake(depth, start, oven, trays).total().likely().toSeconds();
  }

  private static TrayBake bake(double depth, double start, double oven, int trays) {
    return TrayBake.of(
        Length.ofMillimeters(depth),
        Temperature.ofCelsius(start),
        new TrayBake.Heat(Temperature.ofCelsius(oven), false, trays, Temperature.ofCelsius(100)),
        Temperature.ofCelsius(74),
        Temperature.ofCelsius(57));
  }

  @Test
  void badInputNamesItsField() {
    assertEquals("sheetId", assertThrows(InvalidInput.class, () -> Sheet.of("x")).parameter());
    assertEquals(
        "ovenCelsius", assertThrows(InvalidInput.class, () -> bake(50, 20, 60, 1)).parameter());
    assertEquals(
        "depth", assertThrows(InvalidInput.class, () -> bake(400, 20, 185, 1)).parameter());
    assertTrue(Sheet.of("short-boiled").covering(new Area(0.1)).isEmpty());
  }
}
