package urnstew.app.service;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.service.BenchLateView.BenchMoveView;
import urnstew.app.sizing.MealService;
import urnstew.app.sizing.MealService.Worked;
import urnstew.app.sizing.MealSheet.CookSheet;
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

  private final MealService meals;
  private final ServiceWork work;
  private final KitchenBrigade brigades;
  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final ObjectProvider<Bench> bench;
  private final TransactionOperations reading;
  private final Clock clock;

  /** Several tablets ask the same; one of them waits for the solver. */
  private final Cache<Question, Outcome> known =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  private final Cache<Problem, Optional<Conflict>> conflicts =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  ServiceBench(
      MealService meals,
      ServiceWork work,
      KitchenBrigade brigades,
      KitchenService kitchens,
      EquipmentService equipment,
      ObjectProvider<Bench> bench,
      TransactionOperations reading,
      Clock clock) {
    this.meals = meals;
    this.work = work;
    this.brigades = brigades;
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.bench = bench;
    this.reading = reading;
    this.clock = clock;
  }

  private record Question(Problem problem, Optional<Schedule> before) {}

  BenchView of(UUID id) {
    Asked asked = asked(id);
    return view(asked, asked.service(), outcome(asked.service().problem(), Optional.empty()));
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
    Outcome said = outcome(service.problem(), Optional.empty());
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
    Asked asked = asked(id);
    Problem problem = asked.service().problem();
    Optional<Conflict> found =
        Objects.requireNonNull(
            conflicts.get(problem, one -> bench.getObject().conflict(one, Set.of())),
            "an answer is reckoned");
    return new ConflictWords(asked.service(), asked.names()).of(found);
  }

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

  private static BenchView view(Asked asked, ServiceProblem service, Outcome outcome) {
    return new BenchDrawing(asked, service, outcome).view();
  }

  /** What is asked of the bench, looked up in one go. */
  record Asked(
      UUID id,
      Worked worked,
      ServiceHours hours,
      Brigade brigade,
      LaneNames names,
      ServiceProblem service) {}

  private Asked asked(UUID id) {
    return Objects.requireNonNull(reading.execute(status -> read(id)), "it was read");
  }

  private Asked read(UUID id) {
    Worked worked = meals.worked(id);
    Instant now = clock.instant();
    ServiceHours hours = ServiceHours.of(worked.sheet(), kitchens.settings().zoneId(), now);
    List<CookSheet> written = worked.sheet().cooks();
    List<CookSheet> cooks = written == null || written.isEmpty() ? KitchenBrigade.USUAL : written;
    Brigade brigade = brigades.of(worked.meal(), cooks, hours.from(), hours.end());
    List<Task> tasks = work.tasks(id, worked, hours.dishes());
    return new Asked(
        id,
        worked,
        hours,
        brigade,
        LaneNames.of(brigade, equipment.vessels()),
        ServiceProblem.of(tasks, brigade, hours.from(), hours.end()));
  }
}
