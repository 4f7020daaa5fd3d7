package urnstew.core.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.kitchen.Oven;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.CookCame;
import urnstew.core.service.ServiceEvent.CookLeft;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.Expected;
import urnstew.core.service.ServiceEvent.Failed;
import urnstew.core.service.ServiceEvent.LetGo;
import urnstew.core.service.ServiceEvent.Mended;
import urnstew.core.service.ServiceEvent.Moved;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.service.ServiceEvent.TakesLonger;
import urnstew.core.service.ServiceEvent.Wanted;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Length;
import urnstew.units.Temperature;

/** Whatever is said of a service, in whatever order it comes: the rest of it is sound. */
class RunningServiceTest {
  private static final Instant FROM = ServiceProblemTest.FROM;
  private static final Instant END = ServiceProblemTest.END;
  private static final List<Task> TASKS =
      ServiceProblemTest.tasks(ServiceProblemTest.WATER_POT, ServiceProblemTest.SECOND);
  private static final Brigade THREE =
      withOven(
          ServiceProblemTest.brigade(
              3,
              List.of(
                  ServiceProblemTest.OWN, ServiceProblemTest.SECOND, ServiceProblemTest.third())));

  private static Brigade withOven(Brigade all) {
    Oven oven =
        new Oven(
            new UUID(7, 7),
            "oven",
            new Length(0.45),
            new Length(0.4),
            new Length(0.3),
            Temperature.ofCelsius(250),
            false);
    return new Brigade(
        all.hands(), all.burners(), List.of(new Brigade.OvenRoom(oven, 2)), List.of(), Set.of());
  }

  /** Plates by the pick-up, a share apart, dough that is rolled, bread in the oven. */
  private static final List<Task> WINDOW = ServiceTasksTest.window();

  private static RunningService of(List<ServiceEntry> log) {
    return of(TASKS, log);
  }

  private static RunningService of(List<Task> tasks, List<ServiceEntry> log) {
    return RunningService.of(tasks, THREE, FROM, END, log);
  }

  /** So many were sound, of each service. */
  private static final Map<List<Task>, Integer> plans = new IdentityHashMap<>();

  /** The plain scheduler does not find one at every turn. */
  @AfterAll
  static void enough() {
    plans.values().forEach(count -> assertTrue(count > 20, plans.values() + " plans"));
  }

  /** An evening with things going wrong: what is said next is drawn from what stands there. */
  private static final class Evening {
    private final Random random;
    private final List<Task> tasks;
    private final List<ServiceEntry> log = new ArrayList<>();
    private Instant now = FROM;
    private int plans;
    private Optional<Schedule> said = Optional.empty();

    Evening(long seed) {
      random = new Random(seed);
      tasks = seed % 2 == 0 ? TASKS : WINDOW;
    }

    private ServiceProblem planned() {
      ServiceProblem service = of(tasks, log).problem(now);
      Outcome outcome = ServiceProblemTest.BENCH.plan(service.problem(), said);
      said =
          outcome instanceof Outcome.Found found
              ? Optional.of(found.schedule())
              : outcome instanceof Outcome.Overrun overrun ? Optional.of(overrun.schedule()) : said;
      if (outcome instanceof Outcome.Found || outcome instanceof Outcome.Overrun) {
        sound(service);
        plans++;
      }
      return service;
    }

    private void sound(ServiceProblem service) {
      RunningService stands = of(tasks, log);
      Schedule plan = said.orElseThrow();
      for (Task task : tasks) {
        Optional<Placement> at =
            plan.placements().stream().filter(one -> one.key().equals(task.key())).findFirst();
        assertTrue(
            at.isPresent() || stands.over().containsKey(task.key()), task.key() + " is lost");
        at.ifPresent(one -> sound(service, stands, task, one));
      }
    }

    private void sound(ServiceProblem service, RunningService stands, Task task, Placement at) {
      Progress.Begun fact = stands.begun().get(task.key());
      if (fact != null) {
        assertEquals(down(fact.at()), service.begins(at), task.key() + " has begun then");
        return;
      }
      assertFalse(service.begins(at).isBefore(now), task.key() + " is put into the past");
      at.cook().ifPresent(cook -> assertFalse(stands.away(now).contains(cook), cook + " left"));
      claims(service.problem(), at)
          .forEach(one -> assertFalse(stands.failed().containsKey(one), one + " does not work"));
    }

    private static Set<String> claims(Problem problem, Placement at) {
      return problem.activity(at.key()).modes().get(at.mode()).claims().stream()
          .map(Claim::resource)
          .collect(Collectors.toSet());
    }

    private static Instant down(Instant at) {
      long seconds = Duration.between(FROM, at).toSeconds();
      return FROM.plusSeconds(Math.floorDiv(seconds, 15) * 15);
    }

    void goes() {
      while (now.isBefore(ServiceProblemTest.HOUR)) {
        ServiceProblem service = planned();
        now = now.plusSeconds(60L * (4 + random.nextInt(25)));
        said.ifPresent(plan -> tick(service, plan));
        log.add(new ServiceEntry(new UUID(7, log.size()), now, anything(service)));
      }
      planned();
    }

    /** Some of what was to begin by now did, at about its moment, and some is over. */
    private void tick(ServiceProblem service, Schedule plan) {
      RunningService stands = of(tasks, log);
      for (Placement one : plan.placements()) {
        boolean known = tasks.stream().anyMatch(task -> task.key().equals(one.key()));
        Instant at = service.begins(one).plusSeconds(random.nextInt(90));
        if (known && !stands.begun().containsKey(one.key()) && at.isBefore(now)) {
          if (random.nextInt(4) > 0) {
            add(at, new Began(one.key(), one.cook(), shown(service, plan, one)));
          }
          if (random.nextInt(3) == 0) {
            add(now, new Ended(one.key()));
          }
        }
      }
    }

    /** What a screen says that it holds: the burner of its pot too. */
    private static Set<String> shown(ServiceProblem service, Schedule plan, Placement one) {
      Set<String> all = new HashSet<>(claims(service.problem(), one));
      service
          .litBy(one.key())
          .flatMap(plan::find)
          .ifPresent(light -> all.addAll(claims(service.problem(), light)));
      return all;
    }

    private void add(Instant at, ServiceEvent event) {
      log.add(new ServiceEntry(new UUID(7, log.size()), at, event));
    }

    private ServiceEvent anything(ServiceProblem service) {
      String key = tasks.get(random.nextInt(tasks.size())).key();
      String cook = "cook " + random.nextInt(3);
      String burner = THREE.burners().get(random.nextInt(3)).id().toString();
      switch (random.nextInt(12)) {
        case 0:
          return new TakesLonger(key, Duration.ofMinutes(random.nextInt(20) - 5));
        case 1:
          return new Expected(key, now.plusSeconds(60L * random.nextInt(40)));
        case 2:
          return wanted(service, key);
        case 3:
          return new LetGo(key);
        case 4:
          return new CookLeft(cook);
        case 5:
          return new CookCame(random.nextInt(3) == 0 ? "a guest" : cook);
        case 6:
          return new Failed(burner);
        case 7:
          return new Mended(burner);
        case 8:
          return new Moved(key, Set.of(burner));
        case 9:
          return new TakenBack(new UUID(7, random.nextInt(log.size() + 1)));
        case 10:
          return new Began(key, Optional.of(cook), Set.of(burner));
        default:
          return new Ended(key);
      }
    }

    private ServiceEvent wanted(ServiceProblem service, String key) {
      return said.flatMap(
              plan -> plan.placements().stream().filter(o -> o.key().equals(key)).findFirst())
          .<ServiceEvent>map(
              one ->
                  new Wanted(
                      key,
                      service.begins(one).plusSeconds(60L * (random.nextInt(11) - 5)),
                      one.cook(),
                      Set.of()))
          .orElse(new LetGo(key));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void whateverIsSaidTheRestIsSound(long seed) {
    Evening evening = new Evening(seed);
    evening.goes();
    plans.merge(evening.tasks, evening.plans, Integer::sum);
    // A tablet that was out of the network tells the same later.
    List<ServiceEntry> shuffled = new ArrayList<>(apart(evening.log));
    RunningService inOrder = of(evening.tasks, shuffled);
    Collections.shuffle(shuffled, new Random(seed));
    RunningService asItCame = of(evening.tasks, shuffled);
    assertEquals(inOrder.begun(), asItCame.begun());
    assertEquals(inOrder.over(), asItCame.over());
    assertEquals(inOrder.wanted(), asItCame.wanted());
    assertEquals(inOrder.failed(), asItCame.failed());
  }

  /** Each at a moment of its own, and nothing taken back: that goes by the order of the log. */
  private static List<ServiceEntry> apart(List<ServiceEntry> log) {
    Set<Instant> seen = new HashSet<>();
    return log.stream()
        .filter(entry -> !(entry.event() instanceof TakenBack))
        .filter(entry -> seen.add(entry.at()))
        .toList();
  }

  @Test
  void whoBeginsAWorkHasDoneWhatItFollows() {
    Task simmer = kind(Kind.START_SIMMER);
    Instant at = FROM.plus(Duration.ofMinutes(100));
    RunningService running = of(List.of(entry(1, at, new Began(simmer.key(), by(0), Set.of()))));
    Set<String> open = new HashSet<>(Set.of(simmer.key()));
    Set<String> before = new HashSet<>();
    while (!open.isEmpty()) {
      Set<String> next =
          TASKS.stream()
              .filter(task -> open.contains(task.key()))
              .flatMap(task -> task.follows().stream().map(one -> one.key()))
              .filter(before::add)
              .collect(Collectors.toSet());
      open.clear();
      open.addAll(next);
    }
    assertTrue(before.size() > 2, "the simmer follows something");
    assertEquals(before, running.over().keySet());
    running.over().values().forEach(over -> assertFalse(over.isAfter(at)));
  }

  @Test
  void whatIsDoneInAPotLeavesItOnItsBurner() {
    String burner = ServiceProblemTest.OWN.id().toString();
    Task simmer = kind(Kind.START_SIMMER);
    String light = LitPots.of(TASKS).litBy(simmer.key()).orElseThrow();
    ServiceEntry lit = entry(1, FROM, new Began(light, by(0), Set.of(burner)));
    ServiceEntry in =
        entry(2, FROM.plusSeconds(60), new Began(simmer.key(), by(0), Set.of(burner)));
    RunningService running = of(List.of(lit, in));
    assertEquals(Set.of(burner), holds(running, light));
    assertEquals(Set.of(), holds(running, simmer.key()));
  }

  /** Nobody says that it was lit: it was, on that burner, whatever stood there. */
  @Test
  void whoSimmersHasLitThePotWhereItStands() {
    String burner = ServiceProblemTest.SECOND.id().toString();
    Task simmer = kind(Kind.START_SIMMER);
    String light = LitPots.of(TASKS).litBy(simmer.key()).orElseThrow();
    Brigade taken =
        new Brigade(
            THREE.hands(),
            THREE.burners(),
            List.of(),
            List.of(new Brigade.Taken(burner, FROM, END)),
            Set.of());
    ServiceEntry in = entry(1, FROM, new Began(simmer.key(), by(0), Set.of(burner)));
    RunningService running = RunningService.of(TASKS, taken, FROM, END, List.of(in));
    assertEquals(Set.of(burner), holds(running, light));
    assertFalse(
        running.problem(FROM).problem().occupied().stream()
            .anyMatch(one -> one.resource().equals(burner)));
  }

  private static Set<String> holds(RunningService running, String key) {
    return Objects.requireNonNull(running.begun().get(key)).holds();
  }

  @Test
  void whatIsTakenBackNeverWas() {
    String key = kind(Kind.START_SIMMER).key();
    ServiceEntry began = entry(1, FROM, new Began(key, by(0), Set.of()));
    ServiceEntry back = entry(2, FROM, new TakenBack(began.id()));
    ServiceEntry again = entry(3, FROM, new TakenBack(back.id()));
    assertEquals(Map.of(), of(List.of(began, back)).begun());
    assertTrue(of(List.of(began, back, again)).begun().containsKey(key));
  }

  @Test
  void aCookWhoComesBackWorksAgain() {
    Instant left = FROM.plus(Duration.ofMinutes(20));
    Instant came = FROM.plus(Duration.ofMinutes(50));
    ServiceEntry leaves = entry(1, left, new CookLeft("cook 0"));
    assertEquals(Set.of("cook 0"), of(List.of(leaves)).away(came));
    RunningService back = of(List.of(leaves, entry(2, came, new CookCame("cook 0"))));
    assertEquals(Set.of(), back.away(came));
    Map<String, Integer> busy = new HashMap<>();
    back.problem(FROM).problem().occupied().stream()
        .filter(one -> one.resource().equals("cook 0"))
        .forEach(one -> busy.merge("cook 0", one.untilSeconds() - one.fromSeconds(), Integer::sum));
    assertEquals(Map.of("cook 0", 30 * 60), busy);
  }

  @Test
  void aPotOnABurnerThatFailsHasToBeMoved() {
    String light = kind(Kind.LIGHT).key();
    String burner = ServiceProblemTest.SECOND.id().toString();
    String other = ServiceProblemTest.third().id().toString();
    ServiceEntry lit = entry(1, FROM, new Began(light, by(0), Set.of(burner)));
    ServiceEntry broke = entry(2, FROM.plusSeconds(600), new Failed(burner));
    ServiceEntry moved = entry(3, FROM.plusSeconds(700), new Moved(light, Set.of(other)));
    assertEquals(List.of(light), of(List.of(lit, broke)).standingInFailed());
    assertEquals(List.of(), of(List.of(lit, broke, moved)).standingInFailed());
  }

  private static ServiceEntry entry(int number, Instant at, ServiceEvent event) {
    return new ServiceEntry(new UUID(9, number), at, event);
  }

  private static Optional<String> by(int cook) {
    return Optional.of("cook " + cook);
  }

  private static Task kind(Kind kind) {
    return TASKS.stream().filter(task -> task.kind() == kind).findFirst().orElseThrow();
  }
}
