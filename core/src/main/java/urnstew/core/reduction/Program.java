package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PotContents;
import urnstew.units.Temperature;

/**
 * What is done to one pot from its start: phases of heat and lid, each until its end, additions and
 * removals.
 *
 * @param start what is in it
 * @param temperature of that
 * @param setting pot, burner and air; heat and lid of the first phase
 * @param phases one after the other, at least one
 * @param changes at times counted from the start, whatever phase it is: what was really done
 */
public record Program(
    Filling start,
    Temperature temperature,
    SimmerSetting setting,
    List<Phase> phases,
    List<Change> changes) {
  public Program {
    phases = List.copyOf(phases);
    changes = changes.stream().sorted(Comparator.comparingDouble(Change::seconds)).toList();
    setting = setting.with(phases.get(0).heating()).with(phases.get(0).lid());
  }

  /** A pot that is left as it is until thick, filled from a cupboard at room temperature. */
  public static Program of(SimmerSetting setting, PotContents start) {
    return new Program(
        Filling.of(start),
        setting.surroundings().room(),
        setting,
        List.of(Phase.of(setting.heating(), setting.lid(), new PhaseEnd.Thick())),
        List.of());
  }

  public Program with(List<Change> others) {
    return new Program(start, temperature, setting, phases, others);
  }

  /** The same with other phases. */
  public Program through(List<Phase> others) {
    return new Program(start, temperature, setting, others, changes);
  }

  /** The same with another filling. */
  public Program from(Filling other) {
    return new Program(other, temperature, setting, phases, changes);
  }

  /** The same from another temperature. */
  public Program from(Temperature other) {
    return new Program(start, other, setting, phases, changes);
  }

  /** The phase that answers for the hour: the last one that ends by thickness, else the last. */
  public Phase answering() {
    for (int i = phases.size() - 1; i >= 0; i--) {
      if (phases.get(i).end() instanceof PhaseEnd.Thick) {
        return phases.get(i);
      }
    }
    return phases.get(phases.size() - 1);
  }

  /** The same program, with a stretch that begins at a time. */
  Program dividedAt(double seconds) {
    List<Change> more = new ArrayList<>(changes);
    more.add(new Change.Divided(seconds));
    return with(more);
  }
}
