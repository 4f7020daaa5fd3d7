package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.platform.Remembered;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.HandsLearnt;
import urnstew.core.service.HandsLearnt.Took;
import urnstew.core.service.ServiceEntry;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.task.Task;

/** What the hands of this kitchen needed in the last services that are over. */
@Component
class KitchenHands {
  private static final int LAST = 12;

  private final ServiceMapper mapper;
  private final Remembered<HandsLearnt> learnt = new Remembered<>();

  KitchenHands(ServiceMapper mapper) {
    this.mapper = mapper;
  }

  HandsLearnt learnt() {
    List<UUID> over = mapper.over(LAST);
    return learnt.at(
        over.toString(),
        () ->
            HandsLearnt.of(
                over.stream()
                    .flatMap(id -> mapper.find(id).stream())
                    .flatMap(this::took)
                    .toList()));
  }

  private Stream<Took> took(ServiceRow row) {
    ServiceSetup setup = ServiceDocuments.SETUP.read(row.setup());
    Map<String, Instant> began = new HashMap<>();
    Map<String, Instant> ended = new HashMap<>();
    List<ServiceEntry> said = ServiceLog.of(mapper.events(row.id())).entries();
    for (ServiceEntry entry : said) {
      if (isTakenBack(entry, said)) {
        continue;
      }
      if (entry.event() instanceof Began which) {
        began.put(which.key(), entry.at());
      } else if (entry.event() instanceof Ended which) {
        ended.put(which.key(), entry.at());
      }
    }
    return setup.tasks().stream()
        .filter(HandsLearnt::tells)
        .flatMap(
            task ->
                took(task, usual(setup, task), began.get(task.key()), ended.get(task.key()))
                    .stream());
  }

  private static boolean isTakenBack(ServiceEntry entry, List<ServiceEntry> said) {
    return said.stream()
        .anyMatch(
            other -> other.event() instanceof TakenBack back && back.entry().equals(entry.id()));
  }

  /** As it would be reckoned of any kitchen: what was learnt before is not learnt again. */
  private static Duration usual(ServiceSetup setup, Task task) {
    double ratio =
        setup.learnt().stream()
            .filter(one -> one.kind() == task.kind())
            .mapToDouble(ServiceSetup.Hands::ratio)
            .findFirst()
            .orElse(1);
    return Duration.ofMillis(Math.round(task.effort().hands().likely().toMillis() / ratio));
  }

  /** Ticked at its beginning and at its end; who ticks both at once says nothing. */
  private static Optional<Took> took(
      Task task, Duration usual, @Nullable Instant from, @Nullable Instant to) {
    return from == null || to == null || !to.isAfter(from)
        ? Optional.empty()
        : Optional.of(new Took(task.kind(), usual, Duration.between(from, to)));
  }
}
