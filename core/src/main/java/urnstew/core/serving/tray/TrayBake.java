package urnstew.core.serving.tray;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import urnstew.core.conduction.Body;
import urnstew.core.conduction.BodyGrid;
import urnstew.core.conduction.BodyGrid.Side;
import urnstew.core.conduction.Cooling;
import urnstew.core.serving.piece.Medium;
import urnstew.core.serving.piece.Pace;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * A tray in the oven: covered, then open, until its middle is there; then it rests.
 *
 * <p>A layer of its depth, heated through the tin from below and through cover or wet top from
 * above; under the cover it steams, open its top is held near 85 °C. Conductivity 0.5 W/(m K),
 * diffusivity 1.35e-7 m²/s ± 7 % (assumption). Worked number: 50 mm from 20 °C in 185 °C reach 74
 * °C in the middle in about 50 min.
 *
 * @param covered minutes under the cover
 * @param open then without it
 * @param total both
 * @param hotFor how long it rests before its coldest place falls below the holding limit
 */
public record TrayBake(Duration covered, Duration open, Span total, Duration hotFor) {
  private static final double WATTS_PER_METER_KELVIN = 0.5;
  private static final double SQUARE_METERS_PER_SECOND = 1.35e-7;
  private static final double VARIES = 0.07;
  private static final double JOULES_PER_KILOGRAM_KELVIN = 3500;

  /** Common practice: open for the last quarter. */
  private static final double OPEN_SHARE = 0.25;

  /** Each further tray takes so much of the oven's heat (assumption). */
  private static final double SHARED = 0.12;

  private static final double LONGEST_SECONDS = 5 * 3600;
  private static final double ROOM_CELSIUS = 22;
  private static final double STEP_SECONDS = 30;

  /**
   * How it is baked.
   *
   * @param oven its real temperature, 120 to 260 °C
   * @param fan whether it moves its air
   * @param trays in it at once, 1 to 10
   * @param boiling of water where it stands
   */
  public record Heat(Temperature oven, boolean fan, int trays, Temperature boiling) {
    public Heat {
      Require.within("ovenCelsius", oven.celsius(), 120, 260, "°C");
      Require.within("trays", trays, 1, 10, "");
    }

    private Side below(Pace pace) {
      return side(pace, boiling.celsius());
    }

    private Side wet(Pace pace) {
      return side(pace, medium().wettestCelsius(pace));
    }

    private Medium medium() {
      return fan ? Medium.FAN_OVEN : Medium.OVEN;
    }

    private Side side(Pace pace, double wettest) {
      double watts = medium().wattsPerSquareMeterKelvin(pace) / (1 + SHARED * (trays - 1));
      return new Side(watts, oven.celsius(), wettest);
    }
  }

  /**
   * Until its middle has a temperature.
   *
   * @param depth how high it stands, 15 to 120 mm
   * @param start of it all, 0 to 80 °C
   * @param core wanted in the middle
   * @param holding limit of the rule set for holding hot
   */
  public static TrayBake of(
      Length depth, Temperature start, Heat heat, Temperature core, Temperature holding) {
    Require.within("depth", depth.millimeters(), 15, 120, "mm");
    Require.within("start", start.celsius(), 0, 80, "°C");
    double most = heat.medium().wettestCelsius(Pace.SLOW) + 5;
    if (core.celsius() > Math.min(most, heat.boiling().celsius() - 2)) {
      throw new InvalidInput(
          "core",
          "never-gets-there",
          String.format(
              Locale.ROOT,
              "Never gets there: a wet middle does not reach %.0f °C in this oven.",
              core.celsius()),
          String.format(Locale.ROOT, "at most %.0f °C", Math.floor(most)),
          "Be content with less in the middle.");
    }
    Map<Pace, Run> runs = new EnumMap<>(Pace.class);
    for (Pace pace : Pace.values()) {
      runs.put(pace, run(depth, start, heat, core, pace));
    }
    Run likely = Objects.requireNonNull(runs.get(Pace.LIKELY));
    Span total =
        new Span(
            Objects.requireNonNull(runs.get(Pace.FAST)).total(),
            likely.total(),
            Objects.requireNonNull(runs.get(Pace.SLOW)).total());
    Duration covered = time((1 - OPEN_SHARE) * likely.total().toSeconds());
    return new TrayBake(
        covered, likely.total().minus(covered), total, rests(likely.grid(), holding));
  }

  private record Run(Duration total, BodyGrid grid) {}

  private static Run run(Length depth, Temperature start, Heat heat, Temperature core, Pace pace) {
    double all = heated(depth, start, heat, core, pace, LONGEST_SECONDS).seconds();
    Heated mixed = heated(depth, start, heat, core, pace, (1 - OPEN_SHARE) * all);
    return new Run(time(mixed.seconds()), mixed.grid());
  }

  private record Heated(double seconds, BodyGrid grid) {}

  /** Under the cover for so long, then open until it is there. */
  private static Heated heated(
      Length depth,
      Temperature start,
      Heat heat,
      Temperature core,
      Pace pace,
      double coveredSeconds) {
    double alpha = SQUARE_METERS_PER_SECOND * (1 - VARIES * later(pace));
    Cooling matter =
        new Cooling(
            WATTS_PER_METER_KELVIN,
            WATTS_PER_METER_KELVIN / (alpha * JOULES_PER_KILOGRAM_KELVIN),
            JOULES_PER_KILOGRAM_KELVIN);
    BodyGrid grid = new BodyGrid(matter, Body.SLAB, depth.meters() / 2, start.celsius());
    grid.put(heat.below(pace), heat.below(pace));
    double now = 0;
    boolean open = false;
    while (grid.coldestCelsius() < core.celsius() && now < LONGEST_SECONDS) {
      if (!open && now >= coveredSeconds) {
        grid.put(heat.below(pace), heat.wet(pace));
        open = true;
      }
      now +=
          grid.advanceSeconds(open ? STEP_SECONDS : Math.min(STEP_SECONDS, coveredSeconds - now));
    }
    return new Heated(now, grid);
  }

  private static double later(Pace pace) {
    return pace.ordinal() - 1.0;
  }

  /** Until its coldest place, by then a face, falls below the limit. */
  private static Duration rests(BodyGrid grid, Temperature holding) {
    grid.put(new Side(Medium.REST.wattsPerSquareMeterKelvin(Pace.LIKELY), ROOM_CELSIUS));
    double now = 0;
    while (now < LONGEST_SECONDS && (now < 60 || grid.coldestCelsius() >= holding.celsius())) {
      now += grid.advanceSeconds(STEP_SECONDS);
    }
    return time(now);
  }

  private static Duration time(double seconds) {
    return Duration.ofSeconds((long) Math.ceil(seconds));
  }
}
