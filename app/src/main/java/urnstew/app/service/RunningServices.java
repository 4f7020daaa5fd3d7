package urnstew.app.service;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import urnstew.app.batch.Writes.Stamp;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.service.ServiceBench.Asked;
import urnstew.app.service.ServiceView.ServiceNameView;
import urnstew.app.service.ServiceWrites.End;
import urnstew.app.service.ServiceWrites.Reopen;
import urnstew.app.service.ServiceWrites.Said;
import urnstew.app.service.ServiceWrites.Say;
import urnstew.app.service.ServiceWrites.Start;
import urnstew.app.service.ServiceWrites.TakeCalendar;
import urnstew.app.sizing.MealService;
import urnstew.core.bench.Outcome;
import urnstew.units.InvalidInput;

/** Services that go on, and those that are over. */
@Service
public class RunningServices {
  private final ServiceBench bench;
  private final ServiceWriter writer;
  private final ServiceStates states;
  private final ServiceViews views;
  private final ServicePlanner planner;
  private final MealService meals;
  private final KitchenService kitchens;
  private final Clock clock;

  RunningServices(
      ServiceBench bench,
      ServiceWriter writer,
      ServiceStates states,
      ServiceViews views,
      ServicePlanner planner,
      MealService meals,
      KitchenService kitchens,
      Clock clock) {
    this.bench = bench;
    this.writer = writer;
    this.states = states;
    this.views = views;
    this.planner = planner;
    this.meals = meals;
    this.kitchens = kitchens;
    this.clock = clock;
  }

  List<ServiceNameView> all() {
    return views.all();
  }

  ServiceView one(UUID id) {
    return views.of(id);
  }

  /** Run sheets and the pass, to print. */
  byte[] sheets(UUID id) {
    ServiceView service = views.of(id);
    return new SheetsPrint(
            service.bench(), meals.one(service.mealId()), kitchens.settings().printed())
        .pdf();
  }

  /** Its works as a calendar: of one cook, or of all. */
  byte[] calendar(UUID id, Optional<String> cook) {
    return new ServiceCalendar(views.of(id).bench(), cook).ics();
  }

  /** Why the rest of it cannot be had, as it was planned the last time. */
  BenchConflictView conflict(UUID id) {
    ServiceState state = states.of(id);
    return bench.conflict(state.asked(ServicePlans.last(state).moment()));
  }

  /**
   * Starts a meal as the bench says that it goes, by the application's own clock.
   *
   * @param id of the service
   */
  public void start(UUID id, UUID mealId, Actor actor) {
    Instant now = clock.instant();
    start(new Start(id, mealId, new Stamp(now, now, null)), actor);
  }

  /** Starts as the bench says that it goes; nothing is held while the solver works. */
  Said start(Start write, Actor actor) {
    if (!writer.isStarted(write)) {
      Asked asked = bench.asked(write.mealId());
      Outcome outcome = bench.outcome(asked.service(), Optional.empty());
      BenchView drawn = ServiceBench.view(asked, asked.service(), outcome);
      if (drawn.work().isEmpty()) {
        throw new InvalidInput(
            "mealId",
            "no-schedule",
            "Nobody found an order in which it can be cooked.",
            "a meal that the bench can place",
            "Look at its bench: more hands, another hour, or fewer dishes.");
      }
      ServicePlan plan = ServicePlans.of(drawn, clock.instant(), Optional.empty());
      writer.start(write, asked.name(), asked.setup(), plan, actor);
    }
    return new Said(write.id(), write.id(), views.of(write.id()).startedAt());
  }

  Said say(UUID id, Say write, Actor actor) {
    Said said = new Said(id, write.id(), writer.say(id, write, actor));
    planner.soon(id);
    return said;
  }

  Said take(UUID id, TakeCalendar write, Actor actor) {
    Said said = new Said(id, write.id(), writer.take(id, write, actor));
    planner.soon(id);
    return said;
  }

  Said end(UUID id, End write, Actor actor) {
    writer.end(id, write, actor);
    return new Said(id, write.id(), clock.instant());
  }

  Said reopen(UUID id, Reopen write, Actor actor) {
    writer.reopen(id, write, actor);
    planner.soon(id);
    return new Said(id, write.id(), clock.instant());
  }
}
