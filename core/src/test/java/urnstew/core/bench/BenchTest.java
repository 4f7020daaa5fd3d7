package urnstew.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import urnstew.core.bench.Rules.Rule;
import urnstew.units.InvalidInput;

/** What proves a schedule, against a walk through its minutes; the plain one keeps every rule. */
class BenchTest {
  private static RandomGenerator seeded(long seed) {
    return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
  }

  /** 4,000 schedules, found or thrown together: both ways to prove one agree. */
  @Test
  void rulesAreThoseOfAWalkThroughTheMinutes() {
    RandomGenerator random = seeded(21);
    RandomServices services = new RandomServices(random);
    int stand = 0;
    for (int i = 0; i < 2000; i++) {
      Problem problem = services.of(1 + random.nextInt(7), 60);
      Schedule thrown = services.anywhere(problem);
      assertEquals(
          ByTheTick.stands(problem, thrown),
          Rules.broken(problem, thrown).isEmpty(),
          () -> problem + " " + thrown + Rules.broken(problem, thrown));
      Optional<Schedule> found = Placing.of(problem, i, 2, problem.horizonSeconds());
      if (found.isPresent()) {
        assertTrue(ByTheTick.stands(problem, found.get()), () -> problem + " " + found);
        stand++;
      }
    }
    assertTrue(stand > 1500, stand + " of 2000 found");
  }

  /** Without a solver a schedule still comes: of a kitchen's services mostly one that stands. */
  @Test
  void aLargeServiceIsFoundAndTheSameEachTime() {
    Bench bench = new Bench(Optional.empty(), new Constructive());
    int stand = 0;
    for (int seed = 0; seed < 3; seed++) {
      RandomServices services = new RandomServices(seeded(seed));
      Problem problem = services.service(40);
      Outcome outcome = bench.plan(problem, Optional.empty());
      if (outcome instanceof Outcome.Found found) {
        assertTrue(ByTheTick.stands(problem, found.schedule()));
        stand++;
      } else if (outcome instanceof Outcome.Overrun some) {
        assertTrue(ByTheTick.stands(problem.whereAllKeeps(), some.schedule()));
        assertFalse(some.tooLong().isEmpty());
      } else {
        fail("none for " + problem);
      }
    }
    assertTrue(stand >= 2, stand + " of 3 stand");
    Problem problem = new RandomServices(seeded(2)).service(40);
    assertEquals(bench.plan(problem, Optional.empty()), bench.plan(problem, Optional.empty()));
  }

  private static final Activity SAUCE =
      Activity.of("sauce", 60, List.of(new Mode(600, List.of(new Claim.Alone("burner")))));
  private static final Activity PASTA =
      Activity.of("pasta", 60, List.of(new Mode(540, List.of(new Claim.Alone("burner")))));
  private static final Activity PLATE =
      Activity.of("plate", 120, List.of(new Mode(120, List.of()))).due(1800);

  private static Problem oneBurner(Optional<Integer> waits) {
    return new Problem(
        List.of(SAUCE, PASTA, PLATE),
        List.of(
            new TimeLag("sauce", "plate", 0, Optional.empty(), 1),
            new TimeLag("pasta", "plate", 0, waits, 60)),
        List.of(new Cook("Ada", 0, 3600)),
        List.of(),
        List.of(),
        List.of(),
        3600);
  }

  /** What suffers more comes last; the plates stand at the hour. */
  @Test
  void oneBurnerForSauceAndPasta() {
    Problem problem = oneBurner(Optional.of(60));
    Schedule found = Placing.of(problem, 1, 20, problem.horizonSeconds()).orElseThrow();
    assertEquals(1680, found.of("plate").startSeconds());
    assertEquals(1680 - 540, found.of("pasta").startSeconds());
    assertEquals(1680 - 540 - 600, found.of("sauce").startSeconds());
    Cost cost = Cost.of(problem, found, Optional.empty());
    assertEquals(0, cost.lateMinutes());
    assertEquals(540, cost.waiting(), "a sauce for nine minutes");
  }

  @Test
  void eachRuleIsToldByName() {
    Problem problem = oneBurner(Optional.of(60));
    Schedule found = Placing.of(problem, 1, 20, problem.horizonSeconds()).orElseThrow();
    assertEquals(Rule.RESOURCE, first(problem, moved(found, "sauce", 600)));
    assertEquals(Rule.LAG, first(problem, moved(found, "plate", 1800)));
    assertEquals(Rule.WINDOW, first(problem, moved(found, "plate", 3600)));
    assertEquals(Rule.PLACED, first(problem, moved(found, "plate", 1681)));
    assertEquals(
        Rule.FIXED,
        first(problem.keeping(List.of(new Placement("sauce", 0, 0, Optional.of("Ada")))), found));
  }

  /** A pot stays on its burner until the plates are out. */
  @Test
  void whatIsHeldIsLetGoWithTheEndOfAnother() {
    Problem free = oneBurner(Optional.of(60));
    Problem held =
        new Problem(
            List.of(SAUCE.holding("plate"), PASTA, PLATE),
            free.lags(),
            free.cooks(),
            List.of(),
            List.of(),
            List.of(),
            3600);
    Schedule found = Placing.of(free, 1, 5, 0).orElseThrow();
    assertEquals(Rule.RESOURCE, first(held, found));
    assertEquals(Optional.empty(), Placing.of(held, 1, 5, 3600), "one burner, two pots at once");
  }

  private static Rule first(Problem problem, Schedule schedule) {
    return Rules.broken(problem, schedule).get(0).rule();
  }

  private static Schedule moved(Schedule of, String key, int start) {
    return new Schedule(
        of.placements().stream()
            .map(
                one ->
                    one.key().equals(key) ? new Placement(key, start, one.mode(), one.cook()) : one)
            .toList());
  }

  @Test
  void whatIsRunningStaysAndTheRestIsLate() {
    Problem late =
        oneBurner(Optional.of(60))
            .keeping(List.of(new Placement("sauce", 1500, 0, Optional.of("Ada"))));
    Schedule found = Placing.of(late, 1, 20, late.horizonSeconds()).orElseThrow();
    assertEquals(1500, found.of("sauce").startSeconds());
    assertTrue(Cost.of(late, found, Optional.empty()).lateMinutes() > 0);
  }

  @Test
  void badInputNamesWhatIsWrong() {
    assertEquals(
        "modes",
        assertThrows(
                InvalidInput.class, () -> Activity.of("x", 60, List.of(new Mode(30, List.of()))))
            .parameter());
    assertEquals(
        "lags",
        assertThrows(
                InvalidInput.class,
                () ->
                    new Problem(
                        List.of(SAUCE),
                        List.of(new TimeLag("sauce", "nothing", 0, Optional.empty(), 0)),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        60))
            .parameter());
  }
}
