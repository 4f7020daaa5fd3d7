package urnstew.core.reduction;

import java.util.Comparator;
import java.util.List;

/**
 * A part of a program under one heat and one lid, until its end.
 *
 * @param heating how the pot gets its heat
 * @param lid on, ajar or off
 * @param end when the next one begins
 * @param changes what is done in it, in the order of time; seconds are counted from its start
 */
public record Phase(Heating heating, Lid lid, PhaseEnd end, List<Change> changes) {
  public Phase {
    changes = changes.stream().sorted(Comparator.comparingDouble(Change::seconds)).toList();
  }

  /** One with nothing done in it. */
  public static Phase of(Heating heating, Lid lid, PhaseEnd end) {
    return new Phase(heating, lid, end, List.of());
  }

  public Phase with(List<Change> others) {
    return new Phase(heating, lid, end, others);
  }

  /** The same on another heat. */
  public Phase with(Heating other, Lid otherLid) {
    return new Phase(other, otherLid, end, changes);
  }

  /** When the last of what goes in or out has gone, s from its start. */
  double lastFilling() {
    return Change.lastFillingSeconds(changes);
  }
}
