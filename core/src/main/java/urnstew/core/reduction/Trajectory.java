package urnstew.core.reduction;

import java.util.List;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.FoodProperties;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * The fall of one pot from the start of the simmer.
 *
 * @param start contents at the start
 * @param shape inside of the pot
 * @param states in the order of time, the first at 0 s
 * @param outcome whether the wanted thickness is reached
 */
public record Trajectory(
    Composition start, RoundShape shape, List<PotState> states, Outcome outcome) {
  public Trajectory {
    states = List.copyOf(states);
  }

  /** The state at a time, in a straight line between steps; the last state afterwards. */
  public PotState at(double seconds) {
    int after = 0;
    while (after < states.size() && states.get(after).seconds() < seconds) {
      after++;
    }
    if (after == 0) {
      return states.get(0);
    }
    if (after == states.size()) {
      return states.get(after - 1);
    }
    PotState a = states.get(after - 1);
    PotState b = states.get(after);
    double share = (seconds - a.seconds()) / (b.seconds() - a.seconds());
    return new PotState(
        seconds,
        a.waterKilograms() + share * (b.waterKilograms() - a.waterKilograms()),
        a.celsius() + share * (b.celsius() - a.celsius()));
  }

  /** Everything in the pot at a time. */
  public Mass massAt(double seconds) {
    return contents(at(seconds)).total();
  }

  /** Depth of the sauce at a time; a pot filled over its rim is full. */
  public Length depthAt(double seconds) {
    return depth(at(seconds));
  }

  /** Depth of the sauce in a state of this pot. */
  public Length depth(PotState state) {
    double volume = FoodProperties.volumeCubicMeters(contents(state), state.celsius());
    return shape.depthAt(new Volume(Math.min(volume, shape.capacity().cubicMeters())));
  }

  /** What the pot holds in a state. */
  public Composition contents(PotState state) {
    return start.withWater(Math.max(0, state.waterKilograms()));
  }

  /** Water leaving around a time, kg/h. */
  public double kilogramsPerHourAt(double seconds) {
    double last = states.get(states.size() - 1).seconds();
    double to = Math.min(seconds + 60, last);
    double from = Math.max(0, to - 120);
    if (to <= from) {
      return 0;
    }
    double lost = at(from).waterKilograms() - at(to).waterKilograms();
    return lost / (to - from) * 3600;
  }

  /** Temperature at the end. */
  public Temperature finalTemperature() {
    return new Temperature(states.get(states.size() - 1).celsius());
  }
}
