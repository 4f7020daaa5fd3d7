package urnstew.core.serving.part;

import java.time.Duration;
import urnstew.core.task.Span;
import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Polenta and grits: grain, water, minutes, and how thick it sets.
 *
 * <p>Water 3.5 to 5 to one by weight (common practice); an open pot boils off a fiftieth of it in
 * ten minutes (assumption); set at 1,080 kg/m³.
 *
 * @param grain dry
 * @param water into the pot
 * @param grind how coarse
 */
public record PolentaPot(Mass grain, Mass water, Grind grind) {
  private static final double LOST_PER_MINUTE = 0.002;
  private static final double KILOGRAMS_PER_CUBIC_METER = 1080;
  private static final double LEAST_RATIO = 3.5;
  private static final double MOST_RATIO = 5;
  private static final double FIRM_BELOW = 4;

  /** How coarse it is ground, with its minutes. */
  public enum Grind {
    QUICK(4, 6, 9),
    MEDIUM(20, 28, 40),
    COARSE(35, 45, 60);

    private final Span minutes;

    Grind(int least, int likely, int most) {
      minutes =
          new Span(Duration.ofMinutes(least), Duration.ofMinutes(likely), Duration.ofMinutes(most));
    }

    public Span minutes() {
      return minutes;
    }
  }

  public PolentaPot {
    Require.within("grain", grain.kilograms(), 0.02, 50, "kg");
    Require.within(
        "waterToGrain", water.kilograms() / grain.kilograms(), LEAST_RATIO, MOST_RATIO, "");
  }

  /** So much grain. */
  public static PolentaPot ofGrain(Mass grain, double waterToGrainShare, Grind grind) {
    return new PolentaPot(grain, grain.times(waterToGrainShare), grind);
  }

  /** So much of it cooked. */
  public static PolentaPot ofCooked(Mass cooked, double waterToGrainShare, Grind grind) {
    Require.within("waterToGrain", waterToGrainShare, LEAST_RATIO, MOST_RATIO, "");
    return ofGrain(
        cooked.times(1 / (1 + waterToGrainShare * kept(grind))), waterToGrainShare, grind);
  }

  private static double kept(Grind grind) {
    return 1 - LOST_PER_MINUTE * grind.minutes().likely().toMinutes();
  }

  /** What it makes. */
  public Mass cooked() {
    return grain.plus(water.times(kept(grind)));
  }

  /** Whether it sets so firm that it can be cut. */
  public boolean cuts() {
    return water.kilograms() / grain.kilograms() <= FIRM_BELOW;
  }

  /** How thick it stands in a tray. */
  public Length in(Area tray) {
    return new Length(cooked().kilograms() / (KILOGRAMS_PER_CUBIC_METER * tray.squareMeters()));
  }
}
