package urnstew.app.service;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.service.BenchLateView.BenchMoveView;
import urnstew.app.service.ServiceMapper.PlanRow;
import urnstew.app.service.ServicePlan.Work;
import urnstew.app.service.ServiceView.ServiceCookView;
import urnstew.app.service.ServiceView.ServiceNameView;
import urnstew.app.service.ServiceView.ServiceWorkView;
import urnstew.app.service.ServiceView.WorkState;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.Progress.Begun;

/** Services as the screens see them. */
@Component
class ServiceViews {
  private static final int MOST_LISTED = 40;

  private final ServiceMapper mapper;
  private final ServiceStates states;
  private final Clock clock;

  ServiceViews(ServiceMapper mapper, ServiceStates states, Clock clock) {
    this.mapper = mapper;
    this.states = states;
    this.clock = clock;
  }

  /** What goes on first, then the last. */
  @Transactional(readOnly = true)
  List<ServiceNameView> all() {
    return mapper.last(MOST_LISTED).stream()
        .map(
            one ->
                new ServiceNameView(
                    one.id(), one.mealId(), one.name(), one.startedAt(), one.endedAt()))
        .toList();
  }

  @Transactional(readOnly = true)
  ServiceView of(UUID id) {
    ServiceState state = states.of(id);
    List<PlanRow> plans = mapper.lastPlans(id, 2);
    ServicePlan plan = ServiceDocuments.PLAN.read(plans.get(0).plan());
    BenchView bench = ServicePlans.drawn(state, plan);
    return new ServiceView(
        id,
        state.row().mealId(),
        state.row().name(),
        state.row().startedAt(),
        state.row().endedAt(),
        state.row().endedAt() == null && !state.isPlanned(),
        plans.get(0).madeAt(),
        bench,
        works(state),
        cooks(state),
        state.running().failed().keySet().stream().sorted().toList(),
        moved(state, bench, plans),
        new ServiceWords(state).log());
  }

  private static List<BenchMoveView> moved(
      ServiceState state, BenchView bench, List<PlanRow> plans) {
    if (plans.size() < 2) {
      return List.of();
    }
    ServicePlan before = ServiceDocuments.PLAN.read(plans.get(1).plan());
    Set<String> begun = state.running().begun().keySet();
    return BenchMoveView.between(ServicePlans.drawn(state, before), bench).stream()
        .filter(one -> !begun.contains(one.key()))
        .toList();
  }

  private List<ServiceCookView> cooks(ServiceState state) {
    Set<String> away = state.running().away(clock.instant());
    return state.running().cooks().stream()
        .map(name -> new ServiceCookView(name, !away.contains(name)))
        .toList();
  }

  private List<ServiceWorkView> works(ServiceState state) {
    Map<String, Work> first =
        mapper.firstPlan(state.row().id()).stream()
            .flatMap(row -> ServiceDocuments.PLAN.read(row.plan()).works().stream())
            .collect(Collectors.toMap(Work::key, Function.identity()));
    Set<String> wanted = state.running().wanted();
    List<String> toBeMoved = state.running().standingInFailed();
    Map<String, UUID> pots = state.log().pots(state.setup());
    return state.setup().tasks().stream()
        .map(
            task -> {
              String key = task.key();
              Optional<Begun> begun = Optional.ofNullable(state.running().begun().get(key));
              Instant over = state.running().over().get(key);
              Optional<Work> planned = Optional.ofNullable(first.get(key));
              return new ServiceWorkView(
                  key,
                  state(begun, over),
                  begun.map(Begun::at).orElse(null),
                  over,
                  begun.flatMap(Begun::by).orElse(null),
                  wanted.contains(key),
                  toBeMoved.contains(key),
                  planned.map(Work::begins).orElse(null),
                  planned.map(Work::ends).orElse(null),
                  pots.get(task.subject().id()));
            })
        .toList();
  }

  private static WorkState state(Optional<Begun> begun, @Nullable Instant over) {
    if (begun.isEmpty()) {
      return WorkState.TO_COME;
    }
    return over == null ? WorkState.GOING : WorkState.OVER;
  }
}
