package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import urnstew.app.kitchen.KitchenTime;
import urnstew.app.sizing.DishHours;
import urnstew.app.sizing.MealSheet;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.core.serving.PickUps;
import urnstew.units.InvalidInput;

/**
 * When a service can begin, when its dishes go out, and until when it is looked at.
 *
 * @param from a whole five minutes, so that a moment later is the same question
 * @param dishes in their order
 * @param end how late anything could be
 */
record ServiceHours(Instant from, List<PickUps> dishes, Instant end) {
  /** What is soaked over night is begun in time. */
  private static final Duration AHEAD = Duration.ofHours(16);

  private static final Duration LATE = Duration.ofHours(4);
  static final long STEP_SECONDS = 300;

  ServiceHours {
    dishes = List.copyOf(dishes);
  }

  /** The next time that its hours come. */
  static ServiceHours of(MealSheet sheet, ZoneId zone, Instant now) {
    List<PickUps> dishes =
        sheet.dishes().stream().map(dish -> out(sheet, dish, zone, now)).toList();
    Instant first =
        dishes.stream()
            .map(PickUps::first)
            .min(Instant::compareTo)
            .orElseThrow(ServiceHours::noDish);
    Instant last = dishes.stream().map(PickUps::last).max(Instant::compareTo).orElseThrow();
    Instant next = now.truncatedTo(ChronoUnit.MINUTES);
    Instant step =
        next.plusSeconds(STEP_SECONDS - Math.floorMod(next.getEpochSecond(), STEP_SECONDS));
    Instant early = first.minus(AHEAD);
    return new ServiceHours(early.isAfter(step) ? early : step, dishes, last.plus(LATE));
  }

  private static PickUps out(MealSheet sheet, DishSheet dish, ZoneId zone, Instant now) {
    DishHours hours = DishHours.of(sheet, dish).orElseThrow(ServiceHours::noHour);
    return hours.out(dish.covers(), KitchenTime.toCome(hours.from(), null, zone, now));
  }

  private static InvalidInput noHour() {
    return new InvalidInput(
        "servedLocalTime",
        "missing",
        "Nobody has said when the plates go out.",
        "an hour, such as 18:30",
        "Type the hour of the service.");
  }

  private static InvalidInput noDish() {
    return new InvalidInput(
        "dishes", "missing", "There is no dish in it.", "at least one dish", "Add a dish.");
  }
}
