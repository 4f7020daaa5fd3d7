package urnstew.app.service;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;
import urnstew.app.platform.Actor;
import urnstew.app.service.ServiceBench.Asked;
import urnstew.app.service.ServiceMapper.PlanRow;
import urnstew.app.service.ServicePlan.Work;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Mode;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;

/**
 * Plans the rest of each service anew when something was said, when a pot will be later than it
 * was, or when what should have begun has not. Whoever says something does not wait for it.
 */
@Component
class ServicePlanner {
  private static final Logger LOG = LoggerFactory.getLogger(ServicePlanner.class);
  private static final Actor PLANNER = Actor.itself("the bench");
  private static final Actor POT = Actor.itself("the pot");

  /** So late nobody has just forgotten to tick yet. */
  private static final Duration GRACE = Duration.ofMinutes(3);

  /** By the clock alone no oftener than that. */
  private static final Duration BY_CLOCK = Duration.ofMinutes(5);

  private static final long STOPPED_IN_SECONDS = 5;

  private final ServiceMapper mapper;
  private final ServiceStates states;
  private final ServiceWriter writer;
  private final ServiceBench bench;
  private final Clock clock;
  private final Set<UUID> asked = ConcurrentHashMap.newKeySet();
  private final ExecutorService one;

  ServicePlanner(
      ServiceMapper mapper,
      ServiceStates states,
      ServiceWriter writer,
      ServiceBench bench,
      Clock clock) {
    this.mapper = mapper;
    this.states = states;
    this.writer = writer;
    this.bench = bench;
    this.clock = clock;
    CustomizableThreadFactory threads = new CustomizableThreadFactory("planner-");
    threads.setDaemon(true);
    // The solver has two workers' time for one question; a second would only slow the first.
    this.one = Executors.newSingleThreadExecutor(threads);
  }

  /** What is planned just now is kept, or was in vain. */
  @PreDestroy
  void stop() throws InterruptedException {
    one.shutdown();
    one.awaitTermination(STOPPED_IN_SECONDS, TimeUnit.SECONDS);
  }

  /** Plans it as soon as nothing else is planned. */
  void soon(UUID id) {
    if (!one.isShutdown() && asked.add(id)) {
      one.execute(
          () -> {
            asked.remove(id);
            if (!one.isShutdown()) {
              look(id);
            }
          });
    }
  }

  /** Hears what pots tell, and looks whether what should have begun has. */
  @Scheduled(fixedDelay = 15, timeUnit = TimeUnit.SECONDS)
  void look() {
    mapper.running().forEach(this::soon);
  }

  /** One that cannot be planned leaves the others alone. */
  private void look(UUID id) {
    try {
      writer.endForgotten(id, PLANNER);
      writer.hear(id, POT);
      plan(id);
    } catch (RuntimeException fault) {
      LOG.warn("Service {} could not be planned", id, fault);
    }
  }

  private void plan(UUID id) {
    ServiceState state = states.of(id);
    Instant now = clock.instant();
    if (state.row().endedAt() != null || state.isPlanned() && !isOverdue(state, now)) {
      return;
    }
    Asked question = state.asked(now);
    Optional<ServicePlan> before = state.last().map(row -> ServiceDocuments.PLAN.read(row.plan()));
    Outcome outcome =
        bench.outcome(
            question.service(),
            before.map(plan -> placed(plan, question.service().problem(), state.setup())));
    ServicePlan plan =
        ServicePlans.of(ServiceBench.view(question, question.service(), outcome), now, before);
    int number = state.last().map(PlanRow::number).orElse(0) + 1;
    writer.planned(id, number, state.basis(), plan, PLANNER);
  }

  /** What should have begun or been over, and is not ticked. */
  private static boolean isOverdue(ServiceState state, Instant now) {
    PlanRow last = state.last().orElseThrow();
    Instant since = now.minus(GRACE);
    return last.madeAt().isBefore(now.minus(BY_CLOCK))
        && ServiceDocuments.PLAN.read(last.plan()).works().stream()
            .anyMatch(
                work ->
                    state.running().begun().containsKey(work.key())
                        ? !state.running().over().containsKey(work.key())
                            && work.ends().isBefore(since)
                        : work.begins().isBefore(since));
  }

  /** As the bench knows it: what is as it was costs nothing. */
  private static Schedule placed(ServicePlan plan, Problem problem, ServiceSetup setup) {
    List<Placement> placements =
        problem.activities().stream()
            .flatMap(
                one ->
                    plan.works().stream()
                        .filter(work -> work.key().equals(one.key()))
                        .map(work -> placed(work, one.modes(), setup)))
            .toList();
    return new Schedule(placements);
  }

  private static Placement placed(Work work, List<Mode> modes, ServiceSetup setup) {
    Set<String> lanes =
        work.holds().stream().map(ServicePlan.Hold::lane).collect(Collectors.toSet());
    int mode = 0;
    for (int place = modes.size() - 1; place >= 0; place--) {
      boolean same =
          modes.get(place).claims().stream().map(Claim::resource).anyMatch(lanes::contains);
      mode = same ? place : mode;
    }
    int seconds = (int) Duration.between(setup.from(), work.begins()).toSeconds();
    int start = Math.floorDiv(Math.max(0, seconds), Problem.GRID_SECONDS) * Problem.GRID_SECONDS;
    return new Placement(work.key(), start, mode, work.by());
  }
}
