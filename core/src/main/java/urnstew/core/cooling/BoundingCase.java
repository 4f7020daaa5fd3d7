package urnstew.core.cooling;

import java.time.Duration;
import java.util.Optional;
import urnstew.core.conduction.Cooling;
import urnstew.core.conduction.Faces;

/**
 * The side of what is known from which a cooling is looked at.
 *
 * <p>Slow: heat passes outside by a quarter less, inside by 3 % less, the layer is 3 % deeper, the
 * place is as warm as it gets, covered (over a bath as it is: there a lid also keeps the room's
 * warmth out), of a tray in water only the floor is wet, and nobody stirs. Fast: the other way
 * round, uncovered. All of these widths are assumptions.
 */
enum BoundingCase {
  LIKELY(1, 1, 1),
  SLOW(0.75, 0.97, 1.03),
  FAST(1.33, 1.05, 0.97);

  private final double outside;
  private final double inside;
  private final double depth;

  BoundingCase(double outside, double inside, double depth) {
    this.outside = outside;
    this.inside = inside;
    this.depth = depth;
  }

  Faces faces(CoolingSetup setup, double speed) {
    boolean covered =
        switch (this) {
          case LIKELY -> setup.covered();
          case SLOW -> setup.covered() || !setup.spot().place().bath();
          case FAST -> false;
        };
    Faces faces = setup.spot().faces(covered, setup.pan().wallResistance(), this == SLOW);
    boolean shallowInWater = setup.spot().place().bath() && setup.pan().most() > 1;
    return (this == SLOW && shallowInWater ? faces.onlyFromBelow() : faces).times(outside * speed);
  }

  Cooling matter(CoolingSauce sauce, double speed) {
    Cooling known = sauce.matter();
    return new Cooling(
        known.wattsPerMeterKelvin() * inside * speed,
        known.kilogramsPerCubicMeter(),
        known.joulesPerKilogramKelvin());
  }

  double depth(double meters) {
    return meters * depth;
  }

  Optional<Duration> stirredEvery(CoolingSetup setup) {
    return this == SLOW ? Optional.empty() : setup.stirredEvery();
  }
}
