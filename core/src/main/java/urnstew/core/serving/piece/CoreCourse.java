package urnstew.core.serving.piece;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import urnstew.core.conduction.BodyGrid;

/**
 * The core of one piece by time, through its spells.
 *
 * @param points in order, the start first
 */
public record CoreCourse(List<Point> points) {
  /**
   * The coldest place of the piece at a moment.
   *
   * @param seconds since it went in
   * @param celsius of its coldest place
   */
  public record Point(double seconds, double celsius) {}

  public CoreCourse {
    points = List.copyOf(points);
  }

  /** Through these spells, one after the other. */
  static CoreCourse of(Piece piece, List<Spell> spells, Pace pace) {
    Simulation run = new Simulation(piece, spells, pace);
    spells.forEach(run::through);
    return new CoreCourse(run.points);
  }

  /**
   * Through these spells, then on in the last one until the core is there, or nothing more happens.
   *
   * @param mostSeconds after which it is given up
   */
  static CoreCourse until(
      Piece piece, List<Spell> before, Spell last, double celsius, double mostSeconds, Pace pace) {
    List<Spell> all = new ArrayList<>(before);
    all.add(last);
    Simulation run = new Simulation(piece, all, pace);
    before.forEach(run::through);
    run.until(last, celsius, mostSeconds);
    return new CoreCourse(run.points);
  }

  /** The piece as it is after these spells, for what meets it the same all round. */
  static BodyGrid after(Piece piece, List<Spell> spells, Pace pace) {
    Simulation run = new Simulation(piece, spells, pace);
    spells.forEach(run::through);
    return run.grid;
  }

  /** Seconds at which it first is so hot; infinite where it never is. */
  public double secondsTo(double celsius) {
    for (int i = 0; i < points.size(); i++) {
      if (points.get(i).celsius() >= celsius) {
        return i == 0 ? points.get(0).seconds() : between(i, celsius);
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  private double between(int i, double celsius) {
    Point below = points.get(i - 1);
    Point above = points.get(i);
    double share = (celsius - below.celsius()) / (above.celsius() - below.celsius());
    return below.seconds() + share * (above.seconds() - below.seconds());
  }

  /** The core at a moment, °C; the last one after its end. */
  public double celsiusAt(double seconds) {
    for (int i = 1; i < points.size(); i++) {
      Point above = points.get(i);
      if (above.seconds() >= seconds) {
        Point below = points.get(i - 1);
        double share = (seconds - below.seconds()) / (above.seconds() - below.seconds());
        return below.celsius() + share * (above.celsius() - below.celsius());
      }
    }
    return points.get(points.size() - 1).celsius();
  }

  /** The hottest that the core becomes. */
  public Point peak() {
    Point most = points.get(0);
    for (Point point : points) {
      most = point.celsius() > most.celsius() ? point : most;
    }
    return most;
  }

  /** Every so often, to be drawn. */
  public CoreCourse every(Duration step) {
    List<Point> some = new ArrayList<>();
    double end = points.get(points.size() - 1).seconds();
    for (double at = 0; at < end; at += step.toSeconds()) {
      some.add(new Point(at, celsiusAt(at)));
    }
    some.add(new Point(end, celsiusAt(end)));
    return new CoreCourse(some);
  }

  private static final class Simulation {
    private final Piece piece;
    private final Pace pace;
    private final BodyGrid grid;
    private final List<Point> points = new ArrayList<>();
    private double now;

    Simulation(Piece piece, List<Spell> spells, Pace pace) {
      this.piece = piece;
      this.pace = pace;
      boolean alike = spells.stream().noneMatch(spell -> spell.medium() == Medium.PAN);
      grid = alike ? piece.gridHeatedAlike(pace) : piece.grid(pace);
      note();
    }

    private void note() {
      points.add(new Point(now, grid.coldestCelsius()));
    }

    void through(Spell spell) {
      go(spell, spell.seconds(), Double.POSITIVE_INFINITY);
    }

    void until(Spell spell, double celsius, double mostSeconds) {
      go(spell, mostSeconds, celsius);
    }

    private void go(Spell spell, double seconds, double celsius) {
      double left = seconds;
      for (int turns = 0; left > 0 && grid.coldestCelsius() < celsius; turns++) {
        double same = Math.min(left, spell.meet(grid, piece.cut().body(), pace, turns));
        left -= same;
        while (same > 0 && grid.coldestCelsius() < celsius) {
          double taken = grid.advanceSeconds(same);
          same -= taken;
          now += taken;
          note();
        }
      }
    }
  }
}
