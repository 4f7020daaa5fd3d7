package urnstew.app.occupancy;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
    return occupancy.all().stream()
        .map(place -> PlaceView.of(place, leaves(place.holderId()).orElse(null)))
        .toList();
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
