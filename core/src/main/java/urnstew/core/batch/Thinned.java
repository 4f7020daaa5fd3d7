package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A long series made short enough to draw: equal stretches, of which each keeps its lowest and its
 * highest point, so that nothing that stands out is lost. Common practice of plotting programs.
 */
final class Thinned {
  private Thinned() {}

  /**
   * Thins a series.
   *
   * @param series in the order of time
   * @param most points to be left, 2 or more
   * @param height by which a point stands out
   * @return at most so many points of the series, in its order; the series itself if it is short
   */
  static <T> List<T> extremes(List<T> series, int most, ToDoubleFunction<T> height) {
    if (series.size() <= most) {
      return List.copyOf(series);
    }
    int stretches = most / 2;
    List<T> thinned = new ArrayList<>();
    for (int i = 0; i < stretches; i++) {
      int from = (int) ((long) series.size() * i / stretches);
      int to = (int) ((long) series.size() * (i + 1) / stretches);
      keepExtremes(series.subList(from, to), height, thinned);
    }
    return List.copyOf(thinned);
  }

  private static <T> void keepExtremes(
      List<T> stretch, ToDoubleFunction<T> height, List<T> thinned) {
    int lowest = 0;
    int highest = 0;
    for (int i = 1; i < stretch.size(); i++) {
      double here = height.applyAsDouble(stretch.get(i));
      if (here < height.applyAsDouble(stretch.get(lowest))) {
        lowest = i;
      }
      if (here > height.applyAsDouble(stretch.get(highest))) {
        highest = i;
      }
    }
    thinned.add(stretch.get(Math.min(lowest, highest)));
    if (lowest != highest) {
      thinned.add(stretch.get(Math.max(lowest, highest)));
    }
  }
}
