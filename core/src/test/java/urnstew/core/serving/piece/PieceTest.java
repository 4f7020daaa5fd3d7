package urnstew.core.serving.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.conduction.Cooling;
import urnstew.core.rules.RuleSet;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Temperature;

/** Check-values m01 to m05, trade rows T-08, T-12, P-08, and what holds for every piece. */
class PieceTest {
  private static final RuleSet RULES = RuleSet.shipped().get(0);

  private static Temperature at(double celsius) {
    return Temperature.ofCelsius(celsius);
  }

  private static Piece piece(String cut, double millimeters, double start) {
    return new Piece(Cut.of(cut), Length.ofMillimeters(millimeters), at(start));
  }

  private static double likelyMinutes(Cooking cooking) {
    return cooking.reaches(cooking.taste().celsius()).orElseThrow().likely().toMillis() / 60_000.0;
  }

  /** m01, m02 and m04; m03's ball meets 300 W/(m² K), which is the slow end of poaching. */
  @ParameterizedTest
  @CsvSource({
    "cod-steak,25,88,8,60,11.3,0.02",
    "cod-steak,20,88,8,60,7.5,0.02",
    "prawn,16,88,5,63,2.8,0.03"
  })
  void piecesInSauce(
      String cut, double mm, double sauce, double from, double core, double minutes, double share) {
    Cooking cooking =
        Cooking.of(piece(cut, mm, from), List.of(), Medium.POACH, at(sauce), at(core));
    assertEquals(minutes, likelyMinutes(cooking), share * minutes);
  }

  /** m03: 13.7 min at 300 W/(m² K); at 500 it is a little less, and the band holds it. */
  @Test
  void aBallInSauce() {
    Cooking cooking = Cooking.of(piece("ball", 43, 8), List.of(), Medium.POACH, at(93), at(70));
    var span = cooking.reaches(70).orElseThrow();
    assertTrue(span.least().toSeconds() < 13.7 * 60 && span.most().toSeconds() > 13.7 * 60);
    assertEquals(13.7, span.likely().toMillis() / 60_000.0, 0.08 * 13.7);
  }

  /** m05 and T-12: 13 to 17 min reckoned, 15 to 20 in the trade. */
  @Test
  void aBallInTheOven() {
    Cooking cooking = Cooking.of(piece("ball", 43, 8), List.of(), Medium.OVEN, at(220), at(71));
    var span = cooking.reaches(71).orElseThrow();
    double likely = span.likely().toMillis() / 60_000.0;
    assertTrue(likely > 13 && likely < 17, likely + " min");
    assertTrue(span.most().toMinutes() >= 15 && span.least().toMinutes() <= 20, span.toString());
  }

  /** T-12: small ones of 15 to 25 g (P-08) about ten minutes at 205 °C. */
  @Test
  void smallBallsInTheOven() {
    Cooking cooking =
        Cooking.of(piece("ball-small", 32, 8), List.of(), Medium.OVEN, at(205), at(71));
    var span = cooking.reaches(71).orElseThrow();
    assertTrue(span.least().toSeconds() < 600 && span.most().toSeconds() > 600, span.toString());
  }

  /** T-08: a minute a side, out while the sauce is made, back in for about five, very low. */
  @Test
  void aFishSteakInTwoActs() {
    List<Spell> before =
        List.of(
            new Spell(Medium.PAN, at(180), Duration.ofMinutes(2)),
            new Spell(Medium.REST, at(22), Duration.ofMinutes(8)));
    Cooking cooking = Cooking.of(piece("cod-steak", 20, 8), before, Medium.POACH, at(88), at(57));
    var span = cooking.reaches(57).orElseThrow();
    double least = span.least().toSeconds() / 60.0 - 10;
    double most = span.most().toSeconds() / 60.0 - 10;
    assertTrue(least < 5 && most > 4 && most < 8, least + " to " + most);
  }

  @Test
  void itRestsToTheCoreThatIsWanted() {
    Cooking cooking =
        Cooking.of(piece("ball-large", 60, 8), List.of(), Medium.OVEN, at(220), at(71));
    Cooking.TasteCore tasted = cooking.tasted();
    assertTrue(tasted.out().compareTo(tasted.at().likely()) < 0);
    double out = cooking.likely().celsiusAt(tasted.out().toMillis() / 1000.0);
    assertEquals(71, out + tasted.gainsKelvins(), 0.2);
    assertTrue(tasted.gainsKelvins() > 2, "gains " + tasted.gainsKelvins());
  }

  /** Truth drawn from inside the bands: the code's core is never there later than we say. */
  @Test
  void neverEarlierThanTheSlowSide() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20);
    Cooking[] known = new Cooking[200];
    double[][] drawn = new double[known.length][];
    for (int i = 0; i < known.length; i++) {
      Cut cut = Cut.shipped().get(random.nextInt(Cut.shipped().size()));
      double mm = random.nextDouble(cut.thinnest().millimeters(), cut.thickest().millimeters());
      double start = random.nextDouble(0, 20);
      double sauce = random.nextDouble(82, 98);
      drawn[i] = new double[] {mm, start, sauce};
      Piece piece = new Piece(cut, Length.ofMillimeters(mm), at(start));
      known[i] = Cooking.of(piece, List.of(), Medium.POACH, at(sauce), at(60));
    }
    for (int i = 0; i < 10_000; i++) {
      Cooking cooking = known[i % known.length];
      double[] of = drawn[i % known.length];
      Cut cut = cooking.piece().cut();
      Cooking.RuleCore rule = cooking.rule(RULES).orElseThrow();
      double open = Math.max(0.5, 0.04 * of[0]);
      double radius = (of[0] + random.nextDouble(-open, open)) / 2000;
      double alpha = cut.squareMetersPerSecond() * random.nextDouble(0.93, 1.07);
      double start = of[1] + random.nextDouble(-1, 1);
      Cooling matter =
          new Cooling(cut.wattsPerMeterKelvin(), cut.wattsPerMeterKelvin() / (alpha * 3500), 3500);
      double left =
          matter.shareLeftAtMiddle(
              cut.body(), radius, random.nextDouble(300, 800), rule.from().toMillis() / 1000.0);
      double core = of[2] + (start - of[2]) * left;
      assertTrue(core >= rule.row().core().celsius() - 0.3, cut.id() + " " + core + " " + rule);
    }
  }

  @Test
  void thickerSlowerHotterFasterColderSlower() {
    for (Cut cut : Cut.shipped()) {
      double mm = cut.usual().millimeters();
      double core = Math.min(74, cut.taste().toCelsius());
      double own = minutes(cut, mm, 8, 90, core);
      assertTrue(minutes(cut, 1.1 * mm, 8, 90, core) > own, cut.id());
      assertTrue(minutes(cut, mm, 8, 96, core) < own, cut.id());
      assertTrue(minutes(cut, mm, 2, 90, core) > own, cut.id());
    }
  }

  private static double minutes(Cut cut, double mm, double start, double sauce, double core) {
    Piece piece = new Piece(cut, Length.ofMillimeters(mm), at(start));
    return likelyMinutes(Cooking.of(piece, List.of(), Medium.POACH, at(sauce), at(core)));
  }

  @Test
  void aProbeCorrectsTheHourAndNeverTheWait() {
    Cooking cooking = Cooking.of(piece("ball", 43, 8), List.of(), Medium.OVEN, at(220), at(71));
    Duration wait = cooking.rule(RULES).orElseThrow().enough();
    Duration eight = Duration.ofMinutes(8);
    double told = cooking.likely().celsiusAt(eight.toSeconds());
    Probed hot = Probed.of(cooking, List.of(new Probed.Reading(eight, at(told + 8))));
    Probed cold = Probed.of(cooking, List.of(new Probed.Reading(eight, at(told - 8))));
    assertTrue(hot.factor() < 0.97 && cold.factor() > 1.03);
    assertTrue(hot.at().likely().compareTo(cold.at().likely()) < 0);
    assertEquals(wait, hot.rule(RULES).orElseThrow().enough());
    assertTrue(cold.rule(RULES).orElseThrow().enough().compareTo(wait) >= 0);
    Probed there = Probed.of(cooking, List.of(new Probed.Reading(eight, at(70.5))));
    assertEquals(eight, there.rule(RULES).orElseThrow().enough());
    Probed none = Probed.of(cooking, List.of());
    assertEquals(1, none.factor(), 0.01);
    assertEquals(wait, none.rule(RULES).orElseThrow().enough());
  }

  @Test
  void readingsNarrowTheBandTowardsTheTruth() {
    Cooking cooking = Cooking.of(piece("chop", 30, 5), List.of(), Medium.OVEN, at(190), at(62));
    double truth = 1.15;
    List<Probed.Reading> readings =
        java.util.stream.IntStream.of(8, 12, 16)
            .mapToObj(
                m ->
                    new Probed.Reading(
                        Duration.ofMinutes(m), at(cooking.likely().celsiusAt(60 * m / truth))))
            .toList();
    Probed one = Probed.of(cooking, readings.subList(0, 1));
    Probed all = Probed.of(cooking, readings);
    assertTrue(Math.abs(all.factor() - truth) < Math.abs(one.factor() - truth) + 1e-9);
    assertEquals(truth, all.factor(), 0.05);
    assertTrue(all.logSpread() < one.logSpread());
  }

  @Test
  void whatCannotBeIsSaidWithItsWayOut() {
    InvalidInput thick = assertThrows(InvalidInput.class, () -> piece("cod-steak", 400, 8));
    assertEquals("thickness", thick.parameter());
    assertTrue(thick.limit().contains("10 to 60 mm"), thick.limit());
    InvalidInput never =
        assertThrows(
            InvalidInput.class,
            () -> Cooking.of(piece("ball", 43, 8), List.of(), Medium.POACH, at(88), at(90)));
    assertEquals("core", never.parameter());
    assertEquals("Never gets there: 88 °C sauce, 90 wanted.", never.getMessage());
    InvalidInput cold =
        assertThrows(
            InvalidInput.class,
            () -> Cooking.of(piece("ball", 43, 8), List.of(), Medium.POACH, at(0), at(60)));
    assertEquals("mediumCelsius", cold.parameter());
    assertThrows(InvalidInput.class, () -> piece("ball", 43, -18));
  }

  @Test
  void aCourseIsDrawnWithItsEnds() {
    Cooking cooking =
        Cooking.of(piece("cod-steak", 25, 8), List.of(), Medium.POACH, at(88), at(60));
    CoreCourse drawn = cooking.likely().every(Duration.ofSeconds(30));
    assertEquals(8, drawn.points().get(0).celsius(), 0.01);
    assertTrue(drawn.peak().celsius() > 85);
  }
}
