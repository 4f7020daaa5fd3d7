package urnstew.app.occupancy;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.kitchen.Occupancy.Leaves;

/**
 * Where something stands.
 *
 * @param likelyFree when it is likely gone; absent where nobody knows
 * @param latestFree when it is gone at the latest
 */
record PlaceView(
    UUID holderId,
    Place.Kind kind,
    String name,
    UUID vesselId,
    @Nullable UUID heatSourceId,
    @Nullable UUID ovenId,
    Instant since,
    @Nullable Instant likelyFree,
    @Nullable Instant latestFree) {
  static PlaceView of(Place place, @Nullable Leaves leaves) {
    return new PlaceView(
        place.holderId(),
        place.kind(),
        place.name(),
        place.vesselId(),
        place.heatSourceId(),
        place.ovenId(),
        place.since(),
        leaves == null ? null : leaves.likely(),
        leaves == null ? null : leaves.latest());
  }
}
