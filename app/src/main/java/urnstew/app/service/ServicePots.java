package urnstew.app.service;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchService;
import urnstew.app.batch.BatchView;
import urnstew.app.batch.BatchView.OnStove;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.core.service.ServiceEntry;
import urnstew.core.service.ServiceEvent;
import urnstew.core.service.ServiceEvent.Began;
import urnstew.core.service.ServiceEvent.Ended;
import urnstew.core.service.ServiceEvent.TakenBack;
import urnstew.core.service.ServiceEvent.TakesLonger;
import urnstew.core.task.Need;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/**
 * Pots on the stove that cook for a service: what was lit since it was started, of one of its
 * formulas in the pot that was meant for it. What is told there counts here.
 */
@Component
class ServicePots {
  private static final Set<Kind> SIMMERS = Set.of(Kind.START_SIMMER, Kind.PHASE);

  private final BatchService batches;
  private final Clock clock;

  ServicePots(BatchService batches, Clock clock) {
    this.batches = batches;
    this.clock = clock;
  }

  /**
   * Something that a pot tells once.
   *
   * @param batchId which pot
   */
  record Told(UUID batchId, ServiceEntry entry) {}

  /** What its pots have told that is not written yet: lit, simmering, finished. */
  List<Told> news(ServiceRow row, ServiceSetup setup, ServiceLog log) {
    List<Told> news = new ArrayList<>();
    Map<String, UUID> known = log.pots(setup);
    for (ServiceSetup.Pot pot : setup.pots()) {
      List<UUID> lit = batches.lit(pot.formulaId(), pot.vesselId(), row.startedAt());
      UUID own = known.get(pot.subjectId());
      if (own != null && !batches.isThere(own)) {
        log.toldBy(own).forEach(entry -> news.add(unlit(row.id(), own, entry)));
      } else {
        Optional.ofNullable(own)
            .or(() -> lit.stream().filter(id -> !known.containsValue(id)).findFirst())
            .ifPresent(id -> tell(news, row.id(), pot, setup, id));
      }
    }
    return news.stream().filter(one -> !log.knows(one.entry().id())).toList();
  }

  /** It was lit by mistake, and is not there any more: what it told never was. */
  private Told unlit(UUID service, UUID batch, UUID entry) {
    String name = service + "/" + batch + "/unlit/" + entry;
    UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    return new Told(batch, new ServiceEntry(id, clock.instant(), new TakenBack(entry)));
  }

  private void tell(
      List<Told> news, UUID service, ServiceSetup.Pot pot, ServiceSetup setup, UUID id) {
    BatchView batch = batches.view(id);
    List<Task> own = tasks(setup, pot);
    Set<String> burner = Set.of(batch.pot().heatSourceId().toString());
    first(own, Set.of(Kind.LIGHT))
        .ifPresent(
            light ->
                news.add(
                    told(
                        service,
                        id,
                        batch.startedAt(),
                        new Began(light.key(), Optional.empty(), burner))));
    Optional<Task> simmer = first(own, Set.of(Kind.START_SIMMER));
    if (batch.simmerConfirmed() && simmer.isPresent()) {
      Instant at = batch.forecast().simmerStartedAt();
      news.add(told(service, id, at, new Began(simmer.get().key(), Optional.empty(), Set.of())));
    }
    BatchView.EndView end = batch.end();
    if (end != null) {
      last(own).ifPresent(one -> news.add(told(service, id, end.endedAt(), new Ended(one.key()))));
    }
  }

  private static Told told(UUID service, UUID batch, Instant at, ServiceEvent event) {
    String name = service + "/" + batch + "/" + event.getClass().getSimpleName() + key(event);
    UUID id = UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    return new Told(batch, new ServiceEntry(id, at, event));
  }

  private static String key(ServiceEvent event) {
    return event instanceof Began began ? began.key() : ((Ended) event).key();
  }

  /** By how much its pots will be later, or earlier, than was planned, as they say just now. */
  List<ServiceEntry> told(ServiceSetup setup, ServiceLog log) {
    Map<String, UUID> known = log.pots(setup);
    List<OnStove> all = known.isEmpty() ? List.of() : batches.onStove().value();
    return setup.pots().stream()
        .flatMap(
            pot ->
                all.stream()
                    .filter(one -> one.id().equals(known.get(pot.subjectId())))
                    .flatMap(one -> late(setup, pot, one).stream()))
        .toList();
  }

  /** To the minute, so that a plan stands while nothing happens. */
  private static Optional<ServiceEntry> late(
      ServiceSetup setup, ServiceSetup.Pot pot, OnStove one) {
    Instant thick = one.thickAt();
    List<Task> simmers =
        tasks(setup, pot).stream().filter(task -> SIMMERS.contains(task.kind())).toList();
    if (simmers.isEmpty() || thick == null) {
      return Optional.empty();
    }
    Duration planned =
        simmers.stream()
            .map(task -> task.effort().total().likely())
            .reduce(Duration.ZERO, Duration::plus);
    Duration by = Duration.between(one.simmerStartedAt().plus(planned), thick);
    Task last = simmers.get(simmers.size() - 1);
    UUID id = UUID.nameUUIDFromBytes(last.key().getBytes(StandardCharsets.UTF_8));
    return Optional.of(
        new ServiceEntry(
            id,
            one.simmerStartedAt(),
            new TakesLonger(last.key(), Duration.ofMinutes(by.toMinutes()))));
  }

  private static List<Task> tasks(ServiceSetup setup, ServiceSetup.Pot pot) {
    return setup.tasks().stream()
        .filter(task -> task.subject().id().equals(pot.subjectId()))
        .toList();
  }

  private static Optional<Task> first(List<Task> own, Set<Kind> kinds) {
    return own.stream().filter(task -> kinds.contains(task.kind())).findFirst();
  }

  /** The last work in the pot itself, before its plates. */
  private static Optional<Task> last(List<Task> own) {
    return own.stream()
        .filter(task -> task.needs().stream().anyMatch(Need.OfVessel.class::isInstance))
        .reduce((one, next) -> next);
  }
}
