package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;

/**
 * The fall of one pot.
 *
 * @param states in the order of time, the first at 0 s; two at the moment of a change
 * @param outcome whether the end of the last phase is reached
 * @param phaseStarts when each phase that was come to began, s
 */
public record ReductionCurve(List<PotState> states, Outcome outcome, List<Double> phaseStarts) {
  public ReductionCurve {
    states = List.copyOf(states);
    phaseStarts = List.copyOf(phaseStarts);
  }

  public PotState first() {
    return states.get(0);
  }

  public PotState last() {
    return states.get(states.size() - 1);
  }

  /** The state at a time, in a straight line between steps; the last state afterwards. */
  public PotState at(double seconds) {
    int after = firstNotBefore(seconds);
    if (after == 0) {
      return first();
    }
    if (after == states.size()) {
      return last();
    }
    return between(states.get(after - 1), states.get(after), seconds);
  }

  /**
   * States to draw it by: evenly spread in time, and both sides of every change.
   *
   * @param spread how many are evenly spread, at least 2
   */
  public List<PotState> sampled(int spread) {
    List<PotState> sampled = new ArrayList<>();
    int next = 1;
    for (int i = 0; i < spread; i++) {
      double seconds = last().seconds() * i / (spread - 1);
      for (; next < states.size() && states.get(next).seconds() <= seconds; next++) {
        if (states.get(next).seconds() == states.get(next - 1).seconds()) {
          sampled.add(states.get(next - 1));
          sampled.add(states.get(next));
        }
      }
      sampled.add(i == spread - 1 ? last() : at(seconds));
    }
    return sampled;
  }

  /** When a phase begins, s; empty where it is not come to. */
  public Optional<Double> phaseStart(int phase) {
    return phase < phaseStarts.size() ? Optional.of(phaseStarts.get(phase)) : Optional.empty();
  }

  /** Mass of all that is in the pot at a time. */
  public Mass massAt(double seconds) {
    return at(seconds).mass();
  }

  /** Depth in the pot at a time. */
  public Length depthAt(double seconds) {
    return at(seconds).depth();
  }

  /** Water and alcohol leaving around a time, kg/h. */
  public double kilogramsPerHourAt(double seconds) {
    double to = Math.min(seconds + 60, last().seconds());
    double from = Math.max(0, to - 120);
    if (to <= from) {
      return 0;
    }
    return (gone(to) - gone(from)) / (to - from) * 3600;
  }

  private double gone(double seconds) {
    Ledger ledger = at(seconds).ledger();
    return ledger.waterKilograms() + ledger.ethanolKilograms();
  }

  private int firstNotBefore(double seconds) {
    int low = 0;
    int high = states.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (states.get(middle).seconds() < seconds) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static PotState between(PotState a, PotState b, double seconds) {
    double span = b.seconds() - a.seconds();
    double share = span == 0 ? 1 : (seconds - a.seconds()) / span;
    PotContents from = a.contents();
    PotContents to = b.contents();
    PotContents contents =
        new PotContents(
            mixed(from.sauce(), to.sauce(), share),
            from.thickeningKilograms(),
            new Pieces(
                mixed(from.pieces().whole(), to.pieces().whole(), share),
                mixed(from.pieces().juiceKilograms(), to.pieces().juiceKilograms(), share),
                mixed(from.pieces().fatKilograms(), to.pieces().fatKilograms(), share),
                from.pieces().releaseSeconds()));
    return new PotState(
        seconds,
        contents,
        share < 1 ? a.aside() : b.aside(),
        mixed(a.celsius(), b.celsius(), share),
        a.setting(),
        mixed(a.ledger(), b.ledger(), share));
  }

  private static Composition mixed(Composition a, Composition b, double share) {
    return a.times(1 - share).plus(b.times(share));
  }

  private static Ledger mixed(Ledger a, Ledger b, double share) {
    return new Ledger(
        mixed(a.heatInJoules(), b.heatInJoules(), share),
        mixed(a.heatLostJoules(), b.heatLostJoules(), share),
        mixed(a.steamJoules(), b.steamJoules(), share),
        mixed(a.broughtJoules(), b.broughtJoules(), share),
        mixed(a.waterKilograms(), b.waterKilograms(), share),
        mixed(a.ethanolKilograms(), b.ethanolKilograms(), share));
  }

  private static double mixed(double a, double b, double share) {
    return a + share * (b - a);
  }
}
