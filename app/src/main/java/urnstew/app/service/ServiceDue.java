package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.platform.OneByOne;
import urnstew.app.service.ServicePlan.Work;
import urnstew.app.task.TaskSource;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/**
 * What services that go on ask for, at the hours at which the bench put it. What a pot on the stove
 * asks for itself is not said twice.
 */
@Component
class ServiceDue implements TaskSource {
  /** What may wait no longer than that rings; all else waits to be seen (assumption). */
  private static final Duration RINGS = Duration.ofMinutes(5);

  /** What a pot on the stove knows nothing of. */
  private static final Set<Kind> BESIDE_THE_POT =
      Set.of(Kind.PLATE, Kind.SERVE, Kind.TOP_UP, Kind.READ_HOT);

  private final ServiceMapper mapper;
  private final ServiceStates states;

  ServiceDue(ServiceMapper mapper, ServiceStates states) {
    this.mapper = mapper;
    this.states = states;
  }

  @Override
  @Transactional(readOnly = true)
  public List<Task> tasks(Instant now) {
    return OneByOne.all(mapper.running(), id -> tasks(states.of(id)), id -> List.of(look(id, now)));
  }

  /** It cannot be read: somebody has to go by what they know. */
  private static Task look(UUID id, Instant now) {
    return Task.of(
        "look",
        Kind.LOOK,
        new Subject(Place.SERVICE, id.toString(), "A service"),
        "it cannot be read: go by paper",
        Due.at(now),
        Effort.NONE);
  }

  private static List<Task> tasks(ServiceState state) {
    Map<String, Task> all =
        state.setup().tasks().stream().collect(Collectors.toMap(Task::key, Function.identity()));
    Set<String> onTheStove = state.log().pots(state.setup()).keySet();
    String id = state.row().id().toString();
    return ServicePlans.last(state).works().stream()
        .filter(work -> !state.running().begun().containsKey(work.key()))
        .flatMap(
            work ->
                Stream.ofNullable(all.get(work.key()))
                    .filter(
                        task ->
                            BESIDE_THE_POT.contains(task.kind())
                                || !onTheStove.contains(task.subject().id()))
                    .map(task -> due(task, work, id)))
        .toList();
  }

  private static Task due(Task task, Work work, String id) {
    return new Task(
        task.key(),
        task.kind(),
        new Subject(Place.SERVICE, id, task.subject().name()),
        task.what(),
        task.figure(),
        rings(task) ? Due.at(work.begins()) : Due.fromThen(work.begins()),
        task.effort(),
        task.needs(),
        task.follows());
  }

  private static boolean rings(Task task) {
    return task.kind() == Kind.SERVE
        || task.follows().stream()
            .anyMatch(one -> one.longest().filter(most -> most.compareTo(RINGS) <= 0).isPresent());
  }
}
