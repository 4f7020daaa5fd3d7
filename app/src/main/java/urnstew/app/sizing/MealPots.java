package urnstew.app.sizing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenTime;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.occupancy.Places;
import urnstew.app.sizing.Meal.Common;
import urnstew.app.sizing.Meal.FromBase;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.plan.Placing;
import urnstew.core.plan.Placing.Cooked;
import urnstew.core.sizing.Dish;
import urnstew.units.MassFraction;

/** The pots of a meal, in what of the kitchen is free when they are lit. */
@Component
class MealPots {
  private static final Duration LIT_BEFORE = Duration.ofHours(3);

  private final KitchenService kitchens;
  private final EquipmentService equipment;
  private final Places places;
  private final Clock clock;

  MealPots(KitchenService kitchens, EquipmentService equipment, Places places, Clock clock) {
    this.kitchens = kitchens;
    this.equipment = equipment;
    this.places = places;
    this.clock = clock;
  }

  /** Pots in which something else still is when the first are lit. */
  Set<UUID> taken(MealSheet sheet) {
    return places.potsTakenAt(begins(sheet));
  }

  /** About; now where nobody has said an hour. */
  private Instant begins(MealSheet sheet) {
    Instant now = clock.instant();
    LocalTime hour = sheet.servedLocalTime();
    if (hour == null) {
      return now;
    }
    Instant served = KitchenTime.toCome(hour, null, kitchens.settings().zoneId(), now);
    Instant lit = served.minus(LIT_BEFORE);
    return lit.isAfter(now) ? lit : now;
  }

  /**
   * Every pot of a meal where it is cooked: bases first, in their order, then the dishes, those
   * that go on from a share of a base among them.
   */
  List<Placing> placings(
      MealSheet sheet,
      List<Common> bases,
      List<Dish> dishes,
      Map<Integer, FromBase> shares,
      Set<UUID> taken) {
    List<Cooked> pots = new ArrayList<>();
    for (Common common : bases) {
      common
          .base()
          .made()
          .ifPresent(
              made ->
                  pots.add(
                      new Cooked(
                          common.base().name(), made.batch(), made.batch().formula().target())));
    }
    for (int place = 0; place < dishes.size(); place++) {
      ResolvedFormula batch = dishes.get(place).batch();
      DishSheet dish = sheet.dishes().get(place);
      if (hasPot(Optional.ofNullable(shares.get(place)), dish, bases)) {
        pots.add(new Cooked(batch.formula().name(), batch, target(dish, batch)));
      }
    }
    return Placing.of(
        pots,
        equipment.vessels().stream().filter(pot -> !taken.contains(pot.id())).toList(),
        kitchens.view().heatSources().stream().map(HeatSourceView::heatSource).toList(),
        kitchens.settings().surroundings().altitude().boilingPoint());
  }

  /** Whether a dish is cooked, finished or heated in a pot of its own, and not in its base's. */
  static boolean hasPot(Optional<FromBase> from, DishSheet sheet, List<Common> bases) {
    return from.filter(base -> base.isAll(sheet)).isEmpty()
        || bases.stream()
            .filter(base -> from.orElseThrow().isOf(base.formulaId()))
            .allMatch(base -> base.base().made().isEmpty());
  }

  /** Its own thickness, else that of its formula. */
  static Optional<MassFraction> target(DishSheet sheet, ResolvedFormula formula) {
    Double target = sheet.targetSolidsFraction();
    return target == null ? formula.formula().target() : Optional.of(new MassFraction(target));
  }
}
