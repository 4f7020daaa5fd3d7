package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import urnstew.core.sauce.PotContents;
import urnstew.units.Temperature;

/**
 * What is done to one pot from its start: stages of heat and lid, additions and removals.
 *
 * @param start what is in it
 * @param temperature of that
 * @param setting how and where it starts to cook
 * @param changes in the order of time
 */
public record Program(
    PotContents start, Temperature temperature, SimmerSetting setting, List<Change> changes) {
  public Program {
    changes = changes.stream().sorted(Comparator.comparingDouble(Change::seconds)).toList();
  }

  /** A pot that is left as it is, filled from a cupboard at room temperature. */
  public static Program of(SimmerSetting setting, PotContents start) {
    return new Program(start, setting.surroundings().room(), setting, List.of());
  }

  public Program with(List<Change> others) {
    return new Program(start, temperature, setting, others);
  }

  /** How it cooks at a time. */
  public SimmerSetting settingAt(double seconds) {
    SimmerSetting at = setting;
    for (Change change : changes) {
      if (change instanceof Change.SetOtherwise other && change.seconds() <= seconds) {
        at = other.setting();
      }
    }
    return at;
  }

  /** The same program, with a stretch that begins at a time. */
  Program dividedAt(double seconds) {
    List<Change> more = new ArrayList<>(changes);
    more.add(new Change.SetOtherwise(seconds, settingAt(seconds)));
    return with(more);
  }

  /** When the last of what is planned to go in or out has gone, s. */
  double lastFilling() {
    return changes.stream()
        .filter(change -> !(change instanceof Change.SetOtherwise))
        .mapToDouble(Change::seconds)
        .max()
        .orElse(0);
  }
}
