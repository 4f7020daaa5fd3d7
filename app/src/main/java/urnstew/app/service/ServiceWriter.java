package urnstew.app.service;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.Writes.Stamp;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.app.service.ServiceMapper.PlanRow;
import urnstew.app.service.ServiceMapper.ServiceEventRow;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.app.service.ServicePots.Told;
import urnstew.app.service.ServiceWrites.End;
import urnstew.app.service.ServiceWrites.Reopen;
import urnstew.app.service.ServiceWrites.SaidKind;
import urnstew.app.service.ServiceWrites.Say;
import urnstew.app.service.ServiceWrites.Start;
import urnstew.app.service.ServiceWrites.TakeCalendar;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.core.service.ServiceEntry;
import urnstew.units.InvalidInput;

/** Writes what is said of services, and how they are planned. */
@Component
class ServiceWriter {
  /** It knows all that it was set up with, and nothing more. */
  private static final int FIRST = 1;

  private final ServiceMapper mapper;
  private final ServiceStates states;
  private final ServiceEntries entries;
  private final ServiceSetups setups;
  private final ServicePots pots;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  ServiceWriter(
      ServiceMapper mapper,
      ServiceStates states,
      ServiceEntries entries,
      ServiceSetups setups,
      ServicePots pots,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.states = states;
    this.entries = entries;
    this.setups = setups;
    this.pots = pots;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /** One service of a meal at a time. */
  @Write
  public void start(Start write, String name, ServiceSetup setup, ServicePlan plan, Actor actor) {
    writes.once(write.id(), "service", write, () -> started(write, name, setup, plan));
  }

  boolean isStarted(Start write) {
    return writes.knows(write.id(), "service", write);
  }

  private void started(Start write, String name, ServiceSetup setup, ServicePlan plan) {
    Instant now = clock.instant();
    if (mapper.runningOf(write.mealId()).isPresent()) {
      throw new ConflictException(
          "This meal is being cooked already.", "Open its service, or end that first.");
    }
    mapper.start(
        new ServiceRow(
            write.id(),
            write.mealId(),
            name,
            now,
            null,
            FIRST,
            ServiceDocuments.SETUP.write(setup)));
    String basis = states.of(row(write.id())).basis();
    mapper.plan(new PlanRow(write.id(), 1, now, basis, ServiceDocuments.PLAN.write(plan)));
  }

  /** Says something of a service, once. */
  @Write
  public Instant say(UUID id, Say write, Actor actor) {
    writes.once(write.id(), "service/" + id, write, () -> said(id, write, actor));
    return mapper.events(id).stream()
        .filter(event -> event.id().equals(write.id()))
        .map(ServiceEventRow::happenedAt)
        .findFirst()
        .orElseThrow(() -> new NotFoundException("entry", write.id()));
  }

  private void said(UUID id, Say write, Actor actor) {
    ServiceState state = states.of(open(id));
    Instant received = clock.instant();
    Instant at = write.stamp().happened(received, kitchens.settings().zoneId());
    if (at.isBefore(state.row().startedAt())) {
      throw new InvalidInput(
          "stamp.happenedLocalTime",
          "before-start",
          "The service was not begun then.",
          "an hour since its start",
          "Type a later hour.");
    }
    if (write.kind() == SaidKind.MEAL_CHANGED) {
      ServiceSetup setup =
          setups.again(state.row().mealId(), state.row().startedAt(), state.setup());
      mapper.setUp(id, ServiceDocuments.SETUP.write(setup));
    }
    append(state, entries.entries(state, write, at), write.stamp(), received, actor);
  }

  /** What was moved in a calendar that comes back. */
  @Write
  public Instant take(UUID id, TakeCalendar write, Actor actor) {
    writes.once(write.id(), "service/" + id + "/calendar", write, () -> taken(id, write, actor));
    return clock.instant();
  }

  private void taken(UUID id, TakeCalendar write, Actor actor) {
    ServiceState state = states.of(open(id));
    Instant received = clock.instant();
    ZoneId zone = kitchens.settings().zoneId();
    append(
        state,
        entries.moved(state, write.id(), CalendarIn.begins(write.calendar(), zone), received),
        write.stamp(),
        received,
        actor);
  }

  private void append(
      ServiceState state, List<ServiceEntry> all, Stamp stamp, Instant received, Actor actor) {
    int sequence = state.row().nextSequence();
    for (ServiceEntry entry : all) {
      append(state.row().id(), sequence++, entry, stamp.typedAt(), received, actor, null);
    }
  }

  /** What its pots tell, once each. */
  @Write
  public boolean hear(UUID id, Actor actor) {
    ServiceRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("service", id));
    if (row.endedAt() != null) {
      return false;
    }
    ServiceSetup setup = ServiceDocuments.SETUP.read(row.setup());
    List<Told> news = pots.news(row, setup, ServiceLog.of(mapper.events(id)));
    Instant now = clock.instant();
    int sequence = row.nextSequence();
    for (Told told : news) {
      append(id, sequence++, told.entry(), now, now, actor, told.batchId());
    }
    return !news.isEmpty();
  }

  private void append(
      UUID id,
      int sequence,
      ServiceEntry entry,
      Instant typedAt,
      Instant received,
      Actor actor,
      @Nullable UUID batchId) {
    mapper.append(
        new ServiceEventRow(
            id,
            sequence,
            entry.id(),
            entry.at(),
            typedAt,
            received,
            actor.name(),
            batchId,
            ServiceDocuments.EVENT.write(entry.event())));
    mapper.written(id);
  }

  /** Locked; it still goes on. */
  private ServiceRow open(UUID id) {
    ServiceRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("service", id));
    if (row.endedAt() != null) {
      throw new ConflictException("This service is over.", "Look at how it went.");
    }
    return row;
  }

  private ServiceRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("service", id));
  }

  /** Ends a service. */
  @Write
  public void end(UUID id, End write, Actor actor) {
    writes.once(
        write.id(),
        "service/" + id + "/end",
        write,
        () -> {
          ServiceRow row = open(id);
          Instant at = write.stamp().happened(clock.instant(), kitchens.settings().zoneId());
          mapper.end(id, at.isBefore(row.startedAt()) ? row.startedAt() : at);
        });
  }

  /** It was not over: pressed by mistake. */
  @Write
  public void reopen(UUID id, Reopen write, Actor actor) {
    writes.once(write.id(), "service/" + id + "/reopen", write, () -> reopened(id));
  }

  private void reopened(UUID id) {
    ServiceRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("service", id));
    if (clock.instant().isAfter(ServiceDocuments.SETUP.read(row.setup()).end())) {
      throw new ConflictException("Its hours are long gone.", "Start the meal anew.");
    }
    if (row.endedAt() != null && mapper.runningOf(row.mealId()).isPresent()) {
      throw new ConflictException(
          "This meal is being cooked again already.", "Open its service, or end that first.");
    }
    mapper.reopen(id);
  }

  /** Nobody ended it, and its last hour is long gone. */
  @Write
  public void endForgotten(UUID id, Actor actor) {
    ServiceRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("service", id));
    Instant end = ServiceDocuments.SETUP.read(row.setup()).end();
    if (row.endedAt() == null && clock.instant().isAfter(end)) {
      mapper.end(id, end);
    }
  }

  /** A plan, if nobody planned meanwhile. */
  @Write
  public void planned(UUID id, int number, String basis, ServicePlan plan, Actor actor) {
    mapper.plan(new PlanRow(id, number, clock.instant(), basis, ServiceDocuments.PLAN.write(plan)));
  }
}
