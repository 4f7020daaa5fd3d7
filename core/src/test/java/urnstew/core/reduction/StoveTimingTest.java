package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.thermo.Altitude;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Two litres to the boil: power by the arithmetic of heat, m·c·ΔT/t, with a margin for losses. */
class StoveTimingTest {
  private static final Vessel POT = Samples.pot(0.24, 0.14);
  private static final HeatSource BURNER = Samples.burner(3500);
  private static final Surroundings SEA_LEVEL = Surroundings.at(new Altitude(0));

  private static StoveTiming timing(double kilograms, double seconds) {
    return new StoveTiming(
        POT, Mass.ofKilograms(kilograms), Temperature.ofCelsius(15), Lid.ON, seconds);
  }

  @Test
  void thePowerIsHeatOverTime() {
    double seconds = 420;
    double joules = (2 * 4186 + 2.4 * 500) * 85;
    double watts = timing(2, seconds).truePower(BURNER, SEA_LEVEL).watts();
    assertTrue(watts > joules / seconds, "and what is lost to the room");
    assertEquals(joules / seconds, watts, 0.08 * watts);
  }

  @Test
  void fasterIsStrongerMoreWaterIsStrongerAndHighUpIsWeaker() {
    double power = timing(2, 420).truePower(BURNER, SEA_LEVEL).watts();
    assertTrue(timing(2, 360).truePower(BURNER, SEA_LEVEL).watts() > power);
    assertTrue(timing(2.2, 420).truePower(BURNER, SEA_LEVEL).watts() > power);
    Surroundings high = Surroundings.at(new Altitude(2350));
    assertTrue(timing(2, 420).truePower(BURNER, high).watts() < power, "it boils at 92 °C");
  }

  @Test
  void aClockThatCannotBeRightIsRefused() {
    assertEquals(
        "faster-than-label",
        assertThrows(InvalidInput.class, () -> timing(5, 120).truePower(BURNER, SEA_LEVEL)).code());
    assertEquals("seconds", assertThrows(InvalidInput.class, () -> timing(2, 5)).parameter());
  }

  @Test
  void aTimedBurnerIsKnownBetterThanItsLabel() {
    HeatSource timed =
        new HeatSource(
            BURNER.id(),
            BURNER.name(),
            BURNER.kind(),
            BURNER.labelPower(),
            java.util.Optional.of(timing(2, 420).truePower(BURNER, SEA_LEVEL)));
    assertEquals(timed.measuredPower().orElseThrow(), timed.powerIntoPot());
    assertTrue(
        timed.logSpread() < Samples.burner(3500).logSpread() * 1.6, "not wider than a range");
  }
}
