package urnstew.app.occupancy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import urnstew.core.kitchen.Occupancy;
import urnstew.core.kitchen.Occupancy.InTheWay;
import urnstew.core.kitchen.Occupancy.Leaves;
import urnstew.core.kitchen.Occupancy.Stand;

/** What stands where, and until when: one map for all screens. */
@Service
public class Places {
  private final OccupancyService occupancy;
  private final List<HolderEnds> ends;
  private final Clock clock;

  Places(OccupancyService occupancy, List<HolderEnds> ends, Clock clock) {
    this.occupancy = occupancy;
    this.ends = ends;
    this.clock = clock;
  }

  /** All that stands somewhere, the longest first. */
  List<PlaceView> all() {
    return standing().stream()
        .map(one -> PlaceView.of(one.place(), one.leaves().orElse(null)))
        .toList();
  }

  /**
   * Something that stands somewhere.
   *
   * @param leaves when it is likely gone; empty where nobody knows
   */
  public record Standing(Place place, Optional<Leaves> leaves) {
    /** By time alone nothing is held longer (the usual four hours of a rule set). */
    private static final Duration HELD = Duration.ofHours(4);

    /** When its place is free at the latest, seen from now. */
    public Instant until(Instant now) {
      return leaves.map(Leaves::latest).orElse(now.plus(HELD));
    }
  }

  /** All that stands somewhere, and until when. */
  public List<Standing> standing() {
    return occupancy.all().stream()
        .map(place -> new Standing(place, leaves(place.holderId())))
        .toList();
  }

  /**
   * Pots in which something is still at a moment. What nobody knows the end of, as of sauce that is
   * held hot, is gone after some hours.
   */
  public Set<UUID> potsTakenAt(Instant moment) {
    return standing().stream()
        .filter(one -> one.until(clock.instant()).isAfter(moment))
        .map(one -> one.place().vesselId())
        .collect(Collectors.toSet());
  }

  /** What may still stand where something is wanted from a moment on. */
  public List<InTheWay> inTheWay(Stand wanted, Instant from) {
    return new Occupancy(occupancy.all().stream().map(Place::stand).toList())
        .inTheWay(wanted, from, this::leaves);
  }

  private Optional<Leaves> leaves(UUID holder) {
    Instant now = clock.instant();
    return ends.stream()
        .flatMap(one -> one.leaves(holder, now).stream())
        .filter(end -> end.latest().isAfter(now))
        .findFirst();
  }
}
