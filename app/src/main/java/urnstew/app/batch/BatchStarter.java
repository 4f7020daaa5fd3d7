package urnstew.app.batch;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import urnstew.app.batch.BatchEntries.Recorded;
import urnstew.app.batch.Writes.StartBatch;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.plan.PlanRequest;
import urnstew.app.plan.PlanService;
import urnstew.app.plan.PlanView;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.Write;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Heating;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Power;

/** Lights the burner: freezes everything the batch was planned from. */
@Service
public class BatchStarter {
  private final BatchMapper batches;
  private final PlanService plans;
  private final BatchPlaces places;
  private final TubShelf tubs;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  BatchStarter(
      BatchMapper batches,
      PlanService plans,
      BatchPlaces places,
      TubShelf tubs,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.batches = batches;
    this.plans = plans;
    this.places = places;
    this.tubs = tubs;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /** Starts a batch, once. */
  @Write
  public Recorded start(StartBatch write, Actor actor) {
    writes.once(write.id(), "batch", write, () -> started(write, actor));
    return batches
        .recorded(write.id())
        .orElseThrow(
            () -> new ConflictException("This batch was lit and taken back.", "Light it anew."));
  }

  private void started(StartBatch write, Actor actor) {
    KitchenSettings kitchen = kitchens.settings();
    Instant received = clock.instant();
    Instant lit = write.stamp().happened(received, kitchen.zoneId());
    PlanInputs inputs = plans.inputs(write.plan());
    requireRead(inputs.formula());
    Plan plan = PlanService.plan(inputs);
    BatchSnapshot snapshot =
        new BatchSnapshot(
            inputs,
            plan.preparation().time(),
            kitchen.instruments(),
            at("timeScale", () -> new BatchClock(lit, write.timeScale())),
            BatchSnapshot.MODEL_VERSION);
    Map<UUID, Mass> taken = taken(write.plan(), plan.size().batch());
    taken.keySet().forEach(tubs::hold);
    places.lit(write, inputs.formula().formula().name(), inputs.setting(), lit);
    batches.start(row(write, actor, snapshot, plan, received));
    taken.forEach((lot, mass) -> tubs.goOn(lot, write.id(), mass, lit, actor));
  }

  /** What it takes out of tubs, by lot; in the order in which everybody holds them. */
  private static Map<UUID, Mass> taken(PlanRequest plan, ResolvedFormula batch) {
    Map<UUID, Mass> taken = new TreeMap<>(Comparator.comparing(UUID::toString));
    Mass parts = Mass.ZERO;
    for (PlanRequest.FromTub part : plan.partsFromTubs()) {
      Mass mass = batch.taken(part.formulaId());
      taken.merge(part.lotId(), mass, Mass::plus);
      parts = parts.plus(mass);
    }
    UUID lot = plan.goesOnLotId();
    if (lot != null) {
      taken.merge(lot, kept(batch).minus(parts), Mass::plus);
    }
    return taken;
  }

  /** All that is not made now. */
  private static Mass kept(ResolvedFormula batch) {
    return batch.portions().stream()
        .filter(portion -> !batch.toGet().contains(portion))
        .map(ResolvedFormula.Portion::mass)
        .reduce(Mass.ZERO, Mass::plus);
  }

  /** What nobody has read is not cooked. */
  private static void requireRead(ResolvedFormula all) {
    Formula formula = all.formula();
    List<String> unread =
        Stream.concat(
                formula.unread().stream(),
                all.parts().stream().flatMap(part -> part.formula().formula().unread().stream()))
            .toList();
    if (!unread.isEmpty()) {
      throw new InvalidInput(
          "plan.formulaId",
          "unfinished",
          "'"
              + formula.name()
              + "' has lines that nobody has read: "
              + String.join("; ", unread)
              + ".",
          "no line unread",
          "Open it in the editor and say what each is, or drop it.");
    }
  }

  private BatchRow row(
      StartBatch write, Actor actor, BatchSnapshot snapshot, Plan plan, Instant received) {
    PlanInputs inputs = snapshot.inputs();
    KitchenSettings kitchen = kitchens.settings();
    Forecast first = Forecaster.forecast(new BatchHistory(snapshot, List.of()), received);
    ForecastView forecast = ForecastView.of(first, snapshot.clock(), kitchen);
    PlanView planned = PlanView.of(inputs, plan, kitchen);
    return new BatchRow(
        write.id(),
        inputs.formula().formula().name(),
        inputs.vessel().id(),
        inputs.vessel().name(),
        Status.SIMMERING,
        snapshot.clock().startedAt(),
        snapshot.clock().timeScale(),
        1,
        snapshot.modelVersion(),
        BatchDocuments.SNAPSHOT.write(snapshot),
        BatchDocuments.PLANNED.write(new Planned(planned, forecast)),
        BatchDocuments.FORECAST.write(forecast),
        actor.name(),
        forecast.thickAt(),
        plan.size().end().total().kilograms(),
        null,
        null,
        null,
        null,
        inputs.formula().formula().id(),
        planned.cost() == null ? null : planned.cost().used().doubleValue(),
        inputs.setting().heatSource().id(),
        heated(inputs.setting().heating()),
        inputs.setting().heatSource().labelPower().watts(),
        inputs.setting().heatSource().measuredPower().map(Power::watts).orElse(null),
        null,
        first.reckonAgainAt().orElse(null));
  }

  /** How it was heated, as later batches ask for it. */
  private static String heated(Heating heating) {
    if (heating instanceof Heating.BurnerSet) {
      return "BURNER_SET";
    }
    return heating instanceof Heating.InOven ? "IN_OVEN" : "KEPT_BY_EYE";
  }
}
