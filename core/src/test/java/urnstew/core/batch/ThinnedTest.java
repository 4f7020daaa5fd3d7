package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThinnedTest {
  private record Point(int at, double height) {}

  private static List<Point> series(int length, long seed) {
    Random random = new Random(seed);
    return IntStream.range(0, length).mapToObj(i -> new Point(i, random.nextGaussian())).toList();
  }

  private static List<Point> thinned(List<Point> series, int most) {
    return Thinned.extremes(series, most, Point::height);
  }

  @ParameterizedTest
  @ValueSource(ints = {501, 999, 1000, 1001, 15_000})
  void aLongSeriesKeepsItsOrderAndWhatStandsOut(int length) {
    List<Point> series = series(length, length);
    List<Point> left = thinned(series, 500);

    assertTrue(left.size() <= 500 && left.size() >= 250, left.size() + " points");
    assertTrue(series.containsAll(left));
    assertEquals(
        left.stream().map(Point::at).sorted().toList(), left.stream().map(Point::at).toList());
    var byHeight = java.util.Comparator.comparingDouble(Point::height);
    assertEquals(Collections.max(series, byHeight), Collections.max(left, byHeight));
    assertEquals(Collections.min(series, byHeight), Collections.min(left, byHeight));
  }

  @Test
  void aShortSeriesStaysWhole() {
    List<Point> series = series(500, 1);
    assertEquals(series, thinned(series, 500));
  }

  @Test
  void oneReadingThatStandsOutAmongThousandsStays() {
    List<Point> flat =
        IntStream.range(0, 15_000).mapToObj(i -> new Point(i, i == 7_777 ? 3 : 8)).toList();
    assertTrue(thinned(flat, 500).contains(new Point(7_777, 3)));
  }
}
