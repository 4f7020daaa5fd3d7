package urnstew.core.serving.piece;

import java.time.Duration;
import java.util.List;
import urnstew.core.conduction.BodyGrid;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * So many pieces of a kind that go into one vessel.
 *
 * @param piece one of them
 * @param before what is done to it first, ending as it goes in: browned in a pan, say
 * @param count how many, 1 to 2,000
 * @param core wanted
 */
public record DropKind(Piece piece, List<Spell> before, int count, Temperature core) {
  public DropKind {
    Require.within("count", count, 1, 2000, "");
    before = List.copyOf(before);
  }

  /** By what cooks like, as it is. */
  public static DropKind of(Piece piece, int count) {
    return new DropKind(
        piece, List.of(), count, Temperature.ofCelsius(piece.cut().taste().toCelsius()));
  }

  /** So many of them. */
  DropKind of(int other) {
    return new DropKind(piece, before, other, core);
  }

  /** As it goes in. */
  BodyGrid grid(Pace pace) {
    return CoreCourse.after(piece, before, pace);
  }

  /** From going in until its core is there, in surroundings that stay; s. */
  double secondsIn(Medium medium, Temperature around, double mostSeconds) {
    Spell last = new Spell(medium, around, Duration.ZERO);
    double whole =
        CoreCourse.until(piece, before, last, core.celsius(), mostSeconds, Pace.LIKELY)
            .secondsTo(core.celsius());
    double first = before.stream().mapToDouble(Spell::seconds).sum();
    return Math.max(0, whole - first);
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
