package urnstew.core.serving.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import urnstew.core.serving.piece.DropOrder.Item;
import urnstew.core.serving.piece.DropOrder.Order;
import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** Orders against exhaustive search; T-10: by cooking time, oysters last. */
class DropListTest {
  private static final SauceBath BATH =
      new SauceBath(Mass.ofGrams(2000), Temperature.ofCelsius(92), new Power(1500));
  private static final Area PAN = new Area(0.1);

  private static DropKind kind(String cut, int count) {
    Cut of = Cut.of(cut);
    return DropKind.of(new Piece(of, of.usual(), Temperature.ofCelsius(5)), count);
  }

  @Test
  void asGoodAsExhaustiveSearch() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(300);
    for (int set = 0; set < 300; set++) {
      List<Item> items = new ArrayList<>();
      int count = 1 + set % 6;
      for (int i = 0; i < count; i++) {
        double poach = 30 * random.nextInt(2, 40);
        items.add(
            new Item(
                random.nextDouble(0.01, 0.08),
                poach,
                poach * random.nextDouble(0.8, 1.6),
                60 * random.nextInt(0, 12)));
      }
      boolean layered = random.nextBoolean();
      Order found = new DropOrder(items, 0.09, layered).best().orElseThrow();
      double[] best = new Exhaustive(items, 0.09, layered).best();
      String told = "set " + set + ": " + items;
      assertEquals(best[0], found.overWait(), 1e-6, told);
      assertEquals(best[1], found.seconds(), 1e-6, told);
      assertEquals(best[2], found.onTop(), 1e-6, told);
    }
  }

  /** Every way to give each kind a round and a place. */
  private static final class Exhaustive {
    private final List<Item> items;
    private final double floor;
    private final boolean layered;
    private final int[] round;
    private final boolean[] above;
    private double[] best = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};

    Exhaustive(List<Item> items, double floor, boolean layered) {
      this.items = items;
      this.floor = floor;
      this.layered = layered;
      round = new int[items.size()];
      above = new boolean[items.size()];
    }

    double[] best() {
      place(0);
      return best;
    }

    private void place(int i) {
      if (i == items.size()) {
        judge();
        return;
      }
      for (int r = 0; r < items.size(); r++) {
        round[i] = r;
        for (int top = 0; top < (layered ? 2 : 1); top++) {
          above[i] = top == 1;
          place(i + 1);
        }
      }
    }

    private void judge() {
      double over = 0;
      double end = 0;
      int top = 0;
      for (int r = 0; r < items.size(); r++) {
        double longest = 0;
        double low = 0;
        double high = 0;
        for (int i = 0; i < items.size(); i++) {
          if (round[i] == r) {
            Item item = items.get(i);
            longest = Math.max(longest, above[i] ? item.steam() : item.poach());
            low += above[i] ? 0 : item.area();
            high += above[i] ? item.area() : 0;
            over += Math.max(0, end - item.waits());
            top += above[i] ? 1 : 0;
          }
        }
        if (low > floor || high > floor) {
          return;
        }
        end += longest;
      }
      double[] now = {over, end, top};
      for (int k = 0; k < 3; k++) {
        if (Math.abs(now[k] - best[k]) > 1e-6) {
          best = now[k] < best[k] ? now : best;
          return;
        }
      }
    }
  }

  @Test
  void fiveSeafoodsByCookingTime() {
    DropList list =
        DropList.of(
            List.of(
                kind("oyster", 12),
                kind("prawn", 12),
                kind("mussel", 30),
                kind("fish-chunks", 12),
                kind("squid-ring", 24)),
            BATH,
            new Area(0.2),
            false);
    List<String> order = list.drops().stream().map(d -> d.kind().piece().cut().id()).toList();
    assertEquals("squid-ring", order.get(order.size() - 1), order.toString());
    assertEquals("fish-chunks", order.get(0), order.toString());
    assertTrue(order.indexOf("oyster") > order.indexOf("prawn"), order.toString());
    assertEquals(5, list.drops().size());
    assertTrue(list.drops().stream().allMatch(d -> d.round() == 0 && d.out().isZero()));
    assertEquals(list.span(), list.drops().get(0).before());
  }

  @Test
  void whatGoesInColdCoolsTheSauce() {
    List<DropKind> kinds = List.of(kind("cod-steak", 6));
    DropList little = DropList.of(kinds, veryLow(1), PAN, false);
    DropList much = DropList.of(kinds, veryLow(9), PAN, false);
    assertTrue(coldest(little) < coldest(much) - 5, coldest(little) + " and " + coldest(much));
    assertTrue(little.span().compareTo(much.span()) > 0);
  }

  private static SauceBath veryLow(double kilograms) {
    return new SauceBath(new Mass(kilograms), BATH.simmer(), new Power(200));
  }

  private static double coldest(DropList list) {
    return list.sauce().stream().mapToDouble(SauceBath.Point::celsius).min().orElseThrow();
  }

  /** The heat that the sauce gave, and the burner, is what the pieces have. */
  @Test
  void heatIsCountedOnce() {
    DropKind steaks = kind("cod-steak", 4);
    SauceBath cold = new SauceBath(Mass.ofGrams(3000), Temperature.ofCelsius(90), new Power(0));
    var run = cold.through(List.of(new SauceBath.Drop(steaks, false, 0)), 3600, 3600);
    double last = run.sauce().get(run.sauce().size() - 1).celsius();
    double mixed =
        (3 * 3900 * 90 + steaks.kilograms() * 3500 * 5) / (3 * 3900 + steaks.kilograms() * 3500);
    assertEquals(mixed, last, 0.3);
  }

  /** More of a kind than lie side by side go in lots, none of them forgotten. */
  @Test
  void whatDoesNotFitGoesInLots() {
    DropKind steaks = kind("cod-steak", 9);
    Area floor = new Area(4.5 * steaks.piece().footprintSquareMeters() / 0.9);
    DropList flat = DropList.of(List.of(steaks), BATH, floor, false);
    assertEquals(9, flat.drops().stream().mapToInt(one -> one.kind().count()).sum());
    assertEquals(List.of(3, 3, 3), flat.drops().stream().map(one -> one.kind().count()).toList());
    assertEquals(3, flat.drops().stream().mapToInt(DropList.Entry::round).distinct().count());
    DropList layered = DropList.of(List.of(steaks), BATH, floor, true);
    assertTrue(layered.span().compareTo(flat.span()) < 0);
    InvalidInput many =
        assertThrows(
            InvalidInput.class,
            () -> DropList.of(List.of(kind("cod-steak", 60)), BATH, floor, false));
    assertEquals("up to 4", many.limit());
    InvalidInput wide =
        assertThrows(
            InvalidInput.class, () -> DropList.of(List.of(steaks), BATH, new Area(0.001), false));
    assertEquals("too-wide", wide.code());
  }

  /** In so much sauce that nothing cools it, a list of one is the piece's own course. */
  @Test
  void whatIsBrownedFirstNeedsLessOfTheSauce() {
    SauceBath lake = new SauceBath(new Mass(500), Temperature.ofCelsius(92), new Power(5000));
    Cut ball = Cut.of("ball");
    Piece piece = new Piece(ball, ball.usual(), Temperature.ofCelsius(8));
    Spell pan = new Spell(Medium.PAN, Temperature.ofCelsius(180), Duration.ofMinutes(4));
    Temperature core = Temperature.ofCelsius(71);
    double raw = secondsIn(lake, new DropKind(piece, List.of(), 6, core));
    double browned = secondsIn(lake, new DropKind(piece, List.of(pan), 6, core));
    Cooking own = Cooking.of(piece, List.of(pan), Medium.POACH, Temperature.ofCelsius(92), core);
    assertEquals(own.likely().secondsTo(71), browned + 240, 5);
    assertTrue(browned < raw - 30, browned + " of " + raw);
    Spell longer = new Spell(Medium.PAN, Temperature.ofCelsius(180), Duration.ofMinutes(9));
    DropKind cooked = new DropKind(piece, List.of(longer), 6, Temperature.ofCelsius(20));
    DropList done = DropList.of(List.of(cooked), lake, PAN, false);
    assertTrue(done.drops().get(0).note().startsWith("done before"), done.drops().toString());
  }

  private static double secondsIn(SauceBath bath, DropKind kind) {
    return DropList.of(List.of(kind), bath, PAN, false).drops().get(0).before().toMillis() / 1000.0;
  }

  @Test
  void whatDoesNotLieSideBySideGoesInRoundsOrOnTop() {
    List<DropKind> kinds = List.of(kind("cod-steak", 6), kind("mussel", 40));
    DropList flat = DropList.of(kinds, BATH, new Area(0.055), false);
    assertTrue(flat.drops().stream().anyMatch(d -> d.round() == 1));
    DropList layered = DropList.of(kinds, BATH, new Area(0.055), true);
    assertTrue(layered.drops().stream().allMatch(d -> d.round() == 0));
    assertTrue(layered.drops().stream().anyMatch(DropList.Entry::above));
    assertTrue(layered.span().compareTo(flat.span()) < 0);
  }

  @Test
  void badInputNamesItsField() {
    assertEquals(
        "kinds",
        assertThrows(InvalidInput.class, () -> DropList.of(List.of(), BATH, PAN, false))
            .parameter());
    assertEquals("count", assertThrows(InvalidInput.class, () -> kind("prawn", -3)).parameter());
    assertEquals(
        "sauceCelsius",
        assertThrows(
                InvalidInput.class,
                () -> new SauceBath(new Mass(1), Temperature.ofCelsius(0), new Power(1)))
            .parameter());
  }

  /** m10 and P-08. */
  @Test
  void balls() {
    Balls dozen = Balls.of(Mass.ofGrams(680), 12);
    assertEquals(57, dozen.each().grams(), 0.5);
    assertEquals(47, dozen.diameter().millimeters(), 0.5);
    Balls small = Balls.of(Mass.ofGrams(680), Length.ofMillimeters(38));
    assertEquals(30, small.each().grams(), 0.5);
    assertTrue(small.count() == 22 || small.count() == 23);
    assertEquals(42, Balls.of(1, Length.ofMillimeters(43)).each().grams(), 4);
    assertEquals(80, Balls.of(1, Length.ofMillimeters(53)).each().grams(), 3);
    Balls back = Balls.of(dozen.mix(), dozen.diameter());
    assertEquals(12, back.count());
  }

  /** T-11: squid is tender under two minutes or after thirty to forty-five, stuffed in an hour. */
  @Test
  void squidIsRubberyBetween() {
    Cut.Tender rings = Cut.of("squid-ring").tender();
    assertTrue(!rings.isBetween(1.5) && rings.isBetween(10) && !rings.isBetween(45));
    Cut.Tender stuffed = Cut.of("squid-stuffed").tender();
    assertTrue(stuffed.isBetween(15) && !stuffed.isBetween(60));
    DropList braise = DropList.of(List.of(kind("squid-stuffed", 6)), BATH, new Area(0.2), false);
    assertTrue(braise.span().toMinutes() >= 39, "not by its core: " + braise.span());
  }

  @Test
  void stuffed() {
    Stuffed squid = Stuffed.of(Length.ofCentimeters(5), Length.ofCentimeters(14), 8, 1);
    assertEquals(127, squid.each().grams(), 1);
    assertEquals(8, squid.picks());
  }
}
