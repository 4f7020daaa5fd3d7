package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import urnstew.core.correction.Prediction;
import urnstew.core.correction.Predictor;
import urnstew.core.formula.AlcoholLeft;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Outcome;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sizing.Amount;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.PackRule;
import urnstew.core.sizing.Sizing;
import urnstew.units.Temperature;

/** Computes a plan: size, fit, fall and hours. */
public final class Planner {
  private static final long CLOCK_STEP_SECONDS = 300;

  private Planner() {}

  /**
   * Plans one batch.
   *
   * @throws urnstew.units.InvalidInput if the target is thinner than the start or the batch does
   *     not go into the pot
   */
  public static Plan plan(PlanInputs inputs) {
    BatchSize size = inputs.size();
    PotFit fit = PotFit.of(size, inputs.vessel(), simmerTemperature(inputs));
    ResolvedFormula batch = size.batch();
    Preparation preparation = Preparation.of(batch, inputs.setting());
    Program program = PotProgram.of(inputs, batch);
    Prediction prediction = Predictor.predict(program, inputs.target(), inputs.prior(), List.of());
    PotFit fullest = fit.along(prediction.likely(), inputs.vessel());
    Timing timing = timing(inputs, preparation.time(), prediction);
    Optional<AlcoholLeft> alcohol = alcohol(size, preparation.time(), prediction.likely());
    return new Plan(
        size,
        fullest,
        preparation,
        program.phases(),
        prediction,
        alcohol,
        timing,
        PlanCautions.of(
            fullest, preparation, prediction.likely(), timing, inputs.equivalentSolids()),
        new PlanWorkings(inputs, size, fullest, preparation, prediction, alcohol, timing).all());
  }

  /**
   * People served when the pot is filled as far as bubbles allow.
   *
   * @param inputs with any number of covers: it is not looked at
   */
  public static double coversToFill(PlanInputs inputs) {
    PlanInputs one = inputs.with(inputs.need().forCovers(1));
    BatchSize size =
        Sizing.size(one.formula(), one.need(), one.equivalentSolids(), PackRule.AS_NEEDED);
    double volume = PotFit.volume(size.start(), simmerTemperature(one)).cubicMeters();
    double capacity = inputs.vessel().shape().capacity().cubicMeters();
    return size.portions() * (1 - Hazard.LIVELY_HEADROOM_SHARE) * capacity / volume;
  }

  /** Of all that is poured before the finish; what boils off before the simmer counts as lost. */
  private static Optional<AlcoholLeft> alcohol(
      BatchSize size, Duration lead, ReductionCurve likely) {
    double poured =
        size.amounts().stream()
            .filter(amount -> amount.portion().role() != StageRole.FINISH)
            .mapToDouble(amount -> ethanol(amount))
            .sum();
    if (poured < 1e-6) {
      return Optional.empty();
    }
    double left = likely.last().contents().everything().ethanolKilograms();
    Duration simmered = lead.plusSeconds((long) likely.last().seconds());
    return Optional.of(AlcoholLeft.between(left / poured, simmered));
  }

  private static double ethanol(Amount amount) {
    return amount
        .portion()
        .ingredient()
        .perKilogram()
        .times(amount.mass().kilograms())
        .ethanolKilograms();
  }

  /** Near enough to how hot it will stand for volumes. */
  public static Temperature simmerTemperature(PlanInputs inputs) {
    Temperature boiling = inputs.setting().surroundings().altitude().boilingPoint();
    return inputs.setting().heating() instanceof SimmeredByEye byEye
        ? boiling.minus(byEye.level().belowBoil())
        : boiling;
  }

  /** Lit so that even the slow edge of the band is on the table in time, on a five-minute mark. */
  private static Timing timing(PlanInputs inputs, Duration lead, Prediction prediction) {
    if (prediction.likely().outcome() instanceof NeverReaches never) {
      return new NotReached(never.why().reason());
    }
    if (prediction.likely().outcome() instanceof OutOfRange beyond) {
      return new NotReached(beyond.what().reason());
    }
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
}
