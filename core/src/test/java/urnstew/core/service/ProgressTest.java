package urnstew.core.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Outcome.Found;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.service.Progress.Begun;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** A service that goes on: what has begun is a fact, and the rest is planned from now. */
class ProgressTest {
  private static final Instant FROM = ServiceProblemTest.FROM;
  private static final List<Task> TASKS =
      ServiceProblemTest.tasks(ServiceProblemTest.WATER_POT, ServiceProblemTest.SECOND);
  private static final Brigade TWO =
      ServiceProblemTest.brigade(2, List.of(ServiceProblemTest.OWN, ServiceProblemTest.SECOND));

  private static ServiceProblem at(Progress progress) {
    return ServiceProblem.of(TASKS, TWO, FROM, ServiceProblemTest.END, progress);
  }

  private static Schedule found(ServiceProblem service) {
    Outcome outcome = ServiceProblemTest.BENCH.plan(service.problem(), Optional.empty());
    assertTrue(outcome instanceof Found, outcome::toString);
    return ((Found) outcome).schedule();
  }

  /** As if all had gone by a schedule until a moment. */
  private static Progress byThen(ServiceProblem service, Schedule said, Instant now) {
    Problem problem = service.problem();
    Map<String, Begun> begun = new HashMap<>();
    Map<String, Instant> over = new HashMap<>();
    for (Task task : TASKS) {
      Placement one = said.of(task.key());
      Instant begins = service.begins(one);
      if (begins.isBefore(now)) {
        Set<String> holds =
            problem.activity(task.key()).modes().get(one.mode()).claims().stream()
                .map(Claim::resource)
                .collect(Collectors.toSet());
        begun.put(task.key(), new Begun(begins, one.cook(), holds));
        Instant ends = FROM.plusSeconds(problem.end(one));
        if (!ends.isAfter(now)) {
          over.put(task.key(), ends);
        }
      }
    }
    return new Progress(now, begun, over, List.of());
  }

  @ParameterizedTest
  @ValueSource(ints = {5, 30, 60, 90, 120, 150, 180, 200, 215, 225, 230, 234, 236, 238})
  void whatHasBegunStaysAndTheHourIsKept(int minutes) {
    ServiceProblem before = ServiceProblem.of(TASKS, TWO, FROM, ServiceProblemTest.END);
    Schedule said = found(before);
    Instant now = FROM.plus(Duration.ofMinutes(minutes));
    Progress progress = byThen(before, said, now);
    ServiceProblem service = at(progress);
    Outcome outcome = ServiceProblemTest.BENCH.plan(service.problem(), Optional.of(said));
    Found found = (Found) outcome;
    assertEquals(0, found.cost().lateMinutes());
    for (Placement one : found.schedule().placements()) {
      Begun begun = progress.begun().get(one.key());
      if (begun != null) {
        assertEquals(begun.at(), service.begins(one), one.key());
      } else if (!one.key().endsWith("#pot")) {
        assertFalse(service.begins(one).isBefore(now), one.key());
      }
    }
    for (Task task : TASKS) {
      boolean over = progress.over().containsKey(task.key());
      boolean placed =
          found.schedule().placements().stream().anyMatch(one -> one.key().equals(task.key()));
      assertTrue(placed || over, task.key() + " is lost");
    }
  }

  /** The ragù is not over when it should be: the pasta that is in already waits, which is said. */
  @Test
  void whatGoesOnLongerThanLikelyHoldsUpWhatFollows() {
    ServiceProblem before = ServiceProblem.of(TASKS, TWO, FROM, ServiceProblemTest.END);
    Schedule said = found(before);
    Task simmer = last(Kind.START_SIMMER, Kind.PHASE);
    Task thick = last(Kind.THICK);
    Progress then = byThen(before, said, before.begins(said.of(thick.key())));
    Map<String, Instant> over = new HashMap<>(then.over());
    over.remove(simmer.key());
    ServiceProblem service = at(new Progress(then.now(), then.begun(), over, List.of()));
    Outcome.Overrun now =
        assertInstanceOf(
            Outcome.Overrun.class,
            ServiceProblemTest.BENCH.plan(service.problem(), Optional.empty()));
    assertFalse(service.begins(now.schedule().of(thick.key())).isBefore(then.now()));
    String drop = last(Kind.COOK).key();
    assertTrue(now.tooLong().stream().anyMatch(lag -> lag.before().equals(drop)), "pasta waits");
  }

  /** Drained at a moment that nobody planned: it is in the pan within a minute of that. */
  @Test
  void whatIsOverEarlierIsFollowedAsSoon() {
    ServiceProblem before = ServiceProblem.of(TASKS, TWO, FROM, ServiceProblemTest.END);
    Schedule said = found(before);
    Task drop = last(Kind.COOK);
    Instant ends = FROM.plusSeconds(before.problem().end(said.of(drop.key())));
    Instant drained = ends.minusSeconds(45);
    Progress then = byThen(before, said, drained);
    Map<String, Instant> over = new HashMap<>(then.over());
    over.put(drop.key(), drained);
    ServiceProblem service = at(new Progress(drained, then.begun(), over, List.of()));
    Schedule now = found(service);
    Instant toss = service.begins(now.of(last(Kind.TOSS).key()));
    assertFalse(toss.isAfter(drained.plusSeconds(60)), "drained " + drained + ", in " + toss);
  }

  /** A lock is kept as long as its moment is still to come. */
  @Test
  void whatIsLockedStays() {
    ServiceProblem before = ServiceProblem.of(TASKS, TWO, FROM, ServiceProblemTest.END);
    Schedule said = found(before);
    Task water = last(Kind.LIGHT);
    Placement was = said.of(water.key());
    Placement earlier = new Placement(was.key(), was.startSeconds() - 300, was.mode(), was.cook());
    ServiceProblem service = at(new Progress(FROM, Map.of(), Map.of(), List.of(earlier)));
    assertEquals(earlier, found(service).of(water.key()));
    Instant late = FROM.plusSeconds(earlier.startSeconds() + 15);
    ServiceProblem gone = at(new Progress(late, Map.of(), Map.of(), List.of(earlier)));
    assertEquals(List.of(), gone.problem().fixed());
  }

  private static Task last(Kind... kinds) {
    return TASKS.stream()
        .filter(task -> Set.of(kinds).contains(task.kind()))
        .reduce((first, second) -> second)
        .orElseThrow();
  }
}
