package urnstew.core.serving.piece;

import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * So many pieces of a kind that go into one vessel.
 *
 * @param piece one of them
 * @param count how many, 1 to 2,000
 * @param core wanted
 */
public record DropKind(Piece piece, int count, Temperature core) {
  public DropKind {
    Require.within("count", count, 1, 2000, "");
  }

  /** By what cooks like. */
  public static DropKind of(Piece piece, int count) {
    return new DropKind(piece, count, Temperature.ofCelsius(piece.cut().taste().toCelsius()));
  }

  double kilograms() {
    return count * piece.mass().kilograms();
  }

  double footprintSquareMeters() {
    return count * piece.footprintSquareMeters();
  }

  /** Outside of all of them, m². */
  double surfaceSquareMeters() {
    int faces = 2 * (piece.cut().body().curved() + 1);
    double volume = kilograms() / Piece.KILOGRAMS_PER_CUBIC_METER;
    return faces * volume / piece.thickness().meters();
  }

  double waitsSeconds() {
    return 60 * piece.cut().waitsMinutes();
  }
}
