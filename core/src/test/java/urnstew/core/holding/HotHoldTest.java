package urnstew.core.holding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.reduction.Lid;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Altitude;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class HotHoldTest {
  private static final PotContents POT = PotContents.of(Samples.sauce(8, 0.10));
  private static final MassFraction TIGHT = new MassFraction(0.12);

  private static HotHold hold(double celsius, Lid lid, double diameter, double altitude) {
    return new HotHold(
        POT,
        Samples.pot(diameter, 0.25).shape(),
        Temperature.ofCelsius(celsius),
        lid,
        Surroundings.at(new Altitude(altitude)));
  }

  /**
   * An open 28 cm pot loses 0.2 kg/h 15 K below the boil (assumption of models.md), less when
   * cooler.
   */
  @Test
  void whatAQuietSurfaceLoses() {
    assertEquals(0.2, hold(84.97, Lid.OFF, 0.28, 0).lossPerHour().kilograms(), 0.005);
    double at65 = hold(65, Lid.OFF, 0.28, 0).lossPerHour().kilograms();
    assertEquals(0.088, at65, 0.005);
  }

  @Test
  void laws() {
    double open = hold(65, Lid.OFF, 0.28, 0).lossPerHour().kilograms();
    double ajar = hold(65, Lid.AJAR, 0.28, 0).lossPerHour().kilograms();
    double shut = hold(65, Lid.ON, 0.28, 0).lossPerHour().kilograms();
    assertTrue(open > ajar && ajar > shut && shut > 0, "more lid, less loss");
    assertTrue(hold(75, Lid.OFF, 0.28, 0).lossPerHour().kilograms() > open, "hotter loses more");
    assertEquals(
        4, hold(65, Lid.OFF, 0.56, 0).lossPerHour().kilograms() / open, 1e-6, "by the surface");
  }

  /** Water lost and put back: solids stay what they were. */
  @Test
  void toppedUpItIsAsThickAsBefore() {
    HotHold hold = hold(75, Lid.OFF, 0.36, 2350);
    Duration until = hold.until(TIGHT).orElseThrow();
    assertEquals(0.12, hold.equivalentSolidsAfter(until).value(), 1e-4);
    double lost = hold.lostAfter(until).kilograms();
    double solids = 0.10 * 8;
    assertEquals(solids / 0.12, 8 - lost, 0.002, "solids are kept");
    assertTrue(hold(60, Lid.ON, 0.2, 0).until(TIGHT).isEmpty(), "not within a day");
  }

  @Test
  void noMoreThanThereIs() {
    HotHold hold = hold(80, Lid.OFF, 0.36, 0);
    assertEquals(7.2, hold.lostAfter(Duration.ofDays(30)).kilograms(), 1e-9);
  }

  @Test
  void whatIsNoHold() {
    InvalidInput fault = assertThrows(InvalidInput.class, () -> hold(95, Lid.ON, 0.28, 2350));
    assertEquals("holdCelsius", fault.parameter());
  }

  /** A base is held, butter and seafood are finished to order; polenta sets. */
  @Test
  void windows() {
    HoldWindow marinara = HoldWindow.of(Samples.marinara());
    assertEquals(Duration.ofMinutes(240), marinara.base());
    HoldWindow passata = HoldWindow.of(Samples.formula("slow-passata"));
    assertTrue(passata.base().compareTo(Duration.ofMinutes(240)) <= 0);
    HoldWindow squid = HoldWindow.of(Samples.formula("stuffed-squid"));
    assertTrue(squid.asItIs().compareTo(Duration.ofMinutes(45)) > 0, "it braises for an hour");
    HoldWindow braise = HoldWindow.of(Samples.formula("saffron-sea"));
    String mussels = Samples.ingredient("mussels").name();
    assertTrue(braise.toOrder().contains(mussels), "left out of the base: " + braise.toOrder());
    HoldWindow sea = HoldWindow.of(Samples.formula("plain-polenta"));
    assertTrue(sea.toOrder().contains("Butter"), "butter to order " + sea.toOrder());
    Loosening polenta = Loosening.of(Samples.formula("plain-polenta")).orElseThrow();
    assertEquals(0.1, polenta.dose(new Mass(2), Duration.ofMinutes(30)).kilograms(), 1e-9);
    assertEquals(0.4, polenta.dose(new Mass(2), Duration.ofHours(9)).kilograms(), 1e-9, "a most");
    assertTrue(Loosening.of(Samples.marinara()).isEmpty());
  }
}
