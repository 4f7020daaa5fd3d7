package urnstew.app.service;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenTime;
import urnstew.app.kitchen.KitchenView.HeatSourceView;
import urnstew.app.kitchen.KitchenView.OvenView;
import urnstew.app.occupancy.Place;
import urnstew.app.occupancy.Places;
import urnstew.app.sizing.Meal;
import urnstew.app.sizing.MealSheet;
import urnstew.app.sizing.MealSheet.CookSheet;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Tool;
import urnstew.core.kitchen.Oven;
import urnstew.core.service.Brigade;
import urnstew.core.service.Brigade.Hand;
import urnstew.core.service.Brigade.OvenRoom;
import urnstew.core.service.Brigade.Taken;
import urnstew.units.InvalidInput;

/** Whose hands there are, and what of the kitchen is free. */
@Component
class KitchenBrigade {
  /** Where nobody said who cooks. */
  private static final List<CookSheet> USUAL =
      List.of(new CookSheet("Cook A", null, null), new CookSheet("Cook B", null, null));

  /** From shelf to shelf, with a pan on each (assumption). */
  private static final double SHELF_METERS = 0.12;

  private static final int MOST_COOKS = 12;

  private final KitchenService kitchens;
  private final Places places;
  private final Clock clock;

  KitchenBrigade(KitchenService kitchens, Places places, Clock clock) {
    this.kitchens = kitchens;
    this.places = places;
    this.clock = clock;
  }

  /**
   * From one moment to another.
   *
   * @param machines names of tools of which there is one
   * @param own what stands there for this very service
   */
  Brigade of(List<Hand> hands, Set<String> machines, Instant from, Instant end, Set<UUID> own) {
    return new Brigade(
        hands,
        kitchens.view().heatSources().stream().map(HeatSourceView::heatSource).toList(),
        kitchens.view().ovens().stream().map(OvenView::oven).map(KitchenBrigade::room).toList(),
        places.standing().stream()
            .filter(one -> !own.contains(one.place().holderId()))
            .flatMap(one -> taken(one, from, end))
            .toList(),
        machines);
  }

  private static OvenRoom room(Oven oven) {
    return new OvenRoom(oven, (int) Math.max(1, oven.height().meters() / SHELF_METERS));
  }

  /** Who is there of those that a meal names. */
  List<Hand> hands(MealSheet sheet, Instant from, Instant end) {
    List<CookSheet> written = sheet.cooks();
    List<CookSheet> cooks = written == null || written.isEmpty() ? USUAL : written;
    if (cooks.size() > MOST_COOKS || names(cooks).size() < cooks.size()) {
      throw new InvalidInput(
          "cooks",
          "names",
          "Every cook needs a name of their own, and no more than twelve can be scheduled.",
          "1 to " + MOST_COOKS + " cooks",
          "Give two of one name a letter.");
    }
    ZoneId zone = kitchens.settings().zoneId();
    return cooks.stream()
        .map(
            cook ->
                new Hand(
                    cook.name(),
                    hour(cook.comesLocalTime(), zone, from, from),
                    hour(cook.leavesLocalTime(), zone, from, end)))
        .toList();
  }

  private static Set<String> names(List<CookSheet> cooks) {
    return cooks.stream().map(CookSheet::name).collect(Collectors.toSet());
  }

  private static Instant hour(
      @Nullable LocalTime local, ZoneId zone, Instant from, Instant otherwise) {
    return local == null ? otherwise : KitchenTime.toCome(local, null, zone, from);
  }

  private Stream<Taken> taken(Places.Standing one, Instant from, Instant end) {
    Instant leaves = one.until(seen(from));
    Instant until = leaves.isAfter(end) ? end : leaves;
    Place place = one.place();
    if (!until.isAfter(from)) {
      return Stream.empty();
    }
    return Stream.of(place.vesselId(), place.heatSourceId(), place.ovenId())
        .flatMap(KitchenBrigade::there)
        .map(id -> new Taken(id.toString(), from, until));
  }

  /** In whole steps: what nobody knows the end of is the same question a moment later. */
  private Instant seen(Instant from) {
    Instant now = clock.instant();
    long past = Math.floorMod(now.getEpochSecond(), ServiceHours.STEP_SECONDS);
    Instant step = now.truncatedTo(ChronoUnit.SECONDS).minusSeconds(past);
    return from.isAfter(step) ? from : step;
  }

  private static Stream<UUID> there(@Nullable UUID id) {
    return Stream.ofNullable(id);
  }

  /** What stages name: there is one of each. */
  static Set<String> machines(Meal meal) {
    Stream<ResolvedFormula> batches =
        Stream.concat(
            meal.bases().stream().flatMap(base -> base.base().made().stream()).map(m -> m.batch()),
            meal.dishes().stream().map(dish -> dish.dish().batch()));
    return batches
        .flatMap(batch -> batch.formula().stages().stream())
        .flatMap(stage -> stage.course().tools().stream())
        .map(Tool::name)
        .collect(Collectors.toSet());
  }
}
