package urnstew.app.kitchen;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.kitchen.KitchenView.MeasureView;
import urnstew.app.kitchen.KitchenView.OvenView;
import urnstew.app.kitchen.KitchenView.VesselView;
import urnstew.app.occupancy.OccupancyService;
import urnstew.app.occupancy.Place;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.units.InvalidInput;

/** Vessels, burners, ovens, cold places and measures. */
@Service
public class EquipmentService {
  private final KitchenMapper kitchens;
  private final OccupancyService occupancy;
  private final IdempotencyStore writes;

  EquipmentService(KitchenMapper kitchens, OccupancyService occupancy, IdempotencyStore writes) {
    this.kitchens = kitchens;
    this.occupancy = occupancy;
    this.writes = writes;
  }

  /** A vessel, retired or not. */
  @Transactional(readOnly = true)
  public VesselView vessel(UUID id) {
    return kitchens.vessel(id).orElseThrow(() -> new NotFoundException("vessel", id));
  }

  /** All vessels in use. */
  @Transactional(readOnly = true)
  public List<Vessel> vessels() {
    return kitchens.vessels().stream().map(VesselView::vessel).toList();
  }

  /** Vessels in which nothing is just now. */
  @Transactional(readOnly = true)
  public List<Vessel> freeVessels() {
    Set<UUID> taken = occupancy.all().stream().map(Place::vesselId).collect(Collectors.toSet());
    return vessels().stream().filter(vessel -> !taken.contains(vessel.id())).toList();
  }

  /** A burner, retired or not. */
  @Transactional(readOnly = true)
  public HeatSourceView heatSource(UUID id) {
    return kitchens.heatSource(id).orElseThrow(() -> new NotFoundException("burner", id));
  }

  /** Adds a vessel, once. */
  @Write
  public VesselView add(VesselEdit vessel, Actor actor) {
    writes.once(vessel.id(), "vessel", vessel.checked(), () -> kitchens.addVessel(vessel));
    return vessel(vessel.id());
  }

  /** Changes the version of a vessel that the cook saw. */
  @Write
  public VesselView change(VesselEdit to, int version, Actor actor) {
    return changed(kitchens.changeVessel(to.checked(), version), () -> vessel(to.id()));
  }

  /** Takes a vessel out of the lists, unless something is in it, or back into them. */
  @Write
  public VesselView retireVessel(UUID id, int version, boolean retired, Actor actor) {
    if (retired) {
      occupancy.requireEmpty(id);
    }
    return changed(kitchens.retireVessel(id, version, retired), () -> vessel(id));
  }

  /** Adds a burner, once. */
  @Write
  public HeatSourceView add(HeatSourceEdit source, Actor actor) {
    writes.once(source.id(), "heat-source", source.checked(), () -> kitchens.addHeatSource(source));
    return heatSource(source.id());
  }

  /** Changes the version of a burner that the cook saw. */
  @Write
  public HeatSourceView change(HeatSourceEdit to, int version, Actor actor) {
    return changed(kitchens.changeHeatSource(to.checked(), version), () -> heatSource(to.id()));
  }

  /** Keeps what a timed boil says of a burner of the version that the cook saw. */
  @Write
  public HeatSourceView time(UUID id, BoilTiming timing, int version, Actor actor) {
    double watts = timing.truePower(heatSource(id), vessel(timing.vesselId()), surroundings());
    return changed(kitchens.measureHeatSource(id, watts, version), () -> heatSource(id));
  }

  private Surroundings surroundings() {
    return kitchens.settings().orElseThrow().surroundings();
  }

  /** Takes a burner out of the lists, or back into them. */
  @Write
  public HeatSourceView retireHeatSource(UUID id, int version, boolean retired, Actor actor) {
    return changed(kitchens.retireHeatSource(id, version, retired), () -> heatSource(id));
  }

  /** An oven, retired or not. */
  @Transactional(readOnly = true)
  public OvenView oven(UUID id) {
    return kitchens.oven(id).orElseThrow(() -> new NotFoundException("oven", id));
  }

  /** Adds an oven, once. */
  @Write
  public OvenView add(OvenEdit oven, Actor actor) {
    writes.once(oven.id(), "oven", oven.checked(), () -> kitchens.addOven(oven));
    return oven(oven.id());
  }

  /** Changes the version of an oven that the cook saw. */
  @Write
  public OvenView change(OvenEdit to, int version, Actor actor) {
    return changed(kitchens.changeOven(to.checked(), version), () -> oven(to.id()));
  }

  /** Takes an oven out of the lists, or back into them. */
  @Write
  public OvenView retireOven(UUID id, int version, boolean retired, Actor actor) {
    return changed(kitchens.retireOven(id, version, retired), () -> oven(id));
  }

  /** A cold place, retired or not. */
  @Transactional(readOnly = true)
  public ColdPlaceView coldPlace(UUID id) {
    return kitchens.coldPlace(id).orElseThrow(() -> new NotFoundException("cold place", id));
  }

  /** All cold places in use. */
  @Transactional(readOnly = true)
  public List<ColdPlaceView> coldPlaces() {
    return kitchens.coldPlaces();
  }

  /** Adds a cold place, once. */
  @Write
  public ColdPlaceView add(ColdPlaceEdit place, Actor actor) {
    writes.once(place.id(), "cold-place", place.checked(), () -> kitchens.addColdPlace(place));
    return coldPlace(place.id());
  }

  /** Changes the version of a cold place that the cook saw. */
  @Write
  public ColdPlaceView change(ColdPlaceEdit to, int version, Actor actor) {
    return changed(kitchens.changeColdPlace(to.checked(), version), () -> coldPlace(to.id()));
  }

  /** Takes a cold place out of the lists, or back into them. */
  @Write
  public ColdPlaceView retireColdPlace(UUID id, int version, boolean retired, Actor actor) {
    return changed(kitchens.retireColdPlace(id, version, retired), () -> coldPlace(id));
  }

  /** Adds a measure, once. */
  @Write
  public MeasureView add(MeasureEdit measure, Actor actor) {
    writes.once(measure.id(), "measure", measure.checked(), () -> added(measure));
    return measure(measure.id());
  }

  /** Changes the version of a measure that the cook saw. */
  @Write
  public MeasureView change(MeasureEdit to, int version, Actor actor) {
    requireFree(to.checked());
    return changed(kitchens.changeMeasure(to, version), () -> measure(to.id()));
  }

  /** Takes a measure out of the lists, or back into them. */
  @Write
  public MeasureView retireMeasure(UUID id, int version, boolean retired, Actor actor) {
    if (!retired) {
      MeasureView back = measure(id);
      requireFree(
          new MeasureEdit(
              back.id(), back.name(), back.ingredientId(), back.massKilograms(), back.massText()));
    }
    return changed(kitchens.retireMeasure(id, version, retired), () -> measure(id));
  }

  private MeasureView measure(UUID id) {
    return kitchens.measure(id).orElseThrow(() -> new NotFoundException("measure", id));
  }

  /** A word means one thing at a time. */
  private void requireFree(MeasureEdit measure) {
    boolean taken =
        kitchens.measures().stream()
            .anyMatch(
                other ->
                    other.name().equals(measure.name())
                        && Objects.equals(other.ingredientId(), measure.ingredientId())
                        && !other.id().equals(measure.id()));
    if (taken) {
      throw new InvalidInput(
          "name",
          "taken",
          "There is a " + measure.name() + " already.",
          "a name that is free",
          "Change that one, or choose another name.");
    }
  }

  private void added(MeasureEdit measure) {
    requireFree(measure);
    kitchens.addMeasure(measure);
  }

  /** Where no row was changed, the thing is not there or has moved on. */
  private static <T> T changed(int rows, Supplier<T> now) {
    T current = now.get();
    if (rows == 0) {
      throw new ConflictException(
          "Somebody else changed this meanwhile.", "Load it again, then change it.");
    }
    return current;
  }
}
