package urnstew.app.kitchen;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.kitchen.KitchenView.MeasureView;
import urnstew.app.kitchen.KitchenView.OvenView;
import urnstew.app.kitchen.KitchenView.VesselView;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class EquipmentController {
  private final EquipmentService equipment;

  EquipmentController(EquipmentService equipment) {
    this.equipment = equipment;
  }

  @PostMapping("/vessels")
  @ResponseStatus(HttpStatus.CREATED)
  VesselView addVessel(@Valid @RequestBody VesselEdit vessel, Actor actor) {
    return equipment.add(vessel, actor);
  }

  @PutMapping("/vessels")
  VesselView changeVessel(
      @Valid @RequestBody VesselEdit vessel, @RequestHeader("If-Match") int version, Actor actor) {
    return equipment.change(vessel, version, actor);
  }

  @PutMapping("/vessels/{id}/retired")
  VesselView retireVessel(
      @PathVariable UUID id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.retireVessel(id, version, retired, actor);
  }

  @PostMapping("/heat-sources")
  @ResponseStatus(HttpStatus.CREATED)
  HeatSourceView addHeatSource(@Valid @RequestBody HeatSourceEdit source, Actor actor) {
    return equipment.add(source, actor);
  }

  @PutMapping("/heat-sources")
  HeatSourceView changeHeatSource(
      @Valid @RequestBody HeatSourceEdit source,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.change(source, version, actor);
  }

  @PutMapping("/heat-sources/{id}/retired")
  HeatSourceView retireHeatSource(
      @PathVariable UUID id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.retireHeatSource(id, version, retired, actor);
  }

  @PostMapping("/ovens")
  @ResponseStatus(HttpStatus.CREATED)
  OvenView addOven(@Valid @RequestBody OvenEdit oven, Actor actor) {
    return equipment.add(oven, actor);
  }

  @PutMapping("/ovens")
  OvenView changeOven(
      @Valid @RequestBody OvenEdit oven, @RequestHeader("If-Match") int version, Actor actor) {
    return equipment.change(oven, version, actor);
  }

  @PutMapping("/ovens/{id}/retired")
  OvenView retireOven(
      @PathVariable UUID id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.retireOven(id, version, retired, actor);
  }

  @PostMapping("/cold-places")
  @ResponseStatus(HttpStatus.CREATED)
  ColdPlaceView addColdPlace(@Valid @RequestBody ColdPlaceEdit place, Actor actor) {
    return equipment.add(place, actor);
  }

  @PutMapping("/cold-places")
  ColdPlaceView changeColdPlace(
      @Valid @RequestBody ColdPlaceEdit place,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.change(place, version, actor);
  }

  @PutMapping("/cold-places/{id}/retired")
  ColdPlaceView retireColdPlace(
      @PathVariable UUID id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.retireColdPlace(id, version, retired, actor);
  }

  @PostMapping("/measures")
  @ResponseStatus(HttpStatus.CREATED)
  MeasureView addMeasure(@Valid @RequestBody MeasureEdit measure, Actor actor) {
    return equipment.add(measure, actor);
  }

  @PutMapping("/measures")
  MeasureView changeMeasure(
      @Valid @RequestBody MeasureEdit measure,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.change(measure, version, actor);
  }

  @PutMapping("/measures/{id}/retired")
  MeasureView retireMeasure(
      @PathVariable UUID id,
      @RequestParam boolean retired,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.retireMeasure(id, version, retired, actor);
  }

  @PutMapping("/heat-sources/{id}/timing")
  HeatSourceView timeHeatSource(
      @PathVariable UUID id,
      @Valid @RequestBody BoilTiming timing,
      @RequestHeader("If-Match") int version,
      Actor actor) {
    return equipment.time(id, timing, version, actor);
  }
}
