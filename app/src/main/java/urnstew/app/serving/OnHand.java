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
  private final PantryService pantry;
  private final KitchenService kitchens;
  private final EquipmentService equipment;

  OnHand(PantryService pantry, KitchenService kitchens, EquipmentService equipment) {
    this.pantry = pantry;
    this.kitchens = kitchens;
    this.equipment = equipment;
  }

  Vessel pot(@Nullable UUID id, Mass raw, PastaAtStove.Way way) {
    return id == null
        ? PastaAtStove.potFor(raw, way, equipment.vessels())
        : equipment.vessel(id).vessel();
  }

  HeatSource burner(@Nullable UUID id) {
    if (id != null) {
      return equipment.heatSource(id).heatSource();
    }
    return kitchens.view().heatSources().stream()
        .map(HeatSourceView::heatSource)
        .max(Comparator.comparing(HeatSource::powerIntoPot))
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
