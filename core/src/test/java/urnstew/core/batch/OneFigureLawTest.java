package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.balance.CupTrial;
import urnstew.core.balance.CupTrial.Cup;
import urnstew.core.balance.InPot;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.CupsTried;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.LadledOut;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.BatchEvent.StruckOut;
import urnstew.core.correction.Target;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PotProgram;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * Law 6: what the pot's page says of the end and what its balance says of the end is one figure,
 * whatever was poured, added, tried, struck out, lifted and ladled out, ended and not ended after
 * all, baked at the end or not. Two ways lead there: the fall with its heat and time, and the parts
 * with what has yet to leave and to go in.
 */
class OneFigureLawTest {
  private static final List<Formula> SHELF =
      ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();
  private static final List<Ingredient> GOODS = List.copyOf(ReferencePantry.load().all());
  private static final Instant LATER = Samples.NOON.plus(Duration.ofHours(7));

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void theEndIsOneFigureOnEveryScreen(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 20; i++) {
      BatchHistory history = happened(start(random), random);
      Forecast forecast = Samples.forecast(history);
      ReductionCurve likely = forecast.prediction().likely();
      double done =
          history.events().stream()
              .mapToDouble(event -> Math.max(0, history.simmerSeconds(event.at())))
              .max()
              .orElse(0);
      double end = likely.last().seconds();
      if (likely.outcome() instanceof Reaches && done < end) {
        held(history, forecast, done + (end - done) * random.nextDouble());
      }
    }
  }

  private static void held(BatchHistory history, Forecast forecast, double seconds) {
    String name = history.snapshot().inputs().formula().formula().id() + history.events();
    BatchParts parts = Samples.parts(history);
    InPot now = parts.at(seconds);
    RemainingProcess course = parts.course(seconds, List.of());
    InPot after = course.after(now);
    double made = parts.end(forecast.end()).mass().kilograms();
    assertEquals(made, after.mass().kilograms(), 5e-4 * made, name);
    double salt = after.saltKilograms() / after.mass().kilograms();
    assertEquals(forecast.saltShare(), salt, 3e-3 * salt, name);
    double goesIn =
        Stream.concat(course.onTheWay().stream(), course.finish().stream())
            .mapToDouble(part -> part.mass().kilograms())
            .sum();
    assertEquals(
        now.mass().kilograms() + goesIn - course.toLose(now).kilograms(),
        after.mass().kilograms(),
        1e-9,
        name);
  }

  private static BatchHistory start(Random random) {
    Formula shelved = SHELF.get(random.nextInt(SHELF.size()));
    Formula formula = random.nextInt(3) == 0 ? Samples.bakedAtLast(shelved) : shelved;
    ResolvedFormula resolved =
        ResolvedFormula.of(formula.choosing(List.of()), ReferenceFormulas.larder());
    BatchSnapshot like = Samples.lit(1).snapshot();
    PlanInputs inputs =
        like.inputs().with(resolved).with(new Target.Solids(formula.target().orElseThrow()));
    return new BatchHistory(
        new BatchSnapshot(
            inputs, like.preparation(), like.instruments(), like.clock(), like.modelVersion()),
        List.of());
  }

  private static BatchHistory happened(BatchHistory start, Random random) {
    BatchHistory history = start;
    for (int i = 0; i < random.nextInt(5); i++) {
      Instant at = Samples.NOON.plusSeconds(60L * (1 + 5 * i));
      UUID id = new UUID(random.nextLong(), i);
      history = happened(history, event(history, id, at, random));
    }
    return random.nextInt(3) == 0 ? endedAndNot(history, random) : history;
  }

  /** Somebody ended it by mistake and took that back: it goes on as if nothing had been. */
  private static BatchHistory endedAndNot(BatchHistory history, Random random) {
    Instant at = Samples.NOON.plusSeconds(60 * 26);
    UUID end = new UUID(random.nextLong(), 90);
    BatchHistory ended =
        happened(history, new Finished(end, at, Optional.of(Mass.ofKilograms(4)), "", false));
    return happened(
        ended, new StruckOut(new UUID(random.nextLong(), 91), at, end, "still on the stove"));
  }

  /** What the rules refuse has not happened. */
  private static BatchHistory happened(BatchHistory before, BatchEvent event) {
    try {
      return before.with(event, LATER);
    } catch (InvalidInput refused) {
      return before;
    }
  }

  private static BatchEvent event(BatchHistory history, UUID id, Instant at, Random random) {
    int lines = history.snapshot().inputs().formula().portions().size();
    return switch (random.nextInt(9)) {
      case 0 -> new Poured(id, at, random.nextInt(lines), Mass.ofGrams(random.nextInt(900)));
      case 1 ->
          new Added(
              id,
              at,
              GOODS.get(random.nextInt(GOODS.size())),
              Mass.ofGrams(1.0 + random.nextInt(400)),
              Temperature.ofCelsius(20));
      case 2 -> new CupsTried(id, at, cups(random));
      case 3 -> new PiecesTakenOut(id, at, List.of());
      case 4 -> struckOut(history, id, at, random);
      case 7 -> cameOver(history, id, at, random);
      case 5, 6 -> new StepDone(id, at, step(history, random));
      default -> new LadledOut(id, at, Mass.ofGrams(200));
    };
  }

  /** Of a stage that has a pan of its own, where there is one. */
  private static BatchEvent cameOver(BatchHistory history, UUID id, Instant at, Random random) {
    ResolvedFormula batch = history.snapshot().inputs().size().batch();
    for (int stage = 0; stage < batch.formula().stages().size(); stage++) {
      if (batch.formula().stages().get(stage).isBeside()) {
        return new BatchEvent.CameOver(
            id, at, stage, batch.massOf(stage).times(0.1 + 0.9 * random.nextDouble()));
      }
    }
    return new LadledOut(id, at, Mass.ofGrams(100));
  }

  /** Another phase began, or pieces were moved, whether the formula knows of it or not. */
  private static String step(BatchHistory history, Random random) {
    List<Stage> stages = history.snapshot().inputs().formula().formula().stages();
    return random.nextBoolean()
        ? PotProgram.phase(1 + random.nextInt(2))
        : PotProgram.move(random.nextInt(stages.size()), random.nextInt(2));
  }

  private static CupTrial cups(Random random) {
    Cup plain = new Cup(List.of(), "");
    return new CupTrial(
        Mass.ofGrams(30), Collections.nCopies(2 + random.nextInt(4), plain), 1, Optional.empty());
  }

  private static BatchEvent struckOut(BatchHistory history, UUID id, Instant at, Random random) {
    List<BatchEvent> before =
        history.events().stream().filter(e -> !(e instanceof StruckOut)).toList();
    return before.isEmpty()
        ? new LadledOut(id, at, Mass.ofGrams(50))
        : new StruckOut(id, at, before.get(random.nextInt(before.size())).id(), "wrong pot");
  }
}
