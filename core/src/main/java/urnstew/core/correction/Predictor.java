package urnstew.core.correction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
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

  private final Prior prior;
  private final List<ReductionCurves> falls;
  private final List<Weighed> modes;

  /**
   * A mode of one of the ways in which the pot may have gone.
   *
   * @param weight how likely it is against all others, 0 to 1
   */
  private record Weighed(int way, PosteriorMode mode, double weight) {}

  /**
   * Fits one pot.
   *
   * @param ways in which it may have gone, equally likely before the readings
   * @param target when it is thick enough
   * @param prior what is believed before the readings
   * @param readings taken so far; may be empty
   */
  public Predictor(List<Program> ways, Target target, Prior prior, List<Reading> readings) {
    List<Quantity> questions = questions(target, readings);
    double last = readings.stream().mapToDouble(Reading::seconds).max().orElse(0);
    this.prior = prior.under(ways.get(0).answering().heating());
    this.falls =
        ways.stream().map(way -> new ReductionCurves(way, target, questions, last)).toList();
    this.modes = weighed(readings, questions);
  }

  private List<Weighed> weighed(List<Reading> readings, List<Quantity> questions) {
    List<Weighed> all = new ArrayList<>();
    for (int way = 0; way < falls.size(); way++) {
      Program program = falls.get(way).program();
      for (PosteriorMode mode : new Correction(program, prior, readings, questions).modes()) {
        all.add(new Weighed(way, mode, 0));
      }
    }
    double most = all.stream().mapToDouble(each -> each.mode().logWeight()).max().orElse(0);
    double sum = all.stream().mapToDouble(e -> Math.exp(e.mode().logWeight() - most)).sum();
    return all.stream()
        .map(e -> new Weighed(e.way(), e.mode(), Math.exp(e.mode().logWeight() - most) / sum))
        .sorted(Comparator.comparing(Weighed::weight).reversed())
        .toList();
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
  public MostProbable likeliest() {
    ParameterEstimate estimate = modes.get(0).mode().estimate();
    return new MostProbable(falls.get(way()).under(estimate), estimate);
  }

  /** Which of the ways is the likeliest. */
  public int way() {
    return modes.get(0).way();
  }

  List<Double> waysShares() {
    return IntStream.range(0, falls.size())
        .mapToObj(
            way ->
                modes.stream().filter(mode -> mode.way() == way).mapToDouble(Weighed::weight).sum())
        .toList();
  }

  /** The modes that matter, the most likely first. */
  List<ModeBand> spreads() {
    double drift = prior.deviation(Quantity.DRIFT);
    return modes.stream()
        .filter(mode -> mode.weight() > NEGLIGIBLE)
        .map(mode -> ModeBand.of(falls.get(mode.way()), mode.mode(), mode.weight(), drift))
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
  private static ReductionCurve edge(List<ModeBand> spreads, int side) {
    if (spreads.size() == 1) {
      return spreads.get(0).shifted(side);
    }
    SplitNormalMixture mixture =
        new SplitNormalMixture(spreads.stream().map(ModeBand::bell).toList());
    double seconds = mixture.quantile(side < 0 ? TWENTIETH : 1 - TWENTIETH);
    int owner = mixture.owner(seconds);
    return spreads.get(owner).shifted(mixture.standing(owner, seconds));
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
