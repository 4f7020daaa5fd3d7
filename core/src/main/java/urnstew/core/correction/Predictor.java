package urnstew.core.correction;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.ReductionCurve;

/**
 * Predicts when a pot is thick enough, before and after readings.
 *
 * <p>Each mode of the fit has an early and a late edge, see {@link ModeBand}. With more than one
 * mode the edges are the twentieths of the mixture of both. Rate and flame may still wander by 5 %
 * from the last reading, or from the start, on.
 */
public final class Predictor {
  private static final double TWENTIETH = 0.05;
  private static final double NEGLIGIBLE = 0.02;

  private final Correction correction;
  private final Prior prior;
  private final ReductionCurves falls;

  Predictor(Program program, Target target, Prior prior, List<Reading> readings) {
    List<Quantity> questions = questions(target, readings);
    this.prior = prior.under(program.setting().heating());
    this.correction = new Correction(program, this.prior, readings, questions);
    this.falls =
        new ReductionCurves(
            program,
            target,
            questions,
            readings.stream().mapToDouble(Reading::seconds).max().orElse(0));
  }

  /**
   * Predicts one pot.
   *
   * @param program what is done to it
   * @param target when it is thick enough
   * @param prior what is believed before the readings
   * @param readings taken so far; may be empty
   */
  public static Prediction predict(
      Program program, Target target, Prior prior, List<Reading> readings) {
    return PotFit.of(program, target, prior, readings).prediction();
  }

  /** The most probable fall alone: without the band it takes a fraction of the time. */
  public static MostProbable likeliest(
      Program program, Target target, Prior prior, List<Reading> readings) {
    Predictor predictor = new Predictor(program, target, prior, readings);
    ParameterEstimate estimate = predictor.correction.modes().get(0).estimate();
    return new MostProbable(predictor.falls.under(estimate), estimate);
  }

  ReductionCurves falls() {
    return falls;
  }

  /** The modes that matter, the most likely first. */
  List<ModeBand> spreads() {
    double drift = prior.deviation(Quantity.DRIFT);
    return correction.modes().stream()
        .filter(mode -> mode.weight() > NEGLIGIBLE)
        .map(mode -> ModeBand.of(mode, falls, drift))
        .toList();
  }

  Prediction prediction(List<ModeBand> spreads) {
    ModeBand best = spreads.get(0);
    return new Prediction(
        best.likely(),
        edge(spreads, -1),
        edge(spreads, 1),
        best.mode().estimate(),
        best.mode().odd());
  }

  /** An edge of the band: of one mode, or of the mixture of several. */
  private ReductionCurve edge(List<ModeBand> spreads, int side) {
    if (spreads.size() == 1) {
      return spreads.get(0).shifted(falls, side);
    }
    SplitNormalMixture mixture =
        new SplitNormalMixture(spreads.stream().map(s -> s.bell(falls)).toList());
    double seconds = mixture.quantile(side < 0 ? TWENTIETH : 1 - TWENTIETH);
    int owner = mixture.owner(seconds);
    return spreads.get(owner).shifted(falls, mixture.standing(owner, seconds));
  }

  /** What is in question at all: only what a reading, or the target, tells of. */
  private static List<Quantity> questions(Target target, List<Reading> readings) {
    List<Quantity> questions = new ArrayList<>();
    questions.add(Quantity.EVAPORATION);
    questions.add(Quantity.POWER);
    questions.add(Quantity.MASS);
    if (readings.stream().anyMatch(Reading.Brix.class::isInstance)) {
      questions.add(Quantity.SOLIDS);
    }
    if (readings.stream().anyMatch(Reading.Warmth.class::isInstance)) {
      questions.add(Quantity.WARMTH);
    }
    if (target instanceof Target.Plate
        || readings.stream().anyMatch(Reading.Plate.class::isInstance)) {
      questions.add(Quantity.BODY);
    }
    return questions;
  }
}
