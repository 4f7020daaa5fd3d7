package urnstew.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Hazard;
import urnstew.core.sizing.BatchSize;
import urnstew.units.Volume;

/**
 * A batch that is too large for one pot, over as few pots as hold it, each filled alike.
 *
 * @param shares of the batch, one for each pot; they add up to one
 */
public record PotSplit(List<Share> shares) {
  public PotSplit {
    shares = List.copyOf(shares);
  }

  /**
   * What goes into one pot.
   *
   * @param vessel which
   * @param fraction of the batch
   * @param volume at the start, hot
   */
  public record Share(Vessel vessel, double fraction, Volume volume) {}

  /**
   * Splits by what the pots may hold: the largest first, until all of it has room.
   *
   * @param start volume of the whole batch when all is in, hot
   * @param vessels that may be used
   * @param headroomShare share of a pot that stays empty for bubbles and spatter
   * @return empty where all of them together do not hold it
   */
  public static Optional<PotSplit> of(
      Volume start, Collection<Vessel> vessels, double headroomShare) {
    List<Vessel> largestFirst =
        vessels.stream()
            .filter(vessel -> !vessel.tray())
            .sorted(Comparator.comparing((Vessel v) -> v.shape().capacity()).reversed())
            .toList();
    List<Vessel> used = new ArrayList<>();
    double room = 0;
    for (Vessel vessel : largestFirst) {
      used.add(vessel);
      room += usable(vessel, headroomShare);
      if (room >= start.cubicMeters()) {
        return Optional.of(shared(start, used, room, headroomShare));
      }
    }
    return Optional.empty();
  }

  /** Splits what these inputs ask for over the pots of a kitchen. */
  public static Optional<PotSplit> of(PlanInputs inputs, Collection<Vessel> vessels) {
    BatchSize size = inputs.size();
    Volume start = PotFit.volume(size.start(), Planner.simmerTemperature(inputs));
    return of(start, vessels, Hazard.HEADROOM_SHARE);
  }

  /** One plan for each pot; whole covers, the last pot's what is left. */
  public List<PlanInputs> plans(PlanInputs all) {
    List<PlanInputs> plans = new ArrayList<>();
    double left = all.need().covers();
    for (int place = 0; place < shares.size(); place++) {
      boolean last = place == shares.size() - 1;
      double here = last ? left : Math.rint(all.need().covers() * shares.get(place).fraction());
      left -= here;
      if (here > 0) {
        plans.add(
            all.with(all.need().forCovers(here))
                .with(all.setting().with(shares.get(place).vessel())));
      }
    }
    return plans;
  }

  private static PotSplit shared(
      Volume start, List<Vessel> used, double room, double headroomShare) {
    return new PotSplit(
        used.stream()
            .map(
                vessel -> {
                  double fraction = usable(vessel, headroomShare) / room;
                  return new Share(vessel, fraction, start.times(fraction));
                })
            .toList());
  }

  private static double usable(Vessel vessel, double headroomShare) {
    return vessel.shape().capacity().cubicMeters() * (1 - headroomShare);
  }
}
