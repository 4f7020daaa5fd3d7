package urnstew.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

class OvenTest {
  private static final Oven OVEN =
      new Oven(
          new UUID(0, 9),
          "deck oven",
          new Length(0.6),
          new Length(0.45),
          new Length(0.25),
          Temperature.ofCelsius(250),
          true);

  private static Vessel tray(double length, double width, double depth) {
    return new Vessel(
        new UUID(0, 3),
        "tray",
        new RectangularShape(new Length(length), new Length(width), new Length(depth)),
        Mass.ofKilograms(2),
        Metal.STAINLESS_STEEL,
        false,
        Optional.of(Temperature.ofCelsius(280)));
  }

  @Test
  void whatGoesInGoesInEitherWayRound() {
    assertDoesNotThrow(() -> OVEN.requireRoomFor(tray(0.58, 0.44, 0.1)));
    assertDoesNotThrow(() -> OVEN.requireRoomFor(tray(0.44, 0.58, 0.1)));
    assertDoesNotThrow(() -> OVEN.requireRoomFor(Samples.pot(0.45, 0.2)));
    for (Vessel tooLarge :
        new Vessel[] {tray(0.62, 0.3, 0.1), tray(0.5, 0.5, 0.1), tray(0.4, 0.3, 0.3)}) {
      InvalidInput fault = assertThrows(InvalidInput.class, () -> OVEN.requireRoomFor(tooLarge));
      assertEquals("does-not-go-in", fault.code());
    }
    assertThrows(InvalidInput.class, () -> OVEN.requireRoomFor(Samples.pot(0.5, 0.2)));
  }

  @Test
  void noOvenIsHotterThanItGets() {
    assertDoesNotThrow(() -> OVEN.requireReach(Temperature.ofCelsius(250), true));
    assertEquals("too-hot-for-oven", refused(OVEN, 251, false));
    Oven still =
        new Oven(
            OVEN.id(), "still", OVEN.width(), OVEN.depth(), OVEN.height(), OVEN.hottest(), false);
    assertDoesNotThrow(() -> still.requireReach(Temperature.ofCelsius(250), false));
    assertEquals("no-fan", refused(still, 200, true));
  }

  private static String refused(Oven oven, double celsius, boolean fan) {
    return assertThrows(
            InvalidInput.class, () -> oven.requireReach(Temperature.ofCelsius(celsius), fan))
        .code();
  }
}
