package urnstew.core.cooling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

class CoolingForecastTest {
  private static final Temperature HOT = Temperature.ofCelsius(90);

  private static CoolingForecast of(CoolingSauce sauce, CoolingSetup setup) {
    return CoolingForecast.of(sauce, HOT, setup, Coolings.CODE);
  }

  private static double toFirstMark(CoolingForecast forecast) {
    return forecast.marks().get(0).likelySeconds().orElse(Double.POSITIVE_INFINITY) / 3600;
  }

  private static double toLastMark(CoolingForecast forecast) {
    return forecast.marks().get(1).likelySeconds().orElse(Double.POSITIVE_INFINITY) / 3600;
  }

  /** 12 kg of ragù: the pot is far too slow, two tins four centimetres deep in ice make it. */
  @Test
  void thePotWillNotMakeItButTwoPansInIceWill() {
    CoolingSauce sauce = Coolings.ragu(12);
    CoolingForecast pot = of(sauce, Coolings.in(Coolings.POT, 1, ColdPlace.STILL_REFRIGERATOR));
    assertEquals(CoolingVerdict.WILL_MISS, pot.verdict());
    assertTrue(toFirstMark(pot) > 8, "hours " + toFirstMark(pot));
    List<ColdSpot> spots =
        List.of(
            ColdSpot.usual(ColdPlace.STILL_REFRIGERATOR, Coolings.ROOM),
            ColdSpot.usual(ColdPlace.ICE_BATH, Coolings.ROOM));
    List<CoolingForecast> ways =
        new CoolingWays(sauce, HOT, Coolings.CODE).that(List.of(Coolings.POT, Coolings.TIN), spots);
    CoolingForecast best = ways.get(0);
    assertEquals(CoolingVerdict.MAKES_IT, best.verdict());
    assertEquals(Coolings.TIN, best.setup().pan());
    assertEquals(2, best.setup().count());
    assertEquals(ColdPlace.ICE_BATH, best.setup().spot().place());
    assertEquals(0.039, best.depth().meters(), 0.002);
    assertEquals(1.3, toFirstMark(best), 0.15);
    assertTrue(best.setup().onward().isPresent(), "on into the refrigerator");
  }

  /** Rolls of five centimetres lie in a sauce of fifteen millimetres: their middle counts. */
  @Test
  void heatHasToLeaveThroughTheThickestPiece() {
    CoolingSauce plain = Coolings.ragu(2.4);
    CoolingSauce rolls = new CoolingSauce(plain.contents(), Optional.of(new Length(0.05)));
    for (ColdPlace place : List.of(ColdPlace.STILL_REFRIGERATOR, ColdPlace.ICE_BATH)) {
      CoolingSetup tin = Coolings.in(Coolings.TIN, 1, place);
      CoolingForecast shallow = of(plain, tin);
      assertEquals(0.015, shallow.depth().meters(), 0.002);
      double deep = toFirstMark(of(Coolings.ragu(2.4 * 0.05 / shallow.depth().meters()), tin));
      double through = toFirstMark(of(rolls, tin));
      assertEquals(deep, through, 0.05 * deep, place.name());
      assertTrue(through > 2 * toFirstMark(shallow), place.name());
    }
    CoolingSauce bits = new CoolingSauce(plain.contents(), Optional.of(new Length(0.004)));
    CoolingSetup tin = Coolings.in(Coolings.TIN, 1, ColdPlace.ICE_BATH);
    assertEquals(of(plain, tin), of(bits, tin), "what is thinner than the sauce changes nothing");
  }

  /** Of a tray in water the slow side counts on the wet floor alone. */
  @Test
  void aTrayInWaterIsWetBelowOnly() {
    CoolingSauce deep = Coolings.ragu(14);
    CoolingPan stack = new CoolingPan("narrow tray", Coolings.POT.shape(), Coolings.POT.metal(), 8);
    double pot = slow(of(deep, Coolings.in(Coolings.POT, 1, ColdPlace.ICE_BATH)));
    double tray = slow(of(deep, Coolings.in(stack, 1, ColdPlace.ICE_BATH)));
    assertTrue(tray > 1.5 * pot, tray + " against " + pot);
  }

  private static double slow(CoolingForecast forecast) {
    return forecast.marks().get(0).slowSeconds().orElse(Double.POSITIVE_INFINITY);
  }

  /** Laws: deeper is slower, stirred and ice are faster, moved air too. */
  @Test
  void laws() {
    CoolingSauce sauce = Coolings.ragu(6);
    CoolingSetup shelf = Coolings.in(Coolings.TIN, 2, ColdPlace.STILL_REFRIGERATOR);
    double still = toFirstMark(of(sauce, shelf));
    assertTrue(toFirstMark(of(Coolings.ragu(9), shelf)) > still, "deeper is slower");
    assertTrue(
        toFirstMark(of(sauce, Coolings.in(Coolings.TIN, 3, ColdPlace.STILL_REFRIGERATOR))) < still,
        "more pans are faster");
    assertTrue(toFirstMark(of(sauce, shelf.stirred(Duration.ofMinutes(10)))) < still, "stirred");
    assertTrue(
        toFirstMark(of(sauce, shelf.stirred(Duration.ofMinutes(5))))
            < toFirstMark(of(sauce, shelf.stirred(Duration.ofMinutes(30)))),
        "the oftener, the faster");
    double before = still;
    for (ColdPlace place :
        List.of(ColdPlace.FAN_REFRIGERATOR, ColdPlace.ICE_BATH, ColdPlace.BLAST_CHILLER)) {
      double next = toFirstMark(of(sauce, Coolings.in(Coolings.TIN, 2, place)));
      assertTrue(next < before, place + " " + next);
      before = next;
    }
  }

  /**
   * Stirring is the largest lever: the same pot in the same ice, stirred, in a third of the time.
   */
  @Test
  void stirringIsTheLargestLever() {
    CoolingSauce sauce = Coolings.ragu(12);
    CoolingSetup ice = Coolings.in(Coolings.POT, 1, ColdPlace.ICE_BATH);
    double still = toFirstMark(of(sauce, ice));
    double stirred = toFirstMark(of(sauce, ice.stirred(Duration.ofMinutes(5))));
    assertTrue(stirred < still / 3, still + " and " + stirred);
    assertEquals(
        CoolingVerdict.MAY_MISS,
        new CoolingWays(sauce, HOT, Coolings.CODE).ifStirred(ice).verdict(),
        "a promise to stir is not a cooling");
  }

  @ParameterizedTest
  @EnumSource(
      value = ColdPlace.class,
      names = {"BENCH", "COLD_WATER"})
  void surroundingsAtOrAboveTheLastMarkNeverGetThere(ColdPlace place) {
    CoolingForecast forecast = of(Coolings.ragu(1), Coolings.in(Coolings.TIN, 2, place));
    assertEquals(CoolingVerdict.NEVER, forecast.verdict());
    assertTrue(forecast.marks().get(1).likelySeconds().isEmpty());
  }

  @Test
  void airAtFiveDegreesNeverArrives() {
    ColdSpot five =
        ColdSpot.measured(ColdPlace.FAN_REFRIGERATOR, Temperature.ofCelsius(5), Coolings.ROOM);
    CoolingSetup setup = Coolings.in(Coolings.TIN, 4, ColdPlace.FAN_REFRIGERATOR).at(five);
    assertEquals(CoolingVerdict.NEVER, of(Coolings.ragu(2), setup).verdict());
  }

  /** l09: in a wide pan in a still refrigerator about 22 mm pass; the slow side takes some off. */
  @Test
  void theDeepestThatPasses() {
    double likely = 0;
    double sure = 0;
    for (double kilograms = 1.5; kilograms < 6; kilograms += 0.05) {
      CoolingForecast pan =
          of(Coolings.ragu(kilograms), Coolings.in(Coolings.TIN, 1, ColdPlace.STILL_REFRIGERATOR));
      if (pan.verdict() == CoolingVerdict.MAKES_IT) {
        sure = pan.depth().millimeters();
      }
      if (pan.verdict() == CoolingVerdict.MAY_MISS) {
        likely = pan.depth().millimeters();
      }
    }
    assertEquals(22, likely, 2);
    assertTrue(sure > 10 && sure < likely - 3, "sure " + sure);
  }

  @Test
  void iceForTheHeat() {
    // 10 kg · 3.7 kJ/(kg K) · 70 K / 334 kJ/kg
    Mass ice = Coolings.ragu(10).iceBetween(HOT, Temperature.ofCelsius(20));
    assertEquals(7.7, ice.kilograms(), 0.3);
  }

  @Test
  void whatDoesNotGoIn() {
    CoolingSetup tin = Coolings.in(Coolings.TIN, 1, ColdPlace.ICE_BATH);
    InvalidInput fault = assertThrows(InvalidInput.class, () -> of(Coolings.ragu(20), tin));
    assertEquals("count", fault.parameter());
    assertFalse(tin.holds(Coolings.ragu(20)));
    assertEquals(Optional.empty(), tin.onward());
  }
}
