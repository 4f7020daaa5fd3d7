package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import urnstew.core.balance.InPot;
import urnstew.core.batch.BatchEvent.PiecesTakenOut;
import urnstew.core.batch.Forecast.Doubt;
import urnstew.core.batch.Forecast.ReadingMark;
import urnstew.core.correction.Advisor.Advice;
import urnstew.core.correction.MostProbable;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.correction.PotFit;
import urnstew.core.correction.PotWorking;
import urnstew.core.correction.Prediction;
import urnstew.core.correction.Predictor;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Reading;
import urnstew.core.correction.Target;
import urnstew.core.correction.Telling;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.Entry;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.PotProgram;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.HeatBalance;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Need;
import urnstew.units.Mass;

/** Turns a batch's history into a forecast. */
public final class Forecaster {
  /** Density of water at the boil, kg/m³ (steam tables). */
  private static final double WATER_AT_THE_BOIL = 958;

  private Forecaster() {}

  /**
   * What was done to a pot and read of it.
   *
   * @param unsaid what was due and nobody said
   * @param ways in which the pot may have gone by that
   * @param programs of the ways: what was done to the pot and still will be
   * @param readings of it
   * @param telling those of them that the fit is given
   */
  private record Known(
      BatchLines lines,
      Unsaid unsaid,
      List<BatchHistory> ways,
      List<Program> programs,
      List<Reading> readings,
      List<Reading> telling) {
    static Known of(BatchHistory history, Instant now) {
      PlanInputs inputs = history.snapshot().inputs();
      BatchSize size = inputs.size();
      BatchLines lines = new BatchLines(history, size.batch());
      ProgramOfBatch batch = new ProgramOfBatch(history);
      Program planned = batch.program(lines);
      Unsaid unsaid = new Unsaid(history, asBelieved(history, planned), lines.all(), now);
      List<BatchHistory> ways = unsaid.ways();
      List<Program> programs = new ArrayList<>(List.of(planned));
      ways.stream()
          .skip(1)
          .map(way -> new ProgramOfBatch(way).program(lines))
          .forEach(programs::add);
      List<Reading> readings = batch.readings();
      return new Known(lines, unsaid, ways, programs, readings, Telling.of(readings));
    }

    /** The fall before any reading. */
    private static ReductionCurve asBelieved(BatchHistory history, Program program) {
      Prior prior = history.snapshot().inputs().prior();
      return new Predictor(List.of(program), history.target(), prior, List.of()).likeliest().fall();
    }
  }

  /**
   * The pot by what went in, without the band and the advice that take a forecast its time.
   *
   * @param now what was due before and nobody said may not be done yet
   */
  public static BatchParts parts(BatchHistory history, Instant now) {
    Known pot = Known.of(history, now);
    Prior prior = history.snapshot().inputs().prior();
    Predictor fit = new Predictor(pot.programs(), history.target(), prior, pot.telling());
    MostProbable likeliest = fit.likeliest();
    double moment = moment(likeliest.fall(), pot.readings());
    return new BatchParts(
        pot.ways().get(fit.way()),
        pot.lines().all(),
        pot.lines().asPoured(),
        likeliest,
        likeliest.fall().kilogramsPerHourAt(moment));
  }

  /** All that went into a finished batch, in what came of it: what its tubs carry. */
  public static InPot made(BatchHistory done) {
    BatchParts parts = parts(done, done.finished().orElseThrow().at());
    PotContents end = end(done, parts.fall(), parts.asPoured());
    return parts.madeOf(end);
  }

  /**
   * Lines that are surely not in where a batch was stopped, by their places. What was due and
   * nobody said may be in, whatever a reading makes likely: whoever eats of it is told.
   */
  static List<Integer> surelyToCome(BatchHistory stopped) {
    Instant at = stopped.finished().orElseThrow().at();
    Set<String> perhapsIn =
        Known.of(stopped, at).unsaid().overdue().stream()
            .map(NextStep::key)
            .collect(Collectors.toSet());
    BatchParts parts = parts(stopped, at);
    SimmerPhases phases = parts.asPoured().phases();
    return parts.toCome(stopped.stoppedSeconds().orElseThrow()).stream()
        .filter(
            line -> {
              Entry entry = phases.entry(parts.asPoured().portions().get(line));
              return !perhapsIn.contains(PotProgram.key(line, entry));
            })
        .toList();
  }

  /**
   * The forecast that follows from everything recorded so far.
   *
   * @param now what was due before and nobody said may not be done yet
   */
  public static Forecast forecast(BatchHistory history, Instant now) {
    PlanInputs inputs = history.snapshot().inputs();
    Known pot = Known.of(history, now);
    BatchLines lines = pot.lines();
    List<Reading> readings = pot.readings();
    Target target = history.target();
    PotFit fit = PotFit.ofEither(pot.programs(), target, inputs.prior(), pot.telling());
    Prediction prediction = fit.prediction();
    double moment = moment(prediction.likely(), readings);
    double rate = prediction.likely().kilogramsPerHourAt(moment);
    BatchParts parts =
        new BatchParts(
            pot.ways().get(fit.way()), lines.all(), lines.asPoured(), prediction.likeliest(), rate);
    Optional<Unfinished> stopped = Unfinished.of(history);
    PotContents end =
        stopped
            .map(Unfinished::contents)
            .orElseGet(() -> end(history, prediction.likely(), lines.asPoured()));
    InPot sauce = stopped.map(Unfinished::ofTheSauce).orElseGet(() -> parts.end(end));
    double salt = sauce.saltKilograms() / sauce.mass().kilograms();
    Mass beside = beside(history, prediction.likely(), lines.asPoured());
    double portions = portions(inputs.need(), end.total().plus(beside));
    Duration stirEvery = Hazard.stirEvery(prediction.likely(), moment);
    Optional<Advice> advice = fit.advice(history.snapshot().instruments());
    return new Forecast(
        history.simmerStartedAt(),
        prediction,
        rate,
        stirEvery,
        lines.all(),
        readings.stream().map(reading -> mark(reading, prediction.likely())).toList(),
        new NextSteps(history, prediction.likely(), moment).all(lines.all(), stirEvery, advice),
        doubts(pot.unsaid(), fit.waysShares()),
        pot.unsaid().reckonAgainAt(),
        end,
        beside,
        salt,
        portions,
        advice,
        readings.size(),
        new Noticed(history, prediction, moment, readings.size()).all(),
        List.of(
            PotWorking.of("thickAt", target, prediction, readings.size()),
            rateWorking(rate, prediction),
            endWorking(end, beside, salt, portions, lines.factor()),
            stepsWorking(prediction, stirEvery, moment, advice)));
  }

  private static List<Doubt> doubts(Unsaid unsaid, List<Double> shares) {
    return unsaid.overdue().stream()
        .map(step -> new Doubt(step.key(), unsaid.doneShare(step, shares)))
        .toList();
  }

  /** Water leaves, so that a depth that differs stands for so much water at the boil. */
  private static ReadingMark mark(Reading reading, ReductionCurve likely) {
    PotState then = likely.at(reading.seconds());
    double kilograms = then.mass().kilograms();
    if (reading instanceof Reading.Weighing weighing) {
      kilograms = weighing.net().kilograms();
    } else if (reading instanceof Reading.Dip dip) {
      double surface = then.setting().shape().surfaceAt(dip.depth()).squareMeters();
      double deeper = dip.depth().meters() - then.depth().meters();
      kilograms += deeper * surface * WATER_AT_THE_BOIL;
    }
    boolean ofMass = reading instanceof Reading.Weighing || reading instanceof Reading.Dip;
    return new ReadingMark(reading.key(), reading.seconds(), Math.max(0, kilograms), ofMass);
  }

  private static double moment(ReductionCurve likely, List<Reading> readings) {
    if (!readings.isEmpty()) {
      return readings.get(readings.size() - 1).seconds();
    }
    return likely.outcome() instanceof Reaches reaches
        ? reaches.after().toSeconds() / 2.0
        : Duration.ofHours(1).toSeconds();
  }

  /** What is lifted out and thrown away is not served; it is out already where somebody said so. */
  private static PotContents end(
      BatchHistory history, ReductionCurve likely, ResolvedFormula asPoured) {
    PotContents all = asPoured.finished(likely.last().contents());
    return history.counting(PiecesTakenOut.class).isEmpty()
        ? all.without(asPoured.discarded())
        : all;
  }

  /**
   * What the formula itself takes out is eaten; what else was taken out went its own way. Where it
   * was stopped all is kept together.
   */
  private static Mass beside(
      BatchHistory history, ReductionCurve likely, ResolvedFormula asPoured) {
    if (history.stoppedSeconds().isPresent()) {
      return Mass.ZERO;
    }
    Set<String> moved = asPoured.phases().moved();
    return likely.last().aside().stream()
        .filter(kind -> moved.contains(kind.key()))
        .map(kind -> kind.pieces().whole().total())
        .reduce(Mass.ZERO, Mass::plus);
  }

  private static double portions(Need need, Mass end) {
    double each = need.serving().kilograms() * (1 + Need.CLING_SHARE);
    return end.kilograms() / each;
  }

  private static Working rateWorking(double rate, Prediction prediction) {
    return new Working(
        "rate",
        "Water leaving the pot around the last reading, from the corrected fall.",
        "ṁ = Δm / Δt",
        List.of(
            new Term("water leaving", "ṁ", rate, "kg/h"),
            new Term(
                "this pot against the assumed",
                "f",
                prediction.estimate().factor(Quantity.EVAPORATION),
                ""),
            new Term(
                "heat against the assumed",
                "f_P",
                prediction.estimate().factor(Quantity.POWER),
                ""),
            new Term(
                "put in against the plan", "f_m", prediction.estimate().factor(Quantity.MASS), ""),
            new Term("body of this product", "b", prediction.estimate().bodyFactor(), "")),
        List.of("The rate stays as it is: nobody touches knob or lid"),
        List.of("Conservation of mass"),
        Confidence.MEASURED);
  }

  private static Working stepsWorking(
      Prediction prediction, Duration stirEvery, double moment, Optional<Advice> advice) {
    PotState now = prediction.likely().at(moment);
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("thickness now", "s", now.equivalentSolids().percent(), "% solids"));
    terms.add(
        new Term(
            "most the floor may give at that thickness",
            "q_s",
            HeatBalance.mostFloorWattsPerSquareMeter(now.equivalentSolids().value()) / 1000,
            "kW/m²"));
    terms.add(new Term("stir every", "t", stirEvery.toSeconds() / 60.0, "min"));
    advice.ifPresent(
        reading -> {
          terms.add(new Term("band to each side", "b", reading.halfWidthSeconds() / 60, "min"));
          terms.add(new Term("with that reading", "b'", reading.narrowedSeconds() / 60, "min"));
        });
    return new Working(
        "steps",
        "Stirring goes with the heat through the floor against what scorches at that thickness. The"
            + " reading to take is the one that would narrow the band most. Salt reads stronger as"
            + " the same grams stand in less sauce.",
        "t_stir = 3 min · q_s / q,  b'² = b² − (gᵀΣj)²/(σ² + jᵀΣj),  w'/w = m/m'",
        terms,
        List.of(
            "Tasting is due a quarter of an hour before the end",
            "A pot that is heavy with its sauce is not to be lifted onto a scale"),
        List.of("Common practice", "Error propagation"),
        Confidence.ASSUMED);
  }

  private static Working endWorking(
      PotContents end, Mass beside, double salt, double portions, double factor) {
    return new Working(
        "endMass",
        "What is in the pot when it is thick enough, and what goes in at the finish. What was"
            + " poured takes the place of the plan, and what follows is rescaled with it.",
        "m = m_thick + Σ m_finish,  n = (m + m_b) / (m₁ · (1 + c))",
        List.of(
            new Term("what the pot holds against the plan", "k", factor, ""),
            new Term("sauce with pieces at the end", "m", end.total().kilograms(), "kg"),
            new Term("pieces beside it", "m_b", beside.kilograms(), "kg"),
            new Term("thickness then", "s", end.equivalentSolids().percent(), "% solids"),
            new Term("salt", "w", 100 * salt, "%"),
            new Term("servings", "n", portions, "")),
        List.of("Salt stays in the pot, also what the cans bring"),
        List.of("Conservation of mass"),
        Confidence.EXACT);
  }
}
