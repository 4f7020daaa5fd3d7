package urnstew.core.lot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Temperature;
import urnstew.units.Volume;

class FrozenTest {
  private static final Composition SAUCE = Samples.sauce(1, 0.11);
  private static final Temperature CHILLED = Temperature.ofCelsius(4);
  private static final Temperature FREEZER = Temperature.ofCelsius(-18);

  private static TubShape litre() {
    return TubShape.ofVolume(Volume.ofLiters(1));
  }

  /**
   * Singh and Heldman, Introduction to Food Engineering, chapter 7, a sphere in an air blast: 0.72
   * h.
   */
  @Test
  void aSphereInABlast() {
    double seconds = new Plank(1000, 250_000, 1.2).seconds(Plank.Form.SPHERE, 0.07, 50, -1.25 + 40);
    assertEquals(0.72, seconds / 3600, 0.005);
  }

  /**
   * Geankoplis, Transport Processes and Unit Operations, a slab of meat 63.5 mm thick, 251.2 kJ/kg,
   * 17.0 W/(m² K), k 1.038, air −28.9 °C, freezing at −2.8 °C (figures from memory): 6.65 h.
   */
  @Test
  void aSlabOfMeat() {
    double seconds =
        new Plank(1057, 251_200, 1.038).seconds(Plank.Form.SLAB, 0.0635, 17, -2.8 + 28.9);
    assertEquals(6.65, seconds / 3600, 0.02);
  }

  /** Where a surface is all that resists, time is volume over surface: a short tub's too. */
  @Test
  void aTubLiesBetweenItsForms() {
    Plank plank = new Plank(1000, 300_000, 1e6);
    double tub = plank.secondsInTub(0.1, 0.2, 10, 20);
    double volumeOverSurface = 0.1 * 0.2 / (4 * 0.2 + 2 * 0.1);
    assertEquals(1000 * 300_000.0 / 20 * volumeOverSurface / 10, tub, 1);
  }

  /** About −0.7 to −1.5 °C for tomato products (common figure, from memory). */
  @Test
  void freezingPoint() {
    double celsius = new Frozen(SAUCE, litre()).freezingPoint().celsius();
    assertTrue(celsius < -0.7 && celsius > -1.6, "°C " + celsius);
  }

  @Test
  void laws() {
    Frozen one = new Frozen(SAUCE, litre());
    Frozen three = new Frozen(SAUCE, TubShape.ofVolume(Volume.ofLiters(3)));
    Frozen flat = new Frozen(SAUCE, new TubShape(Volume.ofLiters(1), new Length(0.04)));
    Duration still = one.freezing(CHILLED, FREEZER, Frozen.Air.STILL);
    assertTrue(three.freezing(CHILLED, FREEZER, Frozen.Air.STILL).compareTo(still) > 0, "larger");
    assertTrue(flat.freezing(CHILLED, FREEZER, Frozen.Air.STILL).compareTo(still) < 0, "flatter");
    assertTrue(one.freezing(CHILLED, FREEZER, Frozen.Air.MOVED).compareTo(still) < 0, "a fan");
    assertTrue(
        one.freezing(Temperature.ofCelsius(20), FREEZER, Frozen.Air.STILL).compareTo(still) > 0,
        "from warmer");
    Duration shelf = one.thawing(CHILLED, Frozen.Air.STILL);
    Duration water = one.thawing(Temperature.ofCelsius(20), Frozen.Air.RUNNING_WATER);
    assertTrue(water.compareTo(shelf.dividedBy(10)) < 0, "running water");
  }

  /**
   * Freezing overnight, and thawing in more than a day: 'the day before' loosens a tub, no more.
   */
  @Test
  void aLitreTub() {
    Frozen tub = new Frozen(SAUCE, litre());
    double freezing = tub.freezing(CHILLED, FREEZER, Frozen.Air.MOVED).toMinutes() / 60.0;
    double thawing = tub.thawing(CHILLED, Frozen.Air.MOVED).toMinutes() / 60.0;
    assertTrue(freezing > 5 && freezing < 14, "freezing " + freezing);
    assertTrue(thawing > 18 && thawing < 48, "thawing " + thawing);
  }

  @Test
  void aWarmFreezer() {
    InvalidInput fault =
        assertThrows(
            InvalidInput.class,
            () ->
                new Frozen(SAUCE, litre())
                    .freezing(CHILLED, Temperature.ofCelsius(-1), Frozen.Air.STILL));
    assertEquals("celsius", fault.parameter());
  }
}
