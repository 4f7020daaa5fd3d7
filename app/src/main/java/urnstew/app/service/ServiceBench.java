package urnstew.app.service;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.service.BenchLateView.BenchMoveView;
import urnstew.app.service.ServiceSetups.Meant;
import urnstew.core.bench.Bench;
import urnstew.core.bench.Conflict;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.service.Brigade;
import urnstew.core.service.ServiceProblem;
import urnstew.core.task.Task;
import urnstew.units.InvalidInput;
import urnstew.units.Require;

/** Schedules of services. Nothing is looked up while the solver works: it holds no connection. */
@Service
class ServiceBench {
  private static final int REMEMBERED = 64;
  private static final int MOST_LATE_MINUTES = 240;

  private final ServiceSetups setups;
  private final KitchenBrigade brigades;
  private final EquipmentService equipment;
  private final ObjectProvider<Bench> bench;
  private final TransactionOperations reading;

  /** Of several buffers in a row, not only the longest gives way. */
  private static final double OF_WHAT_IS_LEFT = 0.9;

  /** Several tablets ask the same; one of them waits for the solver. */
  private final Cache<Question, Outcome> known =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  private final Cache<Problem, Optional<Conflict>> conflicts =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  ServiceBench(
      ServiceSetups setups,
      KitchenBrigade brigades,
      EquipmentService equipment,
      ObjectProvider<Bench> bench,
      TransactionOperations reading) {
    this.setups = setups;
    this.brigades = brigades;
    this.equipment = equipment;
    this.bench = bench;
    this.reading = reading;
  }

  private record Question(Problem problem, Optional<Schedule> before) {}

  BenchView of(UUID id) {
    Asked asked = asked(id);
    return view(asked, asked.service(), outcome(asked.service(), Optional.empty()));
  }

  BenchLateView late(UUID id, String key, int minutes) {
    Require.within("minutes", minutes, 1, MOST_LATE_MINUTES, "min");
    Asked asked = asked(id);
    ServiceProblem service = asked.service();
    Task task =
        service.tasks().stream()
            .filter(one -> one.key().equals(key))
            .findFirst()
            .orElseThrow(() -> noWork(key));
    Outcome said = outcome(service, Optional.empty());
    BenchView before = view(asked, service, said);
    ServiceProblem later = service.late(key, Duration.ofMinutes(minutes));
    Optional<Schedule> as = schedule(said);
    Problem open = as.map(one -> going(service, later, one, key)).orElse(later.withoutBuffers());
    BenchView now = view(asked, later, outcome(open, as));
    return new BenchLateView(
        task.subject().name() + ": " + task.what(),
        minutes,
        now,
        before.work().stream()
            .filter(one -> one.task().key().equals(key))
            .mapToLong(BenchView.BenchWorkView::spareSeconds)
            .findFirst()
            .orElse(0),
        BenchMoveView.between(before, now));
  }

  private static InvalidInput noWork(String key) {
    return new InvalidInput(
        "key",
        "not-there",
        "'" + key + "' is no work of this service.",
        "the key of a work",
        "Load the bench again: it has changed.");
  }

  /** What has begun by the time that it should have been over stays as it was. */
  private static Problem going(
      ServiceProblem service, ServiceProblem later, Schedule as, String key) {
    int until = service.problem().end(as.of(key));
    List<Placement> begun =
        as.placements().stream()
            .filter(one -> one.startSeconds() < until || one.key().equals(key))
            .toList();
    return later.withoutBuffers().keeping(begun);
  }

  BenchConflictView conflict(UUID id) {
    return conflict(asked(id));
  }

  /** What cannot be had together; what has begun is given up by nobody. */
  BenchConflictView conflict(Asked asked) {
    ServiceProblem service = asked.service();
    Optional<Conflict> found =
        Objects.requireNonNull(
            conflicts.get(
                service.withoutBuffers(),
                one -> bench.getObject().conflict(one, service.running())),
            "an answer is reckoned");
    return new ConflictWords(service, asked.names()).of(found);
  }

  /** With time for what varies; where plates would be late for that, with as much as there is. */
  Outcome outcome(ServiceProblem service, Optional<Schedule> before) {
    Outcome careful = outcome(service.problem(), before);
    if (isOnTime(careful)) {
      return careful;
    }
    double longest = service.longestBuffer().toMinutes();
    if (careful instanceof Outcome.Found found && found.cost().lateMinutes() < longest) {
      double left = 1 - found.cost().lateMinutes() / longest;
      Outcome less = outcome(service.withBuffers(OF_WHAT_IS_LEFT * left), before);
      if (isOnTime(less)) {
        return less;
      }
    }
    Outcome bare = outcome(service.withoutBuffers(), before);
    return bare instanceof Outcome.Found ? bare : careful;
  }

  private static boolean isOnTime(Outcome outcome) {
    return outcome instanceof Outcome.Found found && found.cost().lateMinutes() == 0;
  }

  /** The best that was found, from memory where it was asked before. */
  private Outcome outcome(Problem problem, Optional<Schedule> before) {
    return Objects.requireNonNull(
        known.get(
            new Question(problem, before), one -> bench.getObject().plan(one.problem(), before)),
        "a schedule is reckoned");
  }

  static Optional<Schedule> schedule(Outcome outcome) {
    if (outcome instanceof Outcome.Found found) {
      return Optional.of(found.schedule());
    }
    return outcome instanceof Outcome.Overrun overrun
        ? Optional.of(overrun.schedule())
        : Optional.empty();
  }

  static BenchView view(Asked asked, ServiceProblem service, Outcome outcome) {
    return new BenchDrawing(asked, service, outcome).view();
  }

  /**
   * What is asked of the bench, looked up in one go.
   *
   * @param version of the meal
   */
  record Asked(
      UUID mealId,
      String name,
      int version,
      ServiceSetup setup,
      LaneNames names,
      ServiceProblem service) {}

  Asked asked(UUID id) {
    return Objects.requireNonNull(reading.execute(status -> read(id)), "it was read");
  }

  private Asked read(UUID id) {
    Meant meant = setups.of(id);
    ServiceSetup setup = meant.setup();
    Brigade brigade =
        brigades.of(
            setup.hands(), Set.copyOf(setup.machines()), setup.from(), setup.end(), Set.of());
    return new Asked(
        id,
        meant.name(),
        meant.version(),
        setup,
        LaneNames.of(brigade, equipment.vessels()),
        ServiceProblem.of(setup.tasks(), brigade, setup.from(), setup.end()));
  }
}
