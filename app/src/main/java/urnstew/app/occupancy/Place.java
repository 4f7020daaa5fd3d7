package urnstew.app.occupancy;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.kitchen.Occupancy.Stand;

/**
 * Where something stands.
 *
 * @param holderId batch or keeping
 * @param kind which of them
 * @param name what it is called
 * @param vesselId in which it is
 * @param heatSourceId on which that stands; absent off the heat, or in an oven
 * @param ovenId in which that stands
 * @param since when it was put there
 */
public record Place(
    UUID holderId,
    Kind kind,
    String name,
    UUID vesselId,
    @Nullable UUID heatSourceId,
    @Nullable UUID ovenId,
    Instant since) {
  /** What stands there. */
  public enum Kind {
    BATCH,
    HOLD,
    COOLING
  }

  Stand stand() {
    return new Stand(
        holderId, name, vesselId, Optional.ofNullable(heatSourceId), Optional.ofNullable(ovenId));
  }
}
