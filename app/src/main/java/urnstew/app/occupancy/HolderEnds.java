package urnstew.app.occupancy;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.kitchen.Occupancy.Leaves;

/** Tells of what it put somewhere when that is likely done. */
public interface HolderEnds {
  /**
   * When a holder leaves its place.
   *
   * @return empty for a holder of others, and where nobody knows, also since it is overdue
   */
  Optional<Leaves> leaves(UUID holder, Instant now);
}
