package urnstew.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.function.DoubleFunction;
import urnstew.core.reduction.ReductionCurve;

/** One point of a fall line. */
public record CurvePoint(
    Instant at,
    double massKilograms,
    double depthMeters,
    double solidsFraction,
    double temperatureCelsius) {
  private static final int SPREAD = 60;

  /** Samples a fall to sixty points, and both sides of every change. */
  public static List<CurvePoint> along(ReductionCurve fall, DoubleFunction<Instant> clock) {
    return fall.sampled(SPREAD).stream()
        .map(
            state ->
                new CurvePoint(
                    clock.apply(state.seconds()),
                    state.mass().kilograms(),
                    state.depth().meters(),
                    state.equivalentSolids().value(),
                    state.celsius()))
        .toList();
  }
}
