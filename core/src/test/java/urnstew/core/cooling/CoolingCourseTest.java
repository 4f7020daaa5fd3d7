package urnstew.core.cooling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoolingCourseTest {
  private static final CoolingCourse COURSE = course(90, 70, 40, 20, 10, 6);

  private static CoolingCourse course(double... celsius) {
    return new CoolingCourse(
        IntStream.range(0, celsius.length)
            .mapToObj(i -> new CoolingCourse.Point(i * 600.0, celsius[i]))
            .toList());
  }

  @ParameterizedTest
  @CsvSource({"95,0", "90,0", "80,300", "57,860", "20,1800", "6,3000"})
  void whenItHasFallenToATemperature(double celsius, double seconds) {
    assertEquals(seconds, COURSE.secondsTo(celsius).orElseThrow(), 1e-9);
  }

  @Test
  void whatItNeverReachesAndWhatLiesBetween() {
    assertTrue(COURSE.secondsTo(5).isEmpty());
    assertTrue(COURSE.secondsBetween(57, 5).isEmpty());
    assertEquals(1800 - 860, COURSE.secondsBetween(57, 20).orElseThrow(), 1e-9);
    assertEquals(80, COURSE.celsiusAt(300), 1e-9);
    assertEquals(90, COURSE.celsiusAt(-60), 1e-9, "before its start");
    assertEquals(6, COURSE.celsiusAt(99_999), 1e-9, "after its end");
  }

  /** A screen gets few points, its ends among them. */
  @Test
  void sampledDown() {
    CoolingCourse whole =
        course(IntStream.range(0, 1000).mapToDouble(i -> 90 - i * 0.08).toArray());
    List<CoolingCourse.Point> few = whole.sampled(60);
    assertTrue(few.size() <= 61, "points " + few.size());
    assertEquals(whole.points().get(0), few.get(0));
    assertEquals(whole.points().get(999), few.get(few.size() - 1));
    assertEquals(COURSE.points(), COURSE.sampled(60));
  }
}
