package urnstew.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Volume;

class RoundShapeTest {
  private static RoundShape shape(double base, double top, double depth) {
    return new RoundShape(new Length(base), new Length(top), new Length(depth));
  }

  @Test
  void straightPotIsACylinder() {
    assertEquals(
        Math.PI * 0.36 * 0.36 / 4 * 0.2, shape(0.36, 0.36, 0.2).capacity().cubicMeters(), 1e-12);
  }

  /** Frustum of 20 and 30 cm, 15 cm deep: πh/3·(R² + Rr + r²) = 7.461 l, by hand. */
  @Test
  void taperedPotIsAFrustum() {
    assertEquals(
        Math.PI * 0.15 / 3 * (0.15 * 0.15 + 0.15 * 0.1 + 0.1 * 0.1),
        shape(0.2, 0.3, 0.15).capacity().cubicMeters(),
        1e-12);
  }

  @Test
  void depthAndVolumeAreInverse() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      RoundShape pot =
          shape(
              0.1 + 0.5 * random.nextDouble(),
              0.1 + 0.5 * random.nextDouble(),
              0.05 + 0.4 * random.nextDouble());
      Length filled = new Length(random.nextDouble() * pot.depth().meters());
      Volume volume = pot.volumeAt(filled);
      assertEquals(filled.meters(), pot.depthAt(volume).meters(), 1e-9);
      assertTrue(volume.compareTo(pot.capacity()) <= 0);
    }
  }

  @Test
  void refusesWhatNoKitchenHas() {
    assertEquals(
        "topDiameter", assertThrows(InvalidInput.class, () -> shape(0.3, 10, 0.2)).parameter());
    RoundShape pot = shape(0.3, 0.3, 0.2);
    assertEquals(
        "deeper-than-vessel",
        assertThrows(InvalidInput.class, () -> pot.volumeAt(new Length(0.21))).code());
    assertEquals(
        "over-the-rim",
        assertThrows(InvalidInput.class, () -> pot.depthAt(Volume.ofLiters(40))).code());
  }
}
