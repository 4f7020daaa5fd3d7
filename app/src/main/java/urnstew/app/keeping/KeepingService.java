package urnstew.app.keeping;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.keeping.KeepingMapper.EntryRow;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingWrites.Closed;
import urnstew.app.keeping.KeptSauces.Kept;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.occupancy.HolderEnds;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.OneByOne;
import urnstew.app.platform.Write;
import urnstew.app.print.Printed;
import urnstew.app.task.TaskSource;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.task.Task;
import urnstew.units.InvalidInput;

/** Holds and coolings under way: read, written about, closed. */
@Service
public class KeepingService implements TaskSource, HolderEnds {
  private static final Optional<Leaves> NOT_KNOWN = Optional.empty();

  private final KeepingMapper mapper;
  private final KeepingViews views;
  private final KeepingEntries entries;
  private final KeptPlaces places;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  KeepingService(
      KeepingMapper mapper,
      KeepingViews views,
      KeepingEntries entries,
      KeptPlaces places,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.entries = entries;
    this.places = places;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /** What was written. */
  public record Kept(UUID keepingId, UUID id, Instant happenedAt) {
    /** Sent again by a device that had no answer, after it was taken back: it is not done again. */
    static ConflictException takenBack() {
      return new ConflictException("That was taken back meanwhile.", "Write it anew.");
    }
  }

  /** All that is held or cooling, the oldest first. */
  public List<KeepingView> open() {
    return OneByOne.of(mapper.open(), views::of, views::broken);
  }

  /** What all of it asks for; of what cannot be reckoned, that somebody watches it by hand. */
  @Override
  public List<Task> tasks(Instant now) {
    return OneByOne.all(mapper.open(), row -> views.tasks(row, now), KeepingViews::look);
  }

  /** Pans are free once what is in them is cold. */
  @Override
  public Optional<Leaves> leaves(UUID holder, Instant now) {
    return mapper
        .find(holder)
        .flatMap(
            row ->
                OneByOne.of(List.of(row), one -> views.leaves(one, now), (one, fault) -> NOT_KNOWN)
                    .get(0));
  }

  /** What was held or cooled of a batch. */
  public List<KeepingView> ofBatch(UUID batchId) {
    return OneByOne.of(mapper.ofBatch(batchId), views::of, views::broken);
  }

  /** One. */
  @Transactional(readOnly = true)
  public KeepingView view(UUID id) {
    return views.of(row(id));
  }

  /** Its record, to print for whoever inspects it. */
  @Transactional(readOnly = true)
  public byte[] record(UUID id) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = kitchen.printed();
    return new KeepingRecord(view(id), printed).pdf();
  }

  private KeepingRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("keeping", id));
  }

  /**
   * Closes a cooling whose sauce goes into tubs; only one that is over.
   *
   * @param by the write that puts it away
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void putAway(UUID id, Instant at, UUID by) {
    KeepingRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("keeping", id));
    if (row.closedAt() != null) {
      throw new ConflictException("This is put away already.", "Look for its lot.");
    }
    views.mustBeCold(row, at);
    mapper.close(id, at, Closed.PUT_AWAY, by, "");
    places.leave(id);
  }

  /** Writes what happened, once. */
  @Write
  public Kept record(UUID id, KeepingWrites.Entry write, Actor actor) {
    writes.once(write.id(), "keeping/" + id, write, () -> recorded(id, write, actor));
    return new Kept(id, write.id(), mapper.happened(write.id()).orElseThrow(Kept::takenBack));
  }

  private void recorded(UUID id, KeepingWrites.Entry write, Actor actor) {
    KeepingRow row = open(id);
    Instant received = clock.instant();
    Instant at = happened(row, write, received);
    KeepingEvent event = entries.event(row, write, at);
    Optional<UUID> before = views.pan(row);
    mapper.append(
        new EntryRow(
            id,
            row.nextSequence(),
            write.id(),
            at,
            write.stamp().typedAt(),
            received,
            actor.name(),
            write.enteredText(),
            otherPan(write),
            KeepingDocuments.EVENT.write(event)));
    mapper.written(id);
    String field = write instanceof KeepingWrites.StrikeOut ? "eventId" : "setup.vesselId";
    Optional<UUID> pan = views.pan(row);
    if (!pan.equals(before)) {
      pan.ifPresent(other -> places.stands(row, other, at, field));
    }
    views.of(row(id));
  }

  /** Locked; still kept. */
  private KeepingRow open(UUID id) {
    KeepingRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("keeping", id));
    if (row.closedAt() != null) {
      throw new ConflictException("This is not kept any more.", "Look it up in the logbook.");
    }
    return row;
  }

  private Instant happened(KeepingRow row, KeepingWrites.Timed write, Instant received) {
    Instant at = write.stamp().happened(received, kitchens.settings().zoneId());
    if (at.isBefore(row.startedAt())) {
      throw new InvalidInput(
          "stamp.happenedLocalTime",
          "before-the-start",
          "That is before it was put there.",
          "from the start of it on",
          "Look at the hour again.");
    }
    return at;
  }

  /** The pan that it is in from now on, where an entry says so. */
  private static @Nullable UUID otherPan(KeepingWrites.Entry write) {
    if (write instanceof KeepingWrites.PlaceOtherwise moved) {
      return moved.setup().vesselId();
    }
    return write instanceof KeepingWrites.Reheat reheat ? reheat.setup().vesselId() : null;
  }

  /** Ends it, once. */
  @Write
  public Kept close(UUID id, KeepingWrites.Close close, Actor actor) {
    writes.once(close.id(), "keeping/" + id, close, () -> closed(id, close));
    Instant closedAt = row(id).closedAt();
    if (closedAt == null) {
      throw Kept.takenBack();
    }
    return new Kept(id, close.id(), closedAt);
  }

  private void closed(UUID id, KeepingWrites.Close close) {
    KeepingRow row = open(id);
    Instant at = happened(row, close, clock.instant());
    if (close.as() == Closed.DISCARDED && close.reason().isBlank()) {
      throw new InvalidInput(
          "reason",
          "no-reason",
          "What is thrown away needs its reason.",
          "a few words",
          "Write why, such as 'missed 21 °C'.");
    }
    views.mayClose(row, close.as(), at);
    mapper.close(row.id(), at, close.as(), close.id(), close.reason().strip());
    places.leave(row.id());
  }
}
