package urnstew.core.correction;

import java.util.List;
import java.util.Optional;
import urnstew.core.correction.Advisor.Advice;
import urnstew.core.kitchen.Instruments;
import urnstew.core.reduction.Program;

/** A pot fitted to its readings, once for everything that is asked of the fit. */
public final class PotFit {
  private final Predictor predictor;
  private final List<ModeBand> spreads;
  private final Target target;
  private final List<Reading> readings;

  private PotFit(Predictor predictor, Target target, List<Reading> readings) {
    this.predictor = predictor;
    this.spreads = predictor.spreads();
    this.target = target;
    this.readings = readings;
  }

  /**
   * Fits one pot.
   *
   * @param program what is done to it
   * @param target when it is thick enough
   * @param prior what is believed before the readings
   * @param readings taken so far; may be empty
   */
  public static PotFit of(Program program, Target target, Prior prior, List<Reading> readings) {
    return ofEither(List.of(program), target, prior, readings);
  }

  /**
   * Fits one pot of which nobody knows what was done to it.
   *
   * @param ways in which it may have gone, equally likely before the readings
   */
  public static PotFit ofEither(
      List<Program> ways, Target target, Prior prior, List<Reading> readings) {
    return new PotFit(new Predictor(ways, target, prior, readings), target, readings);
  }

  /** How likely each of the ways is in which it may have gone, in their order; 1 in all. */
  public List<Double> waysShares() {
    return predictor.waysShares();
  }

  /** Which of them is the likeliest. */
  public int way() {
    return predictor.way();
  }

  /** When it is thick enough, and how sure that is. */
  public Prediction prediction() {
    return predictor.prediction(spreads);
  }

  /** The most telling safe reading; empty where none would narrow the band by a tenth. */
  public Optional<Advice> advice(Instruments instruments) {
    return Advisor.next(spreads.get(0), target, readings, instruments);
  }
}
