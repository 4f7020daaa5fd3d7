package urnstew.core.conduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Finite volumes against the series (Incropera and DeWitt, section 5.5) and rows l01, l05. */
class ConductionGridTest {
  private static final Cooling SAUCE = new Cooling(0.55, 1030, 3900);
  private static final double WIDE = Double.POSITIVE_INFINITY;

  @ParameterizedTest
  @CsvSource({
    "0.025,7,7,3,21",
    "0.025,7,7,3,5",
    "0.05,0,150,0.5,57",
    "0.05,0,150,0.5,21",
    "0.05,0,150,0.5,5",
    "0.1,15,15,2,21",
    "0.02,35,35,-2,5",
    "0.2,7,150,0.5,21",
    "0.04,3,7,3,5"
  })
  void timesOfALayer(double depth, double top, double bottom, double around, double to) {
    double series = SAUCE.secondsInLayer(depth, top, bottom, 90, to, around);
    Faces faces = new Faces(top, bottom, 0, around, around, around);
    assertEquals(series, secondsTo(depth, WIDE, faces, 90, to), 0.005 * series);
  }

  /** A short cylinder is the product of a slab and a long one. */
  @ParameterizedTest
  @CsvSource({
    "0.14,0.2,150,0.5,7200",
    "0.14,0.2,150,0.5,14400",
    "0.05,0.11,15,-18,5400",
    "0.18,0.08,7,3,14400",
    "0.03,0.3,35,-2,3600"
  })
  void leftInAPot(double radius, double depth, double coefficient, double around, double seconds) {
    double left = SAUCE.shareLeftInShortCylinder(radius, depth / 2, coefficient, seconds);
    ConductionGrid pot = new ConductionGrid(SAUCE, depth, radius, 90);
    pot.put(Faces.around(coefficient, around));
    run(pot, seconds);
    assertEquals(left, (pot.hottestCelsius() - around) / (90 - around), 0.005);
  }

  /** What stirring mixes is neither more nor less heat; what is insulated keeps it. */
  @Test
  void heatIsKept() {
    ConductionGrid pot = new ConductionGrid(SAUCE, 0.2, 0.14, 90);
    pot.put(Faces.around(150, 0));
    run(pot, 3000);
    double mean = pot.meanCelsius();
    assertTrue(pot.hottestCelsius() > mean + 20, "hot in the middle");
    pot.put(Faces.around(0, 0));
    run(pot, 20_000);
    assertEquals(mean, pot.meanCelsius(), 1e-9, "insulated");
    pot.mix();
    assertEquals(mean, pot.meanCelsius(), 1e-9, "mixed");
    assertEquals(mean, pot.hottestCelsius(), 1e-9, "even");
  }

  /** Unlike faces come to rest on the straight line between them. */
  @Test
  void comesToRest() {
    ConductionGrid layer = new ConductionGrid(SAUCE, 0.05, WIDE, 90);
    layer.put(new Faces(7, 150, 0, 20, 0.5, 0));
    run(layer, 10 * 86_400);
    double passing = (20 - 0.5) / (1 / 7.0 + 0.05 / 0.55 + 1 / 150.0);
    assertEquals(20 - passing / 7 - passing * 0.05 / 0.55 / 80, layer.hottestCelsius(), 0.01);
  }

  private static void run(ConductionGrid grid, double seconds) {
    double at = 0;
    while (at < seconds) {
      at += grid.advanceSeconds(seconds - at);
    }
  }

  private static double secondsTo(
      double depth, double radius, Faces faces, double from, double to) {
    ConductionGrid grid = new ConductionGrid(SAUCE, depth, radius, from);
    grid.put(faces);
    double at = 0;
    double before = from;
    while (true) {
      double taken = grid.advanceSeconds(300);
      double now = grid.hottestCelsius();
      if (now <= to) {
        return at + taken * (before - to) / (before - now);
      }
      at += taken;
      before = now;
    }
  }
}
