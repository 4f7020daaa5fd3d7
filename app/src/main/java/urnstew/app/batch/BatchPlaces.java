package urnstew.app.batch;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.OvenView;
import urnstew.app.occupancy.OccupancyService;
import urnstew.app.occupancy.Place;
import urnstew.core.batch.BatchHistory;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.SimmerSetting;

/** Which pot, burner and oven a batch has taken, from lighting on until it is off the heat. */
@Component
class BatchPlaces {
  private static final Map<String, String> OF_A_PLAN =
      Map.of(
          "vessel", "plan.vesselId",
          "heatSource", "plan.heatSourceId",
          "oven", "plan.heating.ovenId");
  private static final Map<String, String> OF_A_MOVE =
      Map.of("vessel", "vesselId", "heatSource", "heatSourceId", "oven", "heating.ovenId");
  private static final Map<String, String> OF_A_CORRECTION = Map.of("vessel", "eventId");

  private final OccupancyService occupancy;
  private final KitchenService kitchens;

  BatchPlaces(OccupancyService occupancy, KitchenService kitchens) {
    this.occupancy = occupancy;
    this.kitchens = kitchens;
  }

  /** It is lit. */
  void lit(Writes.StartBatch write, String name, SimmerSetting setting, Instant at) {
    UUID oven = oven(setting, write.plan().heating().ovenId());
    occupancy.take(
        place(write.id(), name, setting, oven, at),
        Boolean.TRUE.equals(write.sharesHeat()),
        OF_A_PLAN);
  }

  /** Something happened to it; perhaps it stands elsewhere now. */
  void written(BatchRow row, Writes.Entry write, BatchHistory before, BatchHistory after) {
    SimmerSetting setting = after.setting();
    if (samePlace(before.setting(), setting)) {
      return;
    }
    boolean move = write instanceof Writes.SetHeat;
    UUID named = write instanceof Writes.SetHeat set ? set.heating().ovenId() : null;
    boolean shares =
        !(write instanceof Writes.SetHeat set) || Boolean.TRUE.equals(set.sharesHeat());
    Instant at = after.events().get(after.events().size() - 1).at();
    occupancy.take(
        place(row.id(), row.name(), setting, oven(setting, named), at),
        shares,
        move ? OF_A_MOVE : OF_A_CORRECTION);
  }

  /** It stands where it stood before it came off the heat, unless somebody took that place. */
  void back(BatchRow row, SimmerSetting setting, Instant at) {
    occupancy.take(
        place(row.id(), row.name(), setting, oven(setting, null), at), true, OF_A_CORRECTION);
  }

  /** It is off the heat. */
  void off(UUID batch) {
    occupancy.leave(batch);
  }

  private static boolean samePlace(SimmerSetting one, SimmerSetting other) {
    return one.vessel().id().equals(other.vessel().id())
        && one.heatSource().id().equals(other.heatSource().id())
        && onBurner(one) == onBurner(other)
        && inOven(one) == inOven(other);
  }

  private static Place place(
      UUID batch, String name, SimmerSetting setting, @Nullable UUID oven, Instant at) {
    return new Place(
        batch,
        Place.Kind.BATCH,
        name,
        setting.vessel().id(),
        onBurner(setting) ? setting.heatSource().id() : null,
        oven,
        at);
  }

  /** Where a kitchen has one oven, it need not be named. */
  private @Nullable UUID oven(SimmerSetting setting, @Nullable UUID named) {
    if (!inOven(setting)) {
      return null;
    }
    List<OvenView> all = kitchens.view().ovens();
    return named == null && all.size() == 1 ? all.get(0).id() : named;
  }

  private static boolean inOven(SimmerSetting setting) {
    return setting.heating() instanceof Heating.InOven;
  }

  private static boolean onBurner(SimmerSetting setting) {
    return !inOven(setting) && !setting.heating().equals(Heating.BurnerSet.OFF);
  }
}
