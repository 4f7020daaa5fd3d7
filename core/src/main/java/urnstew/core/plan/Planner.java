package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import urnstew.core.explain.Caution;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Outcome;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Prediction;
import urnstew.core.reduction.Reduction;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Sizing;
import urnstew.units.Temperature;

/** Computes a plan: size, fit, fall and hours. */
public final class Planner {
  private static final long CLOCK_STEP_SECONDS = 300;
  private static final double SHALLOW_METERS = 0.02;

  private Planner() {}

  /**
   * Plans one batch.
   *
   * @throws urnstew.units.InvalidInput if the target is thinner than the start or the batch does
   *     not go into the pot
   */
  public static Plan plan(PlanInputs inputs) {
    BatchSize size =
        Sizing.size(inputs.formula(), inputs.need(), inputs.target(), inputs.wholePacks());
    PotFit fit = PotFit.of(size, inputs.vessel(), keptTemperature(inputs));
    Prediction prediction =
        Reduction.predict(inputs.setting(), size.start(), inputs.target(), List.of());
    Timing timing = timing(inputs, prediction);
    return new Plan(
        size,
        fit,
        prediction,
        timing,
        cautions(inputs, fit, timing),
        new PlanWorkings(inputs, size, fit, prediction, timing).all());
  }

  static Temperature keptTemperature(PlanInputs inputs) {
    return inputs
        .setting()
        .surroundings()
        .altitude()
        .boilingPoint()
        .minus(inputs.setting().level().belowBoil());
  }

  /** Lit so that even the slow edge of the band is on the table in time, on a five-minute mark. */
  private static Timing timing(PlanInputs inputs, Prediction prediction) {
    if (prediction.likely().outcome() instanceof NeverReaches never) {
      return new NotReached(never.why());
    }
    Duration lead = inputs.formula().leadTime();
    Duration finish = inputs.formula().finishTime();
    Duration late = after(prediction.late().outcome());
    Instant wanted = inputs.readyBy().minus(lead).minus(late).minus(finish);
    Instant onTheClock =
        Instant.ofEpochSecond(
            Math.floorDiv(wanted.getEpochSecond(), CLOCK_STEP_SECONDS) * CLOCK_STEP_SECONDS);
    Instant lightAt = onTheClock.isBefore(inputs.now()) ? inputs.now() : onTheClock;
    Instant simmerAt = lightAt.plus(lead);
    Instant latest = simmerAt.plus(late);
    return new Scheduled(
        lightAt,
        simmerAt,
        simmerAt.plus(after(prediction.likely().outcome())),
        simmerAt.plus(after(prediction.early().outcome())),
        latest,
        Duration.between(latest.plus(finish), inputs.readyBy()));
  }

  private static Duration after(Outcome outcome) {
    return outcome instanceof Reaches reaches ? reaches.after() : Duration.ofHours(24);
  }

  private static List<Caution> cautions(PlanInputs inputs, PotFit fit, Timing timing) {
    List<Caution> cautions = new ArrayList<>();
    if (!fit.withinHeadroom()) {
      cautions.add(
          new Caution(
              "over-headroom",
              "The pot is too full to bubble safely: it will spatter or boil over. Take a larger"
                  + " pot or make less."));
    }
    if (fit.endDepth().meters() < SHALLOW_METERS) {
      cautions.add(
          new Caution(
              "too-shallow",
              "Less than 2 cm will be left in this pot: it can scorch. Take a narrower pot or stay"
                  + " with it."));
    }
    if (timing instanceof Scheduled scheduled && scheduled.spareAtWorst().isNegative()) {
      cautions.add(
          new Caution(
              "late",
              "Even lit now it may not be ready in time. Simmer harder, take a wider pot, or eat"
                  + " later."));
    }
    if (timing instanceof NotReached never) {
      cautions.add(new Caution("never-thick", never.why().reason()));
    }
    return cautions;
  }
}
