package urnstew.core.serving.piece;

import java.util.Locale;
import urnstew.core.conduction.Body;
import urnstew.core.conduction.BodyGrid;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * One piece as it lies on the board.
 *
 * @param cut kind
 * @param thickness by ruler, of a flat piece the thinner way, else its diameter
 * @param start its temperature, −1 to 45 °C
 */
public record Piece(Cut cut, Length thickness, Temperature start) {
  static final double KILOGRAMS_PER_CUBIC_METER = 1050;

  private static final double FROZEN_CELSIUS = -1;
  private static final double WARMEST_CELSIUS = 45;

  /** How far a ruler and an uneven piece leave it, as a share, and at least so much. */
  private static final double RULER_SHARE = 0.04;

  private static final double RULER_METERS = 0.0005;

  /** How far the diffusivity of a kind varies (assumption). */
  private static final double DIFFUSIVITY_SHARE = 0.07;

  private static final double START_KELVINS = 1;

  public Piece {
    double least = cut.thinnest().millimeters();
    double most = cut.thickest().millimeters();
    double typed = thickness.millimeters();
    if (typed < least || typed > most) {
      throw new InvalidInput(
          "thickness",
          typed < least ? "too-small" : "too-large",
          String.format(
              Locale.ROOT,
              "%s of %.0f mm: the figures reach from %.0f to %.0f mm.",
              cut.name(),
              typed,
              least,
              most),
          String.format(Locale.ROOT, "%.0f to %.0f mm", least, most),
          typed < least
              ? "Measure it through its thinner way, in millimetres."
              : "Measure it through its thinner way, or cut it into thinner pieces.");
    }
    if (start.celsius() < FROZEN_CELSIUS) {
      throw new InvalidInput(
          "start",
          "frozen",
          String.format(Locale.ROOT, "At %.0f °C it is frozen.", start.celsius()),
          "-1 to 45 °C",
          "Thaw it first: its middle would stay raw.");
    }
    Require.within("start", start.celsius(), FROZEN_CELSIUS, WARMEST_CELSIUS, "°C");
  }

  /** What it weighs. */
  public Mass mass() {
    return cut.massAt(thickness);
  }

  /** Radius, or half thickness, m. */
  double radiusMeters(Pace pace) {
    double open = Math.max(RULER_METERS, RULER_SHARE * thickness.meters());
    return (thickness.meters() + pace.later() * open) / 2;
  }

  double startCelsius(Pace pace) {
    return start.celsius() - pace.later() * START_KELVINS;
  }

  double diffusivityFactor(Pace pace) {
    return 1 - pace.later() * DIFFUSIVITY_SHARE;
  }

  /** Floor that it takes, m²: a slab lies on its face, the others in squares of their width. */
  public double footprintSquareMeters() {
    double volume = mass().kilograms() / KILOGRAMS_PER_CUBIC_METER;
    double width = thickness.meters();
    return cut.body() == Body.CYLINDER
        ? volume / (Math.PI / 4 * width)
        : cut.body() == Body.SPHERE ? width * width : volume / width;
  }

  /** As it cools and warms in whatever it meets. */
  BodyGrid grid(Pace pace) {
    return new BodyGrid(
        cut.matter(diffusivityFactor(pace)), cut.body(), radiusMeters(pace), startCelsius(pace));
  }

  /** The same where it always meets the same all round. */
  BodyGrid gridHeatedAlike(Pace pace) {
    return BodyGrid.heatedAlike(
        cut.matter(diffusivityFactor(pace)), cut.body(), radiusMeters(pace), startCelsius(pace));
  }
}
