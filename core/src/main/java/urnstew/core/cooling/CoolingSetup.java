package urnstew.core.cooling;

import java.time.Duration;
import java.util.Optional;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * How something stands while it cools.
 *
 * @param pan the vessel
 * @param count how many of it share the sauce evenly, 1 to 60
 * @param spot where
 * @param covered whether lid or film lies over it
 * @param stirredEvery how often it is stirred through; empty: not stirred
 * @param onward where it goes when it is cold enough for that; empty: it stays
 */
public record CoolingSetup(
    CoolingPan pan,
    int count,
    ColdSpot spot,
    boolean covered,
    Optional<Duration> stirredEvery,
    Optional<Onward> onward) {
  private static final int MOST_PANS = 60;

  /** A shallow layer feels no walls: depth below this share of the radius. */
  private static final double WIDE = 0.3;

  /**
   * A second place, as the refrigerator after the ice.
   *
   * @param below moved when its warmest place has fallen to this
   * @param spot to there, with the same lid, not stirred any more
   */
  public record Onward(Temperature below, ColdSpot spot) {}

  public CoolingSetup {
    Require.within("count", count, 1, MOST_PANS, "");
    stirredEvery.ifPresent(
        every -> Require.within("stirredEvery", every.toSeconds(), 60, 4 * 3600, "s"));
  }

  /** The same in other surroundings, not stirred. */
  public CoolingSetup at(ColdSpot other) {
    return new CoolingSetup(pan, count, other, covered, Optional.empty(), Optional.empty());
  }

  /** The same, but stirred so often. */
  public CoolingSetup stirred(Duration every) {
    return new CoolingSetup(pan, count, spot, covered, Optional.of(every), onward);
  }

  /** The same, and then on to another place. */
  public CoolingSetup onward(Onward then) {
    return new CoolingSetup(pan, count, spot, covered, stirredEvery, Optional.of(then));
  }

  /** How deep it lies in each. */
  public Length depth(CoolingSauce sauce) {
    double each = sauce.cubicMeters() / count;
    if (each > pan.shape().capacity().cubicMeters()) {
      throw new InvalidInput(
          "count",
          "over-the-rim",
          String.format(
              "%.1f l do not go into %d of %.1f l.",
              sauce.cubicMeters() * 1000, count, pan.shape().capacity().liters()),
          String.format("%.1f l in all", count * pan.shape().capacity().liters()),
          "Take more pans, or larger ones.");
    }
    return pan.shape().depthAt(new Volume(each));
  }

  /** What heat has to cross: the depth, or the thickest piece where that stands out of it. */
  Length crossed(CoolingSauce sauce) {
    Length depth = depth(sauce);
    return sauce.thickestPiece().filter(piece -> piece.compareTo(depth) > 0).orElse(depth);
  }

  /** Whether the sauce finds room in the pans. */
  public boolean holds(CoolingSauce sauce) {
    return sauce.cubicMeters() / count <= pan.shape().capacity().cubicMeters();
  }

  /** Whether the place where it ends up is no colder than this, so that it never gets there. */
  boolean endsAtOrAbove(double celsius) {
    return onward.map(Onward::spot).orElse(spot).usual().celsius() >= celsius;
  }

  /** Whether both are the same pans, so that nothing is poured over. */
  boolean samePans(CoolingSetup other) {
    return pan.equals(other.pan) && count == other.count;
  }

  /**
   * From the middle to the wall, m: of a round pan with the same surface, which cools no faster
   * than a square or a long one; infinite for a layer so shallow that walls do not matter.
   */
  double radiusMeters(Length depth) {
    double radius = Math.sqrt(pan.shape().surfaceAt(depth).squareMeters() / Math.PI);
    return depth.meters() < WIDE * radius ? Double.POSITIVE_INFINITY : radius;
  }
}
