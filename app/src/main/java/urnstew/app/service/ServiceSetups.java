package urnstew.app.service;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.service.ServiceSetup.Hands;
import urnstew.app.service.ServiceSetup.Hour;
import urnstew.app.service.ServiceSetup.TakeOut;
import urnstew.app.sizing.Meal;
import urnstew.app.sizing.MealService;
import urnstew.app.sizing.MealService.Worked;
import urnstew.core.service.HandsLearnt;
import urnstew.core.serving.PickUps;
import urnstew.core.task.Task;

/** What a meal would be as a service, the next time that its hours come. */
@Component
class ServiceSetups {
  private final MealService meals;
  private final ServiceWork work;
  private final KitchenBrigade brigades;
  private final KitchenHands hands;
  private final KitchenService kitchens;
  private final Clock clock;

  ServiceSetups(
      MealService meals,
      ServiceWork work,
      KitchenBrigade brigades,
      KitchenHands hands,
      KitchenService kitchens,
      Clock clock) {
    this.meals = meals;
    this.work = work;
    this.brigades = brigades;
    this.hands = hands;
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** A meal that could be served. */
  record Meant(String name, int version, ServiceSetup setup) {}

  @Transactional(readOnly = true)
  Meant of(UUID meal) {
    return of(meal, clock.instant());
  }

  /**
   * A service that goes on, of its meal as it is written now: on the day and from the moment that
   * it was started for, and whatever it has already in the pots that it has.
   */
  ServiceSetup again(UUID meal, Instant startedAt, ServiceSetup before) {
    ServiceSetup now = of(meal, startedAt).setup();
    Map<String, Task> known =
        before.tasks().stream().collect(Collectors.toMap(Task::key, Function.identity()));
    Map<String, ServiceSetup.Pot> pots =
        before.pots().stream()
            .collect(Collectors.toMap(ServiceSetup.Pot::subjectId, Function.identity()));
    return new ServiceSetup(
        before.from(),
        now.end().isAfter(before.end()) ? now.end() : before.end(),
        now.hours(),
        now.takeOuts(),
        before.hands(),
        now.machines(),
        now.tasks().stream()
            .map(
                task ->
                    Optional.ofNullable(known.get(task.key()))
                        .map(was -> task.holding(was.needs()))
                        .orElse(task))
            .toList(),
        now.pots().stream().map(pot -> pots.getOrDefault(pot.subjectId(), pot)).toList(),
        now.learnt());
  }

  private Meant of(UUID meal, Instant at) {
    Worked worked = meals.worked(meal);
    ServiceHours hours = ServiceHours.of(worked.sheet(), kitchens.settings().zoneId(), at);
    HandsLearnt learnt = hands.learnt();
    ServiceWork.Work all = work.of(meal, worked, hours.dishes());
    return new Meant(
        worked.sheet().name(),
        worked.version(),
        new ServiceSetup(
            hours.from(),
            hours.end(),
            plates(worked.meal(), hours.dishes()),
            takeOuts(worked.meal()),
            brigades.hands(worked.sheet(), hours.from(), hours.end()),
            KitchenBrigade.machines(worked.meal()).stream().sorted().toList(),
            all.tasks().stream().map(learnt::of).toList(),
            all.pots(),
            hands(learnt)));
  }

  private static List<Hands> hands(HandsLearnt learnt) {
    return learnt.byKind().entrySet().stream()
        .sorted(Map.Entry.comparingByKey())
        .map(one -> new Hands(one.getKey(), one.getValue().ratio(), one.getValue().works()))
        .toList();
  }

  private static List<Hour> plates(Meal meal, List<PickUps> hours) {
    return IntStream.range(0, hours.size())
        .mapToObj(
            place -> {
              PickUps out = hours.get(place);
              return new Hour(
                  meal.dishes().get(place).dish().batch().formula().name(),
                  out.covers(),
                  out.first(),
                  Optional.of(out.last()).filter(last -> out.isWindow()));
            })
        .toList();
  }

  private static List<TakeOut> takeOuts(Meal meal) {
    return meal.batches().stream()
        .flatMap(
            batch ->
                batch.formula().stages().stream()
                    .flatMap(stage -> stage.takeOuts().stream())
                    .map(what -> new TakeOut(batch.formula().name(), what)))
        .distinct()
        .toList();
  }
}
