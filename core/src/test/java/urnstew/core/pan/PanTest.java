package urnstew.core.pan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;

class PanTest {
  private static final Vessel WIDE = Samples.pot(0.36, 0.2);
  private static final Vessel NARROW = Samples.pot(0.24, 0.2);

  private static Browning brown(double kilograms, Vessel pan, double watts) {
    return Browning.of(
        Mass.ofKilograms(kilograms),
        pan,
        new Power(watts),
        Temperature.ofCelsius(8),
        Temperature.ofCelsius(100));
  }

  @Test
  void aWeakBurnerOrANarrowPanMeansMoreLoads() {
    Browning good = brown(1.5, WIDE, 3000);
    assertEquals(3, good.loads());
    assertFalse(good.boundByHeat());
    Browning weak = brown(1.5, WIDE, 800);
    assertTrue(weak.boundByHeat(), "the meat would stew in its own water");
    assertTrue(weak.loads() > good.loads() && weak.time().compareTo(good.time()) > 0);
    assertTrue(brown(1.5, NARROW, 3000).loads() > good.loads());
    assertEquals(1.5, weak.loads() * weak.each().kilograms(), 1e-9, "all of it");
  }

  /** The heat of a load by arithmetic: what warms it and what dries it is what the burner gave. */
  @Test
  void theBurnerGivesWhatALoadTakes() {
    Browning weak = brown(5, WIDE, 800);
    double joules = weak.each().kilograms() * (3400 * 92 + 0.15 * 2_256_400);
    double drying = weak.time().toSeconds() / (double) weak.loads() - 180;
    assertEquals(800 * drying, joules, 0.01 * joules);
  }

  @Test
  void moreOilOrMoreHeatTakesMoreAtOnce() {
    Frying litre =
        Frying.of(Mass.ofKilograms(0.91), new Power(1500), new TemperatureDifference(15));
    assertEquals(0.29, litre.load().kilograms(), 0.005);
    Frying more = Frying.of(Mass.ofKilograms(1.8), new Power(1500), new TemperatureDifference(15));
    assertTrue(more.load().compareTo(litre.load()) > 0);
    Frying hotter =
        Frying.of(Mass.ofKilograms(0.91), new Power(3000), new TemperatureDifference(15));
    assertTrue(hotter.load().compareTo(litre.load()) > 0);
  }
}
