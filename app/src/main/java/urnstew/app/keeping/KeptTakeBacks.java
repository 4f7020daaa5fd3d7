package urnstew.app.keeping;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.WayBack;
import urnstew.app.batch.Writes;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.keeping.KeepingService.Kept;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;

/** A way back for half a minute: from what was not meant to be kept, and from its end. */
@Service
public class KeptTakeBacks {
  private final KeepingMapper mapper;
  private final KeepingViews views;
  private final KeptPlaces places;
  private final KeptMass mass;
  private final PutAwaySauce tubs;
  private final WayBack wayBack;
  private final IdempotencyStore writes;
  private final Clock clock;

  KeptTakeBacks(
      KeepingMapper mapper,
      KeepingViews views,
      KeptPlaces places,
      KeptMass mass,
      PutAwaySauce tubs,
      WayBack wayBack,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.places = places;
    this.mass = mass;
    this.tubs = tubs;
    this.wayBack = wayBack;
    this.writes = writes;
    this.clock = clock;
  }

  /** Takes back the beginning or the end of something kept, once. */
  @Write
  public Kept takeBack(UUID id, Writes.TakeBack write, Actor actor) {
    writes.once(write.id(), "keeping/" + id, write, () -> takenBack(id, write));
    return new Kept(id, write.id(), write.stamp().typedAt());
  }

  private void takenBack(UUID id, Writes.TakeBack write) {
    KeepingRow row = held(id);
    Instant received = clock.instant();
    wayBack.requireInTime(write, received, "End it, or begin it anew.");
    if (write.eventId().equals(id)) {
      unkept(row);
    } else if (write.eventId().equals(row.closedBy()) && !tubs.areOf(id)) {
      goesOn(row, received);
    } else {
      throw new ConflictException(
          "That did not end this record.", "Strike out what was wrong, one by one.");
    }
  }

  private KeepingRow held(UUID id) {
    mapper.find(id).map(KeepingRow::batchId).ifPresent(mass::hold);
    return mapper.lock(id).orElseThrow(() -> new NotFoundException("keeping", id));
  }

  /** As if nobody had kept it; only before anything else was written about it. */
  private void unkept(KeepingRow row) {
    if (row.closedAt() != null || row.nextSequence() > 1) {
      throw new ConflictException(
          "Somebody has written about this since it began.", "End this record instead.");
    }
    places.leave(row.id());
    mapper.remove(row.id());
  }

  /** Holds what is kept, and its batch, until somebody's write ends: both before tubs. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID id) {
    held(id);
  }

  /** A cooling whose tubs were not meant goes on; the tubs are taken back before. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void fromTubs(UUID id, Instant at) {
    goesOn(held(id), at);
  }

  /** It stands where it stood, and is as much, unless somebody took the place or the sauce. */
  private void goesOn(KeepingRow row, Instant at) {
    Double kilograms = row.massKilograms();
    if (kilograms != null) {
      mass.requireLeft(row.batchId(), kilograms, row.moreBecause(), "eventId");
    }
    mapper.reopen(row.id());
    views.pan(row).ifPresent(pan -> places.stands(row, pan, at, "eventId"));
  }
}
