package urnstew.core.serving.piece;

import java.time.Duration;
import urnstew.core.conduction.Body;
import urnstew.core.conduction.BodyGrid;
import urnstew.core.conduction.BodyGrid.Side;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/**
 * A piece in one medium for a while.
 *
 * @param medium what surrounds it
 * @param celsius how hot that is
 * @param time for how long, 6 h at most
 */
public record Spell(Medium medium, Temperature celsius, Duration time) {
  private static final Duration LONGEST = Duration.ofHours(6);
  private static final double TURNED_SECONDS = 60;

  /** Of a round piece so much lies on the floor of a pan (assumption). */
  private static final double TOUCHES = 0.3;

  private static final double ROOM_CELSIUS = 22;

  public Spell {
    medium.require(celsius);
    if (time.isNegative() || time.compareTo(LONGEST) > 0) {
      throw new InvalidInput(
          "time",
          "out-of-range",
          time.toMinutes() + " min in the " + medium.inWords() + " cannot be reckoned.",
          "0 to 360 min",
          "Type the minutes of one spell.");
    }
  }

  /** The same for another time. */
  Spell lasting(Duration other) {
    return new Spell(medium, celsius, other);
  }

  double seconds() {
    return time.toMillis() / 1000.0;
  }

  /**
   * How a grid meets it at a moment: what lies on a pan is turned every minute.
   *
   * @return s until it has to be met anew
   */
  double meet(BodyGrid grid, Body body, Pace pace, int turns) {
    Side side = medium.side(pace, celsius.celsius());
    if (medium != Medium.PAN) {
      grid.put(side);
      return Double.POSITIVE_INFINITY;
    }
    Side above = Medium.REST.side(pace, ROOM_CELSIUS);
    if (body != Body.SLAB) {
      grid.put(
          new Side(
              TOUCHES * side.wattsPerSquareMeterKelvin(), side.celsius(), side.wettestCelsius()));
      return Double.POSITIVE_INFINITY;
    }
    grid.put(turns % 2 == 0 ? side : above, turns % 2 == 0 ? above : side);
    return TURNED_SECONDS;
  }
}
