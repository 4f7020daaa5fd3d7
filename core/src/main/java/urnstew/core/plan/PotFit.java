package urnstew.core.plan;

import java.util.Comparator;
import java.util.Locale;
import java.util.stream.Stream;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.BatchSize;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * How a batch stands in its pot.
 *
 * @param startVolume when everything is in, hot
 * @param endVolume when it is thick enough, hot
 * @param startDepth depth of the first
 * @param endDepth depth of the second
 * @param headroomDepth level that the start should not pass
 * @param fullestVolume at its fullest moment, later additions and the finish counted
 * @param withinHeadroom whether that leaves room for bubbles
 */
public record PotFit(
    Volume startVolume,
    Volume endVolume,
    Length startDepth,
    Length endDepth,
    Length headroomDepth,
    Volume fullestVolume,
    boolean withinHeadroom) {
  /** A batch that was sized by its pot fills it to the line; rounding does not count. */
  private static final double SAME = 1e-4;

  /**
   * Fits a batch into a pot.
   *
   * @throws InvalidInput if it would not go in at all
   */
  static PotFit of(BatchSize size, Vessel vessel, Temperature hot) {
    Volume capacity = vessel.shape().capacity();
    Volume start = volume(size.start(), hot);
    if (start.compareTo(capacity) > 0) {
      throw new InvalidInput(
          "vessel",
          "does-not-fit",
          String.format(
              Locale.ROOT,
              "%.1f kg of sauce, %.1f l, do not go into '%s', which holds %.1f l.",
              size.start().total().kilograms(),
              start.liters(),
              vessel.name(),
              capacity.liters()),
          String.format(Locale.ROOT, "%.1f l", capacity.liters()),
          String.format(
              Locale.ROOT,
              "Choose a pot of %.0f l or more, or make less.",
              Math.ceil(start.liters() / (1 - Hazard.HEADROOM_SHARE))));
    }
    Volume end = volume(size.end(), hot);
    Volume usable = capacity.times(1 - Hazard.HEADROOM_SHARE);
    return new PotFit(
        start,
        end,
        vessel.shape().depthAt(start),
        vessel.shape().depthAt(end),
        vessel.shape().depthAt(usable),
        start,
        start.compareTo(usable) <= 0);
  }

  /**
   * The same along a fall: the fullest moment counts, a lively simmer wants more room, and pieces
   * that were taken out stand beside the pot in the end.
   */
  PotFit along(ReductionCurve fall, Vessel vessel) {
    Volume end = new Volume(Math.max(0, endVolume.cubicMeters() - aside(fall.last())));
    Volume fullest =
        Stream.concat(Stream.of(startVolume, end), fall.states().stream().map(PotState::volume))
            .max(Comparator.naturalOrder())
            .orElseThrow();
    boolean room =
        fall.states().stream().allMatch(state -> hasRoom(state.volume(), state, vessel))
            && hasRoom(startVolume, fall.states().get(0), vessel)
            && end.compareTo(vessel.shape().capacity()) <= 0;
    Length depth = end.equals(endVolume) ? endDepth : vessel.shape().depthAt(end);
    return new PotFit(startVolume, end, startDepth, depth, headroomDepth, fullest, room);
  }

  private static double aside(PotState state) {
    return state.aside().stream()
        .mapToDouble(
            kind -> ThermalProperties.volumeCubicMeters(kind.pieces().whole(), state.celsius()))
        .sum();
  }

  private static boolean hasRoom(Volume volume, PotState state, Vessel vessel) {
    double usable =
        vessel.shape().capacity().cubicMeters() * (1 - Hazard.headroomShare(state.setting()));
    return volume.cubicMeters() <= usable * (1 + SAME);
  }

  static Volume volume(PotContents of, Temperature hot) {
    return of.total().at(ThermalProperties.density(of.everything(), hot));
  }
}
