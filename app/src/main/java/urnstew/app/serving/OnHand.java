package urnstew.app.serving;

import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.pantry.PantryService;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.pantry.Ingredient;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** What the kitchen has to serve with: a pot, a burner, goods. */
@Component
class OnHand {
  private static final int MORE_DROPS = 2;

  private final PantryService pantry;
  private final KitchenService kitchens;
  private final EquipmentService equipment;

  OnHand(PantryService pantry, KitchenService kitchens, EquipmentService equipment) {
    this.pantry = pantry;
    this.kitchens = kitchens;
    this.equipment = equipment;
  }

  /** The one that was chosen, else one that nothing else of the meal is in. */
  Vessel pot(@Nullable UUID id, Mass raw, PastaAtStove.Way way, InUse inUse) {
    Vessel pot = id == null ? free(raw, way, inUse) : equipment.vessel(id).vessel();
    inUse.take(pot.id());
    return pot;
  }

  /** A free one, unless it would take many drops more than the best of all. */
  private Vessel free(Mass raw, PastaAtStove.Way way, InUse inUse) {
    Vessel best = PastaAtStove.potFor(raw, way, equipment.vessels());
    Vessel free = PastaAtStove.potFor(raw, way, inUse.free(equipment.vessels()));
    boolean worse =
        PastaAtStove.drops(raw, way, free) > MORE_DROPS * PastaAtStove.drops(raw, way, best);
    return worse ? best : free;
  }

  /** The one that was chosen, else the strongest that nothing else of the meal stands on. */
  HeatSource burner(@Nullable UUID id, InUse inUse) {
    HeatSource burner =
        id == null
            ? strongest(Comparator.comparing(inUse::isFree))
            : equipment.heatSource(id).heatSource();
    inUse.take(burner.id());
    return burner;
  }

  /** Of all burners. */
  HeatSource strongest() {
    return strongest((one, other) -> 0);
  }

  private HeatSource strongest(Comparator<HeatSource> first) {
    return kitchens.view().heatSources().stream()
        .map(HeatSourceView::heatSource)
        .max(first.thenComparing(HeatSource::powerIntoPot))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "burner",
                    "none",
                    "The kitchen has no burner.",
                    "a burner in the kitchen",
                    "Add a burner to the kitchen."));
  }

  /** What holds most beside each other. */
  Vessel widest() {
    return equipment.vessels().stream()
        .filter(vessel -> !vessel.tray())
        .max(Comparator.comparing(vessel -> vessel.shape().floor().squareMeters()))
        .orElseThrow(
            () ->
                new InvalidInput(
                    "besides", "no-pot", "The kitchen has no pot.", "a pot", "Add a pot."));
  }

  VesselShape shape(UUID vesselId) {
    return equipment.vessel(vesselId).vessel().shape();
  }

  /** Equivalent solids below which a sauce only coats. */
  double coatingBelowFraction() {
    return kitchens.settings().coatingBelowFraction();
  }

  Surroundings surroundings() {
    return kitchens.settings().surroundings();
  }

  Ingredient ingredient(String id) {
    return pantry.pantry().ingredient(id);
  }
}
