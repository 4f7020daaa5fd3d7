package urnstew.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import urnstew.core.bench.Activity;
import urnstew.core.bench.Bench;
import urnstew.core.bench.ByTheTick;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Conflict;
import urnstew.core.bench.Constructive;
import urnstew.core.bench.Cost;
import urnstew.core.bench.Exhaustive;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Outcome.Found;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.RandomServices;
import urnstew.core.bench.Schedule;
import urnstew.core.bench.Scheduler;
import urnstew.core.bench.Slack;
import urnstew.core.bench.TimeLag;
import urnstew.core.bench.Wish;

/** The solver against published optima, against every way to place a few, and against the rules. */
class CpSatSchedulerTest {
  private static final boolean ALL_CASES = Boolean.getBoolean("urnstew.all-cases");

  private static final Scheduler SOLVER = CpSatScheduler.loaded().orElseThrow();

  private static RandomGenerator seeded(long seed) {
    return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
  }

  /** Rows of machine and minutes, to be over as soon as can be: a last work waits for all. */
  private static Problem jobShop(String rows, int horizon) {
    List<Activity> activities = new ArrayList<>();
    List<TimeLag> lags = new ArrayList<>();
    String[] jobs = rows.split("/");
    for (int job = 0; job < jobs.length; job++) {
      String[] figures = jobs[job].trim().split(" ");
      String last = "";
      for (int step = 0; step < figures.length / 2; step++) {
        String key = job + "." + step;
        activities.add(
            Activity.of(
                key,
                0,
                List.of(
                    new Mode(
                        60 * Integer.parseInt(figures[2 * step + 1]),
                        List.of(new Claim.Alone("machine " + figures[2 * step]))))));
        if (step > 0) {
          lags.add(new TimeLag(last, key, 0, Optional.empty(), 0));
        }
        last = key;
      }
      lags.add(new TimeLag(last, "all", 0, Optional.empty(), 0));
    }
    activities.add(Activity.of("all", 0, List.of(new Mode(15, List.of()))).due(15));
    return new Problem(activities, lags, List.of(), List.of(), List.of(), List.of(), 60 * horizon);
  }

  private static int makespan(Problem problem) {
    Found found = (Found) SOLVER.solve(problem, Optional.empty(), 20);
    assertTrue(ByTheTick.stands(problem, found.schedule()));
    return found.schedule().of("all").startSeconds() / 60;
  }

  /** Fisher and Thompson (1963), ft06: 55. */
  @Test
  void ft06() {
    String rows =
        "2 1 0 3 1 6 3 7 5 3 4 6 / 1 8 2 5 4 10 5 10 0 10 3 4 / 2 5 3 4 5 8 0 9 1 1 4 7"
            + " / 1 5 0 5 2 5 3 3 4 8 5 9 / 2 9 1 3 4 5 5 4 0 3 3 1 / 1 3 3 3 5 9 0 10 4 4 2 1";
    assertEquals(55, makespan(jobShop(rows, 100)));
  }

  /** Lawrence (1984), la01: 666. */
  @Test
  void la01() {
    String rows =
        "1 21 0 53 4 95 3 55 2 34 / 0 21 3 52 4 16 2 26 1 71 / 3 39 4 98 1 42 2 31 0 12"
            + " / 1 77 0 55 4 79 2 66 3 77 / 0 83 3 34 2 64 1 19 4 37 / 1 54 2 43 4 79 0 92 3 62"
            + " / 3 69 4 77 1 87 2 87 0 93 / 2 38 0 60 1 41 3 24 4 83 / 3 17 1 49 4 25 0 44 2 98"
            + " / 4 77 3 79 2 43 1 75 0 96";
    assertEquals(666, makespan(jobShop(rows, 800)));
  }

  /** 200 of them, a quarter in each run. */
  @Test
  void theBestOfASmallServiceIsThatOfEveryWay() {
    RandomServices services = new RandomServices(seeded(3));
    int impossible = 0;
    int tried = ALL_CASES ? 200 : 50;
    for (int i = 0; i < tried; i++) {
      Problem problem = services.small();
      Optional<Cost> least = Exhaustive.least(problem);
      Outcome outcome = SOLVER.solve(problem, Optional.empty(), 5);
      if (outcome instanceof Found found) {
        assertTrue(found.proven());
        assertEquals(least, Optional.of(found.cost()), problem::toString);
      } else {
        assertEquals(Optional.empty(), least, problem::toString);
        impossible++;
      }
    }
    assertTrue(impossible < tried / 2, impossible + " of " + tried + " impossible");
  }

  /** 2,000 of them, every hundredth in each run. */
  @Test
  void noServiceBreaksARule() {
    int found = 0;
    int tried = 0;
    for (int seed = 0; seed < 2000; seed += ALL_CASES ? 1 : 100) {
      RandomGenerator random = seeded(seed);
      RandomServices services = new RandomServices(random);
      int count = random.nextInt(5, 80);
      Problem problem =
          switch (seed / 100 % 3) {
            case 0 -> services.of(count, 300);
            case 1 -> services.hot(count, 240);
            default -> services.service(count);
          };
      Outcome outcome = SOLVER.solve(problem, Optional.empty(), 0.5);
      if (outcome instanceof Found one) {
        assertTrue(ByTheTick.stands(problem, one.schedule()), problem::toString);
        found++;
      }
      tried++;
    }
    assertTrue(found >= tried / 2, found + " of " + tried);
  }

  /** Two answers to one question are one; what changed since is little. */
  @Test
  void theSameAnswerTwiceAndFewChanges() {
    Problem problem = new RandomServices(seeded(103)).service(40);
    Found first = (Found) SOLVER.solve(problem, Optional.empty(), 0.5);
    assertEquals(first, SOLVER.solve(problem, Optional.empty(), 0.5));
    Placement longest = first.schedule().placements().get(0);
    Placement later =
        new Placement(longest.key(), longest.startSeconds() + 300, longest.mode(), longest.cook());
    Problem late = problem.keeping(List.of(later));
    Found then = (Found) SOLVER.solve(late, Optional.of(first.schedule()), 0.5);
    assertTrue(ByTheTick.stands(late, then.schedule()));
    assertTrue(then.cost().changes() >= 1);
    assertTrue(
        then.cost().changes() <= problem.activities().size() / 4, () -> then.cost().toString());
  }

  /** Removing any one of the wishes that are named makes room for all others of them. */
  @Test
  void whatCannotBeHadTogetherIsTheLeast() {
    RandomServices services = new RandomServices(seeded(5));
    Bench bench = new Bench(Optional.of(SOLVER), new Constructive());
    int conflicts = 0;
    while (conflicts < (ALL_CASES ? 100 : 12)) {
      Problem problem = services.crowded(12);
      Optional<Conflict> conflict = bench.conflict(problem, Set.of());
      if (conflict.isPresent()) {
        conflicts++;
        leastAndPriced(problem, conflict.get());
      }
    }
  }

  private static void leastAndPriced(Problem problem, Conflict conflict) {
    assertTrue(conflict.proven());
    assertFalse(conflict.wishes().isEmpty());
    assertFalse(Conflict.canBeHad(problem, conflict.wishes(), SOLVER));
    for (Wish wish : conflict.wishes()) {
      List<Wish> others = conflict.wishes().stream().filter(w -> !w.equals(wish)).toList();
      assertTrue(Conflict.canBeHad(problem, others, SOLVER), () -> wish + " of " + conflict);
    }
    for (Conflict.WayOut way : conflict.waysOut()) {
      way.missedSeconds().ifPresent(by -> assertTrue(by > 0, way::toString));
    }
  }

  /** Nothing between is served later when everything takes all the time that it is told it has. */
  @Test
  void slackIsThere() {
    for (int seed = 0; seed < 8; seed++) {
      Problem problem = new RandomServices(seeded(200 + seed)).service(30);
      if (SOLVER.solve(problem, Optional.empty(), 0.2) instanceof Found found) {
        Schedule schedule = found.schedule();
        Map<String, Integer> slack = Slack.of(problem, schedule);
        Schedule latest =
            new Schedule(
                schedule.placements().stream()
                    .map(
                        at ->
                            new Placement(
                                at.key(),
                                at.startSeconds() + slack.getOrDefault(at.key(), -1),
                                at.mode(),
                                at.cook()))
                    .toList());
        assertTrue(slack.values().stream().allMatch(seconds -> seconds >= 0));
        assertTrue(ByTheTick.stands(problem, latest));
        assertEquals(
            found.cost().lateMinutes(), Cost.of(problem, latest, Optional.empty()).lateMinutes());
      }
    }
  }

  @Test
  void aSchedulerThatBreaksARuleIsNotBelieved() {
    Problem problem = new RandomServices(seeded(1)).service(20);
    Scheduler liar =
        new Scheduler() {
          @Override
          public String name() {
            return "liar";
          }

          @Override
          public Outcome solve(Problem of, Optional<Schedule> before, double effort) {
            Schedule none = new Schedule(List.of());
            return new Found(none, new Cost(0, 0, 0, 0), Outcome.Least.NONE, name());
          }
        };
    Bench bench = new Bench(Optional.of(liar), new Constructive());
    assertThrows(IllegalStateException.class, () -> bench.plan(problem, Optional.empty()));
    Outcome plain = new Bench(Optional.empty(), new Constructive()).plan(problem, Optional.empty());
    assertEquals("constructive", ((Found) plain).by());
  }
}
