package urnstew.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
      Optional<Schedule> found = Constructive.of(problem, i, 2);
      if (found.isPresent()) {
        assertTrue(ByTheTick.stands(problem, found.get()), () -> problem + " " + found);
        stand++;
      }
    }
    assertTrue(stand > 1500, stand + " of 2000 found");
  }

  @Test
  void aLargeServiceIsFoundAndTheSameEachTime() {
    for (int seed : List.of(4, 11)) {
      Problem problem = new RandomServices(seeded(seed)).of(80, 300);
      Schedule found = Constructive.of(problem, 1, 3).orElseThrow();
      assertEquals(List.of(), Rules.broken(problem, found));
      assertEquals(found, Constructive.of(problem, 1, 3).orElseThrow());
    }
  }

  private static final Activity SAUCE =
      new Activity(
          "sauce",
          60,
          List.of(new Mode(600, List.of(new Claim.Alone("burner")))),
          0,
          Optional.empty());
  private static final Activity PASTA =
      new Activity(
          "pasta",
          60,
          List.of(new Mode(540, List.of(new Claim.Alone("burner")))),
          0,
          Optional.empty());
  private static final Activity PLATE =
      new Activity("plate", 120, List.of(new Mode(120, List.of())), 0, Optional.of(1800));

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
    Schedule found = Constructive.of(problem, 1, 20).orElseThrow();
    assertEquals(1680, found.of("plate").startSeconds());
    assertEquals(1680 - 540, found.of("pasta").startSeconds());
    assertEquals(1680 - 540 - 600, found.of("sauce").startSeconds());
    Cost cost = Cost.of(problem, found, Optional.empty());
    assertEquals(0, cost.lateSeconds());
    assertEquals(540, cost.waiting(), "a sauce for nine minutes");
  }

  @Test
  void eachRuleIsToldByName() {
    Problem problem = oneBurner(Optional.of(60));
    Schedule found = Constructive.of(problem, 1, 20).orElseThrow();
    assertEquals(Rule.RESOURCE, first(problem, moved(found, "sauce", 600)));
    assertEquals(Rule.LAG, first(problem, moved(found, "plate", 1800)));
    assertEquals(Rule.WINDOW, first(problem, moved(found, "plate", 3600)));
    assertEquals(Rule.PLACED, first(problem, moved(found, "plate", 1681)));
    assertEquals(
        Rule.FIXED,
        first(problem.keeping(List.of(new Placement("sauce", 0, 0, Optional.of("Ada")))), found));
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
    Schedule found = Constructive.of(late, 1, 20).orElseThrow();
    assertEquals(1500, found.of("sauce").startSeconds());
    assertTrue(Cost.of(late, found, Optional.empty()).lateSeconds() > 0);
  }

  @Test
  void badInputNamesWhatIsWrong() {
    assertEquals(
        "modes",
        assertThrows(
                InvalidInput.class,
                () -> new Activity("x", 60, List.of(new Mode(30, List.of())), 0, Optional.empty()))
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
