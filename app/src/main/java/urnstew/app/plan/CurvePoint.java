package urnstew.app.plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.Trajectory;

/** One point of a fall line. */
public record CurvePoint(
    Instant at,
    double massKilograms,
    double depthMeters,
    double solidsFraction,
    double temperatureCelsius) {
  private static final int MOST_POINTS = 60;

  /** Samples a fall to at most sixty points. */
  public static List<CurvePoint> along(Trajectory fall, DoubleFunction<Instant> clock) {
    double end = fall.states().get(fall.states().size() - 1).seconds();
    List<CurvePoint> points = new ArrayList<>();
    for (int i = 0; i < MOST_POINTS; i++) {
      PotState state = fall.at(end * i / (MOST_POINTS - 1));
      points.add(
          new CurvePoint(
              clock.apply(state.seconds()),
              state.mass().kilograms(),
              state.depth().meters(),
              state.thickness().value(),
              state.celsius()));
    }
    return points;
  }
}
