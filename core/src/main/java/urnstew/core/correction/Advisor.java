package urnstew.core.correction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.units.Length;
import urnstew.units.Mass;

/**
 * Says which safe reading would now tell most.
 *
 * <p>A reading with slopes j and error σ narrows the variance of the finishing time by (gᵀΣj)²/(σ²
 * + jᵀΣj). A pot that is heavy with its sauce is not to be lifted while it cooks, so a weighing is
 * only named where pot and sauce are light.
 */
public final class Advisor {
  private static final double STEP = 0.03;
  private static final double LIGHT_KILOGRAMS = 4;
  private static final double ON_THE_WAY = 0.4;
  private static final double HARDLY_NARROWER = 0.9;

  private Advisor() {}

  /** Kinds of reading that can be named. */
  public enum Kind {
    PLATE,
    DIP,
    WEIGHING
  }

  /**
   * A reading worth taking.
   *
   * @param kind which
   * @param seconds when, since the start of the program
   * @param halfWidthSeconds of the band without it
   * @param narrowedSeconds half width that would be left
   */
  public record Advice(
      Kind kind, double seconds, double halfWidthSeconds, double narrowedSeconds) {}

  /** The most telling safe reading; empty where none would narrow the band by a tenth. */
  static Optional<Advice> next(
      ModeBand spread, Target target, List<Reading> readings, Instruments instruments) {
    if (!(spread.likely().outcome() instanceof Reaches reaches)) {
      return Optional.empty();
    }
    double last = readings.stream().mapToDouble(Reading::seconds).max().orElse(0);
    double at = last + ON_THE_WAY * (reaches.after().toSeconds() - last);
    PotState then = spread.likely().at(at);
    return candidates(then, target, instruments).stream()
        .map(candidate -> advice(spread, candidate))
        .filter(a -> a.narrowedSeconds() < HARDLY_NARROWER * a.halfWidthSeconds())
        .min(Comparator.comparingDouble(Advice::narrowedSeconds));
  }

  private record Candidate(Kind kind, Reading reading) {}

  private static List<Candidate> candidates(PotState then, Target target, Instruments instruments) {
    List<Candidate> all = new ArrayList<>();
    double at = then.seconds();
    Vessel vessel = then.setting().vessel();
    all.add(
        new Candidate(Kind.DIP, new Reading.Dip("", at, new Length(0), instruments.dipError())));
    if (target instanceof Target.Plate plate) {
      all.add(
          new Candidate(
              Kind.PLATE,
              new Reading.Plate(
                  "", at, plate.spread(), plate.spoonful(), instruments.plateError())));
    }
    if (vessel.emptyMass().plus(then.mass()).kilograms() < LIGHT_KILOGRAMS) {
      all.add(
          new Candidate(
              Kind.WEIGHING, new Reading.Weighing("", at, Mass.ZERO, instruments.scaleError())));
    }
    return all;
  }

  private static Advice advice(ModeBand spread, Candidate candidate) {
    Reading reading = candidate.reading();
    RealVector finish = slope(spread, ReductionCurves::finish);
    RealVector read = slope(spread, fall -> reading.predicted(fall.at(reading.seconds()), 1));
    if (reading instanceof Reading.Plate plate) {
      read = read.add(bodySlope(spread, plate));
    }
    RealMatrix covariance = spread.mode().covariance();
    double variance = covariance.operate(finish).dotProduct(finish);
    RealVector told = covariance.operate(read);
    double gain = told.dotProduct(finish);
    double noise = reading.deviation() * reading.deviation() + told.dotProduct(read);
    double left = Math.max(0, variance - gain * gain / noise);
    return new Advice(
        candidate.kind(),
        reading.seconds(),
        ModeBand.NINE_TENTHS * Math.sqrt(variance),
        ModeBand.NINE_TENTHS * Math.sqrt(left));
  }

  private interface Figure {
    double of(ReductionCurve fall);
  }

  /** How a figure of the fall answers to what is in question. */
  private static RealVector slope(ModeBand spread, Figure figure) {
    ReductionCurves falls = spread.falls();
    double here = figure.of(spread.likely());
    RealVector slope = new ArrayRealVector(falls.questions().size());
    for (int j = 0; j < slope.getDimension(); j++) {
      ParameterEstimate moved =
          ModeBand.moved(spread.mode().estimate(), Map.of(falls.questions().get(j), STEP), 1);
      slope.setEntry(j, (figure.of(falls.under(moved)) - here) / STEP);
    }
    return slope;
  }

  /** The width of a spoonful goes with the body of the product to the power of −1/5. */
  private static RealVector bodySlope(ModeBand spread, Reading.Plate plate) {
    RealVector slope = new ArrayRealVector(spread.falls().questions().size());
    int body = spread.falls().questions().indexOf(Quantity.BODY);
    double width = plate.predicted(spread.likely().at(plate.seconds()), 1);
    slope.setEntry(body, -0.2 * width);
    return slope;
  }
}
