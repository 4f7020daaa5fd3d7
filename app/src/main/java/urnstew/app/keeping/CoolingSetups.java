package urnstew.app.keeping;

import static urnstew.app.platform.Fields.at;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenView.ColdPlaceView;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.cooling.ColdSpot;
import urnstew.core.cooling.CoolingForecast;
import urnstew.core.cooling.CoolingPan;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.cooling.CoolingWays;
import urnstew.core.rules.RuleSet;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/** Pans and cold places of this kitchen as the core knows them, and back. */
@Component
class CoolingSetups {
  private static final int MOST_WAYS = 3;

  private final EquipmentService equipment;
  private final KitchenService kitchens;

  CoolingSetups(EquipmentService equipment, KitchenService kitchens) {
    this.equipment = equipment;
    this.kitchens = kitchens;
  }

  /** A way to cool in time, and what is written when it is taken. */
  record Way(CoolingForecast forecast, KeepingWrites.Setup setup) {}

  private CoolingSetup of(KeepingWrites.Setup choice, RuleSet rules, String field) {
    ColdSpot spot = spot(choice.place(), choice.coldPlaceId(), field);
    return new CoolingSetup(
        pan(choice),
        choice.count(),
        spot,
        choice.covered(),
        Optional.ofNullable(choice.stirredEveryMinutes()).map(Duration::ofMinutes),
        onward(choice, spot, rules));
  }

  /** Pots have names, so that there is one of each; trays come in stacks. */
  private CoolingPan pan(KeepingWrites.Setup choice) {
    CoolingPan pan = CoolingPan.of(equipment.vessel(choice.vesselId()).vessel());
    if (pan.most() == 1 && choice.count() > 1) {
      throw new InvalidInput(
          "setup.count",
          "one-of-it",
          "There is one '" + pan.name() + "', not " + choice.count() + ".",
          "1",
          "Take trays, or begin a second cooling in another pot.");
    }
    return pan;
  }

  /**
   * The same, and the sauce goes in.
   *
   * @param rules that say when it goes on, where that is not chosen
   */
  CoolingSetup fitting(KeepingWrites.Setup choice, CoolingSauce sauce, RuleSet rules) {
    return at(
        "setup.count",
        () -> {
          CoolingSetup setup = of(choice, rules, "setup");
          setup.depth(sauce);
          return setup;
        });
  }

  private Optional<CoolingSetup.Onward> onward(
      KeepingWrites.Setup choice, ColdSpot spot, RuleSet rules) {
    UUID then = choice.thenPlaceId();
    if (then == null) {
      return Optional.empty();
    }
    Temperature below =
        Optional.ofNullable(choice.thenBelowCelsius())
            .map(Temperature::ofCelsius)
            .orElseGet(() -> CoolingWays.onwardBelow(rules));
    ColdSpot air = measured(equipment.coldPlace(then));
    return Optional.of(
        new CoolingSetup.Onward(below, spot.place().bath() ? spot.under(air.warmest()) : air));
  }

  private ColdSpot spot(ColdPlace place, @Nullable UUID coldPlaceId, String field) {
    if (coldPlaceId != null) {
      return measured(equipment.coldPlace(coldPlaceId));
    }
    if (!place.bath() && place != ColdPlace.BENCH) {
      throw new InvalidInput(
          field + ".coldPlaceId",
          "missing",
          "Which refrigerator or chiller is not said.",
          "one of this kitchen's cold places",
          "Choose it, or add it under Kitchen.");
    }
    return ColdSpot.usual(place, room());
  }

  private Temperature room() {
    return Temperature.ofCelsius(kitchens.settings().roomCelsius());
  }

  private ColdSpot measured(ColdPlaceView place) {
    if (place.kind() == ColdKind.FREEZER) {
      throw new InvalidInput(
          "setup.coldPlaceId",
          "freezer",
          "A hot pan warms what lies frozen.",
          "a refrigerator, a chiller, ice or water",
          "Cool it first, then freeze it.");
    }
    return ColdSpot.measured(
        ColdPlace.valueOf(place.kind().name()), Temperature.ofCelsius(place.celsius()), room());
  }

  /** The least work that cools it in time, with what this kitchen has. */
  List<Way> ways(CoolingSauce sauce, Temperature start, RuleSet rules) {
    Map<CoolingPan, UUID> pans = new LinkedHashMap<>();
    equipment.freeVessels().forEach(vessel -> pans.putIfAbsent(CoolingPan.of(vessel), vessel.id()));
    Map<ColdSpot, ColdPlaceView> places = new LinkedHashMap<>();
    equipment.coldPlaces().stream()
        .filter(place -> place.kind() != ColdKind.FREEZER)
        .forEach(place -> places.putIfAbsent(measured(place), place));
    List<ColdSpot> spots = new ArrayList<>(places.keySet());
    spots.add(ColdSpot.usual(ColdPlace.ICE_BATH, room()));
    return new CoolingWays(sauce, start, rules)
        .that(List.copyOf(pans.keySet()), spots).stream()
            .limit(MOST_WAYS)
            .map(forecast -> way(forecast, pans, places))
            .toList();
  }

  private Way way(
      CoolingForecast forecast, Map<CoolingPan, UUID> pans, Map<ColdSpot, ColdPlaceView> places) {
    CoolingSetup setup = forecast.setup();
    ColdPlaceView own = places.get(setup.spot());
    Optional<ColdPlaceView> then =
        setup
            .onward()
            .flatMap(
                onward ->
                    places.entrySet().stream()
                        .filter(entry -> entry.getKey().warmest().equals(onward.spot().room()))
                        .map(Map.Entry::getValue)
                        .findFirst());
    UUID vessel = pans.get(setup.pan());
    if (vessel == null) {
      throw new IllegalStateException("A way has a pan that nobody offered.");
    }
    return new Way(
        forecast,
        new KeepingWrites.Setup(
            vessel,
            setup.count(),
            setup.spot().place(),
            own == null ? null : own.id(),
            setup.covered(),
            null,
            then.map(ColdPlaceView::id).orElse(null),
            setup.onward().map(onward -> onward.below().celsius()).orElse(null)));
  }
}
