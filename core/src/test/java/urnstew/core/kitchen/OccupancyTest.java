package urnstew.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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
}
