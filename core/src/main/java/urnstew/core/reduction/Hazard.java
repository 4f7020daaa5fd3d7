package urnstew.core.reduction;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;

/**
 * Something that can go wrong with a pot, and when it first can. All limits are rules of thumb
 * (common practice and assumptions).
 *
 * @param kind what
 * @param after time from the start of the program
 */
public record Hazard(Kind kind, Duration after) {
  /** Share of a pot to leave free for bubbles and spatter: a fifth to a quarter. */
  public static final double HEADROOM_SHARE = 0.22;

  /** The same for a lively boil. */
  public static final double LIVELY_HEADROOM_SHARE = 0.25;

  private static final double SHALLOW_METERS = 0.02;
  private static final double SPITS = 0.12;
  private static final double THICK = 0.09;
  private static final double NEAR_SCORCHING = 0.7;
  private static final double STIR_MINUTES = 3;
  private static final double SHORTEST_MINUTES = 2;
  private static final double LONGEST_MINUTES = 30;

  /** What can go wrong. */
  public enum Kind {
    /** Too full to bubble safely. */
    BOILS_OVER,
    /** Thick sauce at a lively simmer throws drops. */
    SPATTERS,
    /** Much heat through the floor of a thick pot. */
    SCORCHES,
    /** So little is left in it that it can scorch. */
    TOO_SHALLOW
  }

  /** Everything that can go wrong along a fall, each kind at its first moment. */
  public static List<Hazard> along(ReductionCurve fall) {
    List<Hazard> hazards = new ArrayList<>();
    Set<Kind> seen = EnumSet.noneOf(Kind.class);
    List<PotState> states = fall.states();
    for (int i = 0; i < states.size(); i++) {
      PotState state = states.get(i);
      for (Kind kind : at(state, floorFlux(states, i))) {
        if (seen.add(kind)) {
          hazards.add(new Hazard(kind, Duration.ofSeconds(Math.round(state.seconds()))));
        }
      }
    }
    return hazards;
  }

  /** How often to stir to the floor at a time of a fall; empty where nothing can stick. */
  public static Duration stirEvery(ReductionCurve fall, double seconds) {
    List<PotState> states = fall.states();
    int i = 0;
    while (i < states.size() - 1 && states.get(i).seconds() < seconds) {
      i++;
    }
    double load =
        floorFlux(states, i)
            / HeatBalance.mostFloorWattsPerSquareMeter(states.get(i).equivalentSolids().value());
    double minutes = STIR_MINUTES / Math.max(1e-6, load);
    double byEye = Math.max(SHORTEST_MINUTES, Math.min(LONGEST_MINUTES, minutes));
    return Duration.ofMinutes(Math.round(byEye));
  }

  private static Set<Kind> at(PotState state, double flux) {
    Set<Kind> kinds = EnumSet.noneOf(Kind.class);
    double equivalentSolids = state.equivalentSolids().value();
    boolean lively = lively(state.setting());
    double free = headroomShare(state.setting());
    double capacity = state.setting().shape().capacity().cubicMeters();
    if (state.volume().cubicMeters() > (1 - free) * capacity) {
      kinds.add(Kind.BOILS_OVER);
    }
    if (state.depth().meters() < SHALLOW_METERS) {
      kinds.add(Kind.TOO_SHALLOW);
    }
    if (lively && equivalentSolids > SPITS && state.setting().lid() == Lid.OFF) {
      kinds.add(Kind.SPATTERS);
    }
    if (equivalentSolids > THICK
        && flux > NEAR_SCORCHING * HeatBalance.mostFloorWattsPerSquareMeter(equivalentSolids)) {
      kinds.add(Kind.SCORCHES);
    }
    return kinds;
  }

  /** Share of a pot to leave free, so cooked. */
  public static double headroomShare(SimmerSetting setting) {
    return lively(setting) ? LIVELY_HEADROOM_SHARE : HEADROOM_SHARE;
  }

  private static boolean lively(SimmerSetting setting) {
    return setting.heating() instanceof SimmeredByEye byEye
        ? byEye.level() == SimmerLevel.LIVELY
        : !(setting.heating() instanceof InOven);
  }

  /** Heat through the floor just before a state, W/m²; none in the oven. */
  private static double floorFlux(List<PotState> states, int i) {
    int to = Math.max(1, i);
    if (to >= states.size() || states.get(to).setting().heating() instanceof InOven) {
      return 0;
    }
    PotState a = states.get(to - 1);
    PotState b = states.get(to);
    double seconds = b.seconds() - a.seconds();
    double joules = b.ledger().heatInJoules() - a.ledger().heatInJoules();
    return seconds <= 0 ? 0 : joules / seconds / b.setting().shape().floor().squareMeters();
  }
}
