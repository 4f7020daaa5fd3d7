package urnstew.core.cooling;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * The warmest place of something that cools, over time.
 *
 * @param points in the order of time, the first at its start
 */
public record CoolingCourse(List<Point> points) {
  /**
   * One moment.
   *
   * @param seconds since the start
   * @param celsius warmest place, °C
   */
  public record Point(double seconds, double celsius) {}

  public CoolingCourse {
    points = List.copyOf(points);
  }

  /** When it has first fallen to a temperature; empty if it never does within the course. */
  public OptionalDouble secondsTo(double celsius) {
    for (int i = 0; i < points.size(); i++) {
      Point point = points.get(i);
      if (point.celsius() <= celsius) {
        return OptionalDouble.of(i == 0 ? point.seconds() : between(i, celsius));
      }
    }
    return OptionalDouble.empty();
  }

  private double between(int index, double celsius) {
    Point before = points.get(index - 1);
    Point after = points.get(index);
    double fallen = before.celsius() - after.celsius();
    double along = fallen <= 0 ? 1 : (before.celsius() - celsius) / fallen;
    return before.seconds() + along * (after.seconds() - before.seconds());
  }

  /** How long it takes from one temperature to a lower one; empty if it never does. */
  public OptionalDouble secondsBetween(double fromCelsius, double toCelsius) {
    OptionalDouble start = secondsTo(fromCelsius);
    OptionalDouble end = secondsTo(toCelsius);
    return start.isPresent() && end.isPresent()
        ? OptionalDouble.of(end.getAsDouble() - start.getAsDouble())
        : OptionalDouble.empty();
  }

  /** Warmest place at a moment, °C; before and after the course its ends. */
  public double celsiusAt(double seconds) {
    Point before = points.get(0);
    for (Point point : points) {
      if (point.seconds() >= seconds) {
        double width = point.seconds() - before.seconds();
        double along = width <= 0 ? 1 : (seconds - before.seconds()) / width;
        return before.celsius() + along * (point.celsius() - before.celsius());
      }
      before = point;
    }
    return before.celsius();
  }

  /** So many points or fewer, evenly picked, the last among them. */
  public List<Point> sampled(int most) {
    int every = Math.max(1, (int) Math.ceil(points.size() / (double) most));
    return IntStream.range(0, points.size())
        .filter(i -> i % every == 0 || i == points.size() - 1)
        .mapToObj(points::get)
        .toList();
  }
}
