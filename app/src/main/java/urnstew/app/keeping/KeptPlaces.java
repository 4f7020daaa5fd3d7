package urnstew.app.keeping;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.keeping.KeepingMapper.KeepingRow;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.occupancy.OccupancyService;
import urnstew.app.occupancy.Place;

/** Which pot is taken by what is held or cools. Trays come in stacks: there is another. */
@Component
class KeptPlaces {
  private final OccupancyService occupancy;
  private final EquipmentService equipment;

  KeptPlaces(OccupancyService occupancy, EquipmentService equipment) {
    this.occupancy = occupancy;
    this.equipment = equipment;
  }

  void held(UUID keeping, String name, UUID vessel, Instant at) {
    take(keeping, Place.Kind.HOLD, name, vessel, at, "vesselId");
  }

  void cools(UUID keeping, String name, UUID vessel, Instant at) {
    take(keeping, Place.Kind.COOLING, name, vessel, at, "setup.vesselId");
  }

  /**
   * It is in that pan now: in another than before, or again after it had left it.
   *
   * @param field of the caller that says so
   */
  void stands(KeepingRow row, UUID vessel, Instant at, String field) {
    Place.Kind kind = row.kind() == KeepingMapper.Kind.HOLD ? Place.Kind.HOLD : Place.Kind.COOLING;
    take(row.id(), kind, row.name(), vessel, at, field);
  }

  void leave(UUID keeping) {
    occupancy.leave(keeping);
  }

  private void take(
      UUID keeping, Place.Kind kind, String name, UUID vessel, Instant at, String field) {
    if (equipment.vessel(vessel).vessel().tray()) {
      occupancy.leave(keeping);
      return;
    }
    occupancy.take(
        new Place(keeping, kind, name, vessel, null, null, at), true, Map.of("vessel", field));
  }
}
