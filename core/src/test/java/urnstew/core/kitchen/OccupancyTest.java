package urnstew.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.kitchen.Occupancy.Stand;
import urnstew.units.InvalidInput;

/** Law 5: a pot holds one thing, and whoever shares a burner or an oven was asked. */
class OccupancyTest {
  /** Random comings, moves and goings; a second book of who stands where walks along. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5})
  void aPotHoldsOneThingAndABurnerIsAskedAbout(int seed) {
    Random random = new Random(seed);
    Occupancy now = new Occupancy(List.of());
    Map<UUID, Stand> book = new HashMap<>();
    for (int i = 0; i < 2000; i++) {
      UUID holder = id(1, random.nextInt(9));
      if (random.nextInt(3) == 0) {
        now = now.without(holder);
        book.remove(holder);
        continue;
      }
      Stand next = stand(holder, random);
      boolean shares = random.nextBoolean();
      String wanted = fault(book, next, shares);
      String got = "";
      try {
        now = now.with(next, shares);
        book.put(holder, next);
      } catch (InvalidInput fault) {
        got = fault.parameter();
      }
      assertEquals(wanted, got, next + " among " + book);
      assertEquals(book.size(), now.stands().size());
      assertTrue(now.stands().containsAll(book.values()));
      assertEquals(book.size(), book.values().stream().map(Stand::vessel).distinct().count());
    }
  }

  private static String fault(Map<UUID, Stand> book, Stand next, boolean shares) {
    Stand before = book.get(next.holder());
    String fault = "";
    for (Stand other : book.values()) {
      boolean self = other.holder().equals(next.holder());
      if (!self && other.vessel().equals(next.vessel())) {
        return "vessel";
      }
      boolean newBurner = before == null || !before.heatSource().equals(next.heatSource());
      boolean newOven = before == null || !before.oven().equals(next.oven());
      if (!self && !shares) {
        if (newBurner
            && next.heatSource().isPresent()
            && other.heatSource().equals(next.heatSource())) {
          fault = "heatSource";
        } else if (newOven && next.oven().isPresent() && other.oven().equals(next.oven())) {
          fault = "oven";
        }
      }
    }
    return fault;
  }

  private static Stand stand(UUID holder, Random random) {
    boolean inOven = random.nextInt(3) == 0;
    Optional<UUID> burner = inOven ? Optional.empty() : Optional.of(id(3, random.nextInt(3)));
    Optional<UUID> oven = inOven ? Optional.of(id(4, 1)) : Optional.empty();
    return new Stand(holder, "sauce", id(2, random.nextInt(6)), burner, oven);
  }

  private static UUID id(int kind, int one) {
    return new UUID(kind, one);
  }

  /** What is surely gone by then is not in the way; what nobody knows the end of is. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void whatMayStillStandThereIsInTheWay(int seed) {
    Random random = new Random(seed);
    Instant noon = Instant.parse("2026-03-02T12:00:00Z");
    for (int i = 0; i < 500; i++) {
      Occupancy now = new Occupancy(List.of());
      Map<UUID, Leaves> ends = new HashMap<>();
      for (int one = 0; one < 4; one++) {
        Stand stand = stand(id(1, one), random);
        if (now.in(stand.vessel()).isEmpty()) {
          now = now.with(stand, true);
          if (random.nextBoolean()) {
            Instant likely = noon.plusSeconds(random.nextInt(7200));
            ends.put(stand.holder(), new Leaves(likely, likely.plusSeconds(random.nextInt(900))));
          }
        }
      }
      Instant from = noon.plusSeconds(random.nextInt(7200));
      Stand wanted = stand(id(9, 1), random);
      Set<UUID> told = new HashSet<>();
      now.inTheWay(wanted, from, holder -> Optional.ofNullable(ends.get(holder)))
          .forEach(one -> told.add(one.there().holder()));
      for (Stand there : now.stands()) {
        boolean sameHeat =
            there.heatSource().isPresent() && there.heatSource().equals(wanted.heatSource());
        boolean sameOven = there.oven().isPresent() && there.oven().equals(wanted.oven());
        Leaves end = ends.get(there.holder());
        boolean there2 = end == null || end.latest().isAfter(from);
        boolean shares = there.vessel().equals(wanted.vessel()) || sameHeat || sameOven;
        assertEquals(shares && there2, told.contains(there.holder()), there + " for " + wanted);
      }
    }
  }
}
