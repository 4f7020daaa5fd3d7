package urnstew.app.lots;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import urnstew.app.batch.BatchEntries;
import urnstew.app.batch.WayBack;
import urnstew.app.batch.Writes;
import urnstew.app.keeping.KeptTakeBacks;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotEventRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;

/**
 * A way back for half a minute: from tubs that were not meant, parted or joined, and from what was
 * last done with them.
 */
@Service
class LotTakeBacks {
  private final LotMapper mapper;
  private final LotLedger ledger;
  private final BatchEntries batches;
  private final KeptTakeBacks keepings;
  private final WayBack wayBack;
  private final Clock clock;

  LotTakeBacks(
      LotMapper mapper,
      LotLedger ledger,
      BatchEntries batches,
      KeptTakeBacks keepings,
      WayBack wayBack,
      Clock clock) {
    this.mapper = mapper;
    this.ledger = ledger;
    this.batches = batches;
    this.keepings = keepings;
    this.wayBack = wayBack;
    this.clock = clock;
  }

  /** Takes back what made these tubs, or what was last done with them, once. */
  @Write
  public LotView takeBack(UUID id, Writes.TakeBack write, Actor actor) {
    return ledger.once(write, "lot/" + id, () -> takenBack(id, write, actor));
  }

  private LotRow takenBack(UUID id, Writes.TakeBack write, Actor actor) {
    Instant received = clock.instant();
    wayBack.requireInTime(write, received, "Write what is so now: move, use or part them anew.");
    if (write.eventId().equals(id)) {
      unmade(ledger.row(id), received, actor);
    } else {
      undone(id, write, received, actor);
    }
    return ledger.row(id);
  }

  /** Pots are locked before tubs. */
  private void undone(UUID id, Writes.TakeBack write, Instant received, Actor actor) {
    UUID use = write.eventId();
    List<UUID> pots =
        mapper.events(id).stream()
            .filter(event -> event.id().equals(use))
            .flatMap(event -> Stream.ofNullable(event.batchId()))
            .toList();
    pots.forEach(batches::hold);
    locked(id);
    if (!last(id).id().equals(use)) {
      throw overtaken();
    }
    if (pots.isEmpty()) {
      back(use, received, actor);
    }
    // What it had put into a pot comes out of it, which puts it back into the tub.
    for (UUID pot : pots) {
      batches.recordWithin(
          pot,
          new Writes.StrikeOut(
              LotLedger.inThePot(write.id()), LotLedger.inThePot(use), "taken back", write.stamp()),
          actor);
    }
  }

  /** As if it had never been filled, parted or joined; only before anything was done with it. */
  private void unmade(LotRow row, Instant received, Actor actor) {
    List<UUID> from = mapper.cameFrom(row.id()).stream().map(LinkRow::fromId).toList();
    UUID keeping = from.isEmpty() ? row.keepingId() : null;
    if (keeping != null) {
      keepings.hold(keeping);
    }
    List<UUID> all = new ArrayList<>(from);
    all.add(row.id());
    all.stream().sorted(Comparator.comparing(UUID::toString)).forEach(this::locked);
    UUID placed = LotLedger.placed(row.id());
    boolean untouched =
        mapper.events(row.id()).stream()
            .allMatch(event -> event.id().equals(row.id()) || event.id().equals(placed));
    if (!untouched || from.stream().anyMatch(lot -> !last(lot).what().equals(row.code()))) {
      throw overtaken();
    }
    from.forEach(lot -> back(last(lot).id(), received, actor));
    mapper.unlink(row.id());
    mapper.takeBack(UUID.randomUUID(), row.id(), received, actor.name());
    mapper.unmake(row.id(), received);
    if (keeping != null) {
      keepings.fromTubs(keeping, received);
    }
  }

  private void back(UUID event, Instant received, Actor actor) {
    mapper.asBefore(event);
    mapper.takeBack(UUID.randomUUID(), event, received, actor.name());
  }

  private void locked(UUID id) {
    if (mapper.lock(id).isEmpty()) {
      throw new NotFoundException("lot", id);
    }
  }

  private LotEventRow last(UUID id) {
    List<LotEventRow> events = mapper.events(id);
    if (events.isEmpty()) {
      throw overtaken();
    }
    return events.get(events.size() - 1);
  }

  private static ConflictException overtaken() {
    return new ConflictException(
        "Something else was done with these tubs since.", "Look at them again.");
  }
}
