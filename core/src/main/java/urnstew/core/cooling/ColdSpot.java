package urnstew.core.cooling;

import urnstew.core.conduction.Faces;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * A place with its own temperatures.
 *
 * @param place which kind
 * @param usual temperature of its air or water, −40 to 40 °C
 * @param warmest that it can be while something hot stands in it
 * @param room air above a bath
 */
public record ColdSpot(ColdPlace place, Temperature usual, Temperature warmest, Temperature room) {
  /** Air above a food in still room air, and under a lid or film: W/(m² K), assumptions. */
  private static final double OPEN_TOP = 7;

  private static final double COVERED_TOP = 3;

  public ColdSpot {
    Require.within("temperature", usual.celsius(), -40, 40, "°C");
    Require.within("warmest", warmest.celsius(), usual.celsius(), 45, "°C");
  }

  /** A place as it usually is. */
  public static ColdSpot usual(ColdPlace place, Temperature room) {
    return new ColdSpot(
        place,
        Temperature.ofCelsius(place == ColdPlace.BENCH ? room.celsius() : place.usualCelsius()),
        Temperature.ofCelsius(
            place == ColdPlace.BENCH
                ? room.celsius() + ColdPlace.BENCH.warmestCelsius() - ColdPlace.BENCH.usualCelsius()
                : place.warmestCelsius()),
        room);
  }

  /** A place of this kitchen with the temperature read there; warm by as much as is usual. */
  public static ColdSpot measured(ColdPlace place, Temperature read, Temperature room) {
    double warmer = place.warmestCelsius() - place.usualCelsius();
    return new ColdSpot(place, read, Temperature.ofCelsius(read.celsius() + warmer), room);
  }

  /** The same bath under other air, as an ice bath that stands in the refrigerator. */
  public ColdSpot under(Temperature air) {
    return new ColdSpot(place, usual, warmest, air);
  }

  /**
   * What a vessel here is surrounded by.
   *
   * @param covered whether a lid or film lies over it
   * @param wall resistance of the vessel's wall, m² K/W
   * @param warm whether the place is at its warmest
   */
  Faces faces(boolean covered, double wall, boolean warm) {
    double around = warm ? warmest.celsius() : usual.celsius();
    double side = 1 / (1 / place.wattsPerSquareMeterKelvin() + wall);
    double openTop = place.bath() ? OPEN_TOP : place.wattsPerSquareMeterKelvin();
    double top = covered ? Math.min(COVERED_TOP, openTop) : openTop;
    return new Faces(top, side, side, place.bath() ? room.celsius() : around, around, around);
  }
}
