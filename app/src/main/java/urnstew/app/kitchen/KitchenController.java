package urnstew.app.kitchen;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.platform.Actor;
import urnstew.units.Temperature;

@RestController
@RequestMapping(path = "/api/kitchen", produces = MediaType.APPLICATION_JSON_VALUE)
class KitchenController {
  private final KitchenService kitchens;

  KitchenController(KitchenService kitchens) {
    this.kitchens = kitchens;
  }

  @GetMapping
  KitchenView kitchen() {
    return kitchens.view();
  }

  /** The height of a place by what a thermometer shows in boiling water there. */
  @GetMapping("/altitude")
  BoiledAltitude altitude(@RequestParam double boilingPointCelsius) {
    return kitchens.boilingAt(new Temperature(boilingPointCelsius));
  }

  @PutMapping
  KitchenView changeKitchen(
      @Valid @RequestBody KitchenEdit edit, @RequestHeader("If-Match") int version, Actor actor) {
    return kitchens.change(edit, version, actor);
  }
}
